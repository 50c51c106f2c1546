import { STEPS } from "@/core/drill";
import { ChoiceButton, TryAgain } from "@/ui/controls";
import { SilentStrings } from "@/ui/grip";
import { NoteText } from "@/ui/text";
import { JudgeBar } from "./JudgeBar";
import { ListenPanel } from "./ListenPanel";
import { RoundPanel } from "./RoundPanel";
import { TrainerPanel } from "./TrainerPanel";
import { useDrillPlay, type DrillPlayInput } from "./useDrillPlay";
import { STEP_WORDS } from "@/features/practice/state";

/** A drill that is played: a round on the clock, one key for how it went, and the next at the tempo that follows. */
export function PlayedRunner(props: DrillPlayInput) {
  const { placed, drill } = props;
  const { neck } = placed;
  const play = useDrillPlay(props);
  const { laidOut, problem, step, setStep, runner, ear } = play;
  const shown = laidOut && runner.phase !== "playing" ? laidOut : null;
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
      <div className="grid gap-3 md:grid-cols-2">
        <TrainerPanel />
        <ListenPanel ear={ear} />
      </div>
    </div>
  );
}
