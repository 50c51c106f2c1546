import { degreeName } from "@/core/pitch";
import { toneName, type Voicing } from "@/core/voicing";
import { ChoiceButton } from "@/ui/controls";
import { NoteText, spokenNotes } from "@/ui/text";

/** Registers from high to low: semitones of their root, and what they are called. */
const REGISTERS = [
  [24, "two octaves up"],
  [12, "an octave up"],
  [0, "from the root"],
  [-12, "below the root"],
] as const;
const DEGREES = Array.from({ length: 12 }, (_, degree) => degree);

interface VoicingLadderProps {
  readonly voicing: Voicing;
  readonly onToggle: (tone: number) => void;
}

/** Every tone that a voicing may hold: a row for each register, a column for each degree. */
export function VoicingLadder({ voicing, onToggle }: VoicingLadderProps) {
  return (
    <div role="group" aria-label="Tones, by register and degree" className="space-y-1">
      {REGISTERS.map(([register, name]) => (
        <div key={register} className="items-center gap-2 sm:flex">
          <span className="block w-28 shrink-0 text-[15px] text-muted">{name}</span>
          <div className="grid flex-1 grid-cols-12 gap-0.5">
            {DEGREES.map((degree) => {
              const tone = register + degree;
              return (
                <ChoiceButton
                  key={tone}
                  pressed={voicing.includes(tone)}
                  label={`${spokenNotes(degreeName(degree))} ${name}`}
                  onPress={() => onToggle(tone)}
                  className="figures min-w-0 text-[16px]"
                >
                  <NoteText>{toneName(tone)}</NoteText>
                </ChoiceButton>
              );
            })}
          </div>
        </div>
      ))}
    </div>
  );
}
