import { Pause, Play, SkipForward, Undo2, X } from "lucide-react";
import { blockOf, leftS, remainingS, type Sitting } from "@/core/practice";
import { useKeys } from "@/ui/controls";
import { NoteText } from "@/ui/text";
import { QuestionRunner } from "@/features/practice/drill";
import { BreakView } from "./BreakView";
import { type PlacedDrill } from "@/features/practice/state";
import { PlayedRunner } from "@/features/practice/drill";
import { SITTING_KEYS } from "@/features/practice/state";
import { type PracticeData } from "@/features/practice/state";
import { type SittingState } from "@/features/practice/today";
import { clockText } from "@/features/practice/state";

interface SittingViewProps {
  readonly state: SittingState;
  readonly sitting: Sitting;
  readonly data: PracticeData;
  /** The drill of a key; undefined where there is none any more. */
  readonly placedOf: (key: string) => PlacedDrill | undefined;
  /** Drills of the song are still being worked out. */
  readonly isLoading: boolean;
}

/** One part of a sitting after the other, with nothing else on the page. */
export function SittingView({ state, sitting, data, placedOf, isLoading }: SittingViewProps) {
  const { next, leave, undo, setPaused, record } = state;
  const { isPaused, blocks, at, rounds } = sitting;
  const block = blockOf(sitting);
  const placed = block?.kind === "drill" ? placedOf(block.drill) : undefined;
  useKeys(SITTING_KEYS, { undo, pause: () => setPaused(!isPaused), next, leave });

  const isLast = at === blocks.length - 1;
  const isTimeUp = leftS(sitting) <= 0;
  return (
    <section
      aria-label="Sitting"
      className="fixed inset-0 z-10 flex flex-col gap-4 overflow-y-auto bg-ground p-4 sm:p-6"
    >
      <header className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <h2 className="text-2xl font-bold">
          <NoteText>
            {block?.kind === "break" ? "Break" : (placed?.drill.name ?? "Practice")}
          </NoteText>
        </h2>
        <p className="figures text-2xl" role="timer" aria-label="Time left of this part">
          {isTimeUp ? "last round" : clockText(leftS(sitting))}
        </p>
        <p className="figures text-lg text-muted">
          {`part ${at + 1} of ${blocks.length} · ${Math.ceil(remainingS(sitting) / 60)} min left`}
        </p>
        <div className="ml-auto flex flex-wrap gap-2">
          <button type="button" className="button" disabled={rounds.length === 0} onClick={undo}>
            <Undo2 size={18} aria-hidden="true" /> <Label>Undo</Label>
          </button>
          <button type="button" className="button" onClick={() => setPaused(!isPaused)}>
            {isPaused ? (
              <Play size={18} aria-hidden="true" />
            ) : (
              <Pause size={18} aria-hidden="true" />
            )}
            <Label>{isPaused ? "Go on" : "Pause"}</Label>
          </button>
          <button type="button" className="button" onClick={next}>
            <SkipForward size={18} aria-hidden="true" />{" "}
            <Label>{isLast ? "Finish" : "Next part"}</Label>
          </button>
          <button
            type="button"
            className="button px-3"
            aria-label="Leave; the sitting waits"
            onClick={leave}
          >
            <X size={22} aria-hidden="true" />
          </button>
        </div>
      </header>
      {isPaused && <p className="text-xl font-semibold">Paused.</p>}
      {block?.kind === "break" && <BreakView onNext={next} />}
      {block?.kind === "drill" && !placed && (
        <div className="flex flex-1 flex-col items-center justify-center gap-4 text-xl">
          <p>
            {isLoading
              ? "Working out the drills of your song…"
              : "This drill’s guitar, tuning or song is no longer there. The others go on."}
          </p>
          {!isLoading && (
            <button type="button" className="button button-primary" onClick={next}>
              Next part
            </button>
          )}
        </div>
      )}
      {placed?.drill.how === "played" && (
        <PlayedRunner
          key={`${at} ${placed.drill.key}`}
          placed={placed}
          drill={placed.drill}
          sitting={sitting}
          data={data}
          isWarmUp={block?.kind === "drill" && block.why === "warm-up"}
          isPaused={isPaused}
          isTimeUp={isTimeUp}
          onRound={record}
          onOver={next}
        />
      )}
      {placed?.drill.how === "asked" && (
        <QuestionRunner
          key={`${at} ${placed.drill.key}`}
          placed={placed}
          drill={placed.drill}
          data={data}
          isPaused={isPaused}
          isTimeUp={isTimeUp}
          onRound={record}
          onOver={next}
        />
      )}
    </section>
  );
}

/** Beside its picture; on a phone the picture stands for it. */
function Label({ children }: { readonly children: string }) {
  return <span className="max-sm:sr-only">{children}</span>;
}
