import { type StrikeTiming } from "@/core/practice";
import { RESULTS } from "@/core/recall";
import { useRig } from "@/session";
import { KeyCap } from "@/ui/controls";
import { type DrillPlay } from "./useDrillPlay";
import { offText, RESULT_WORDS } from "@/features/practice/state";

/** The one thing to do next: start, stop, or say how the round went; and what was heard of it. */
export function JudgeBar({ play }: { readonly play: DrillPlay }) {
  const { laidOut, runner, suggested, judge, forward, ear } = play;
  const { phase, round, stop } = runner;
  const { latencyMs } = useRig().profile.practice;
  return (
    <>
      {phase === "ready" && (
        <button
          type="button"
          className="button button-primary min-h-14 px-8 text-xl"
          disabled={!laidOut}
          onClick={forward}
        >
          Start the round <KeyCap of=" " onButton />
        </button>
      )}
      {phase === "playing" && (
        <button type="button" className="button min-h-14 px-8 text-xl" onClick={stop}>
          Stop
        </button>
      )}
      {phase === "judging" && (
        <div role="group" aria-label="How did it go?" className="flex flex-wrap gap-3">
          {RESULTS.map((result, index) => (
            <button
              key={result}
              type="button"
              className={`button min-h-14 px-6 text-xl ${suggested === result ? "button-primary" : ""}`}
              onClick={() => judge(result)}
            >
              {RESULT_WORDS[result]} <KeyCap of={String(index + 1)} onButton />
            </button>
          ))}
        </div>
      )}
      {round?.timing && (
        <p role="status" className="figures text-lg">
          {heardText(round.timing, ear.listened === "microphone" && latencyMs === null)}
        </p>
      )}
    </>
  );
}

/** What was heard of a round, and how sure that is. */
function heardText(timing: StrikeTiming, isUnmeasured: boolean): string {
  const { heard, expected, medianMs, spreadMs, isUnsure } = timing;
  const strums = `${heard} of ${expected} strums detected`;
  if (isUnsure || medianMs === null || spreadMs === null) {
    return `Not sure: ${strums}${isUnmeasured ? ", and the delay is not measured" : ""}.`;
  }
  return `${offText(medianMs)}, spread ${Math.round(spreadMs)} ms; ${strums}.`;
}
