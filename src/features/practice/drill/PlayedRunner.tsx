import { STEPS, type PlayedDrill } from "@/core/drill";
import { tightestAt } from "@/core/practice";
import { useRig, useView } from "@/session";
import { ChoiceButton, TryAgain } from "@/ui/controls";
import { SilentStrings } from "@/ui/grip";
import { ChangeOnNeck } from "@/ui/neck";
import { NoteText } from "@/ui/text";
import { JudgeBar } from "./JudgeBar";
import { ListenPanel } from "./ListenPanel";
import { RoundPanel } from "./RoundPanel";
import { TrainerPanel } from "./TrainerPanel";
import { useDrillPlay, type DrillPlayInput } from "./useDrillPlay";
import { type LaidOut } from "./usePlayedDrill";
import { STEP_WORDS } from "@/features/practice/state";

/** A drill that is played: a round on the clock, one key for how it went, and the next at the tempo that follows. */
export function PlayedRunner(props: DrillPlayInput) {
  const { placed, drill } = props;
  const { neck, guitar } = placed;
  const { accidentals } = useRig().profile;
  const { thickOnTop, spacing } = useView().view;
  const play = useDrillPlay(props);
  const { laidOut, problem, step, setStep, runner, ear } = play;
  const shown = laidOut && runner.phase !== "playing" ? laidOut : null;
  const jump = shown && jumpOf(shown, drill);
  const held = shown?.route.timed.stops[0]?.fingering;
  return (
    <div className="flex flex-1 flex-col gap-4">
      <p className="text-xl">
        <NoteText>{drill.say}</NoteText>
      </p>
      {problem && <TryAgain onRetry={play.retry}>{problem}</TryAgain>}
      <RoundPanel placed={placed} drill={drill} play={play} />
      <div className="flex flex-wrap items-center gap-3">
        <JudgeBar play={play} />
        <div role="group" aria-label="How much of it" className="ml-auto flex flex-wrap gap-1">
          {STEPS.map((each) => (
            <ChoiceButton
              key={each}
              pressed={step === each}
              onPress={() => setStep(each)}
              className="px-3"
            >
              {STEP_WORDS[each]}
            </ChoiceButton>
          ))}
        </div>
      </div>
      {drill.showsSilence && held && (
        <SilentStrings damping={held.damping} strings={neck.midi.length} />
      )}
      {jump && !drill.showsSilence && (
        <ChangeOnNeck
          neck={neck}
          leftHanded={guitar.leftHanded}
          thickOnTop={thickOnTop}
          spacing={spacing}
          accidentals={accidentals}
          {...jump}
        />
      )}
      <div className="grid gap-3 md:grid-cols-2">
        <TrainerPanel />
        <ListenPanel ear={ear} />
      </div>
    </div>
  );
}

/** The tightest change of the drill, with the grips on both of its sides. */
function jumpOf({ arrangement, route }: LaidOut, { bars }: PlayedDrill) {
  const at = tightestAt(arrangement, route, bars);
  if (at === null) return null;
  const change = route.timed.changes[at];
  const [from, to] = [at, at + 1].map((stop) => {
    const chord = arrangement.chords[route.played[stop] ?? -1];
    const fingering = route.timed.stops[stop]?.fingering;
    return chord && fingering ? { chord, fingering } : null;
  });
  return change && from && to ? { change, from, to } : null;
}
