import { pitchClass } from "@/core/pitch";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";

interface NoteChoiceProps {
  /** What the next letter is moved by: a sharp or a flat was pressed. */
  readonly shift: -1 | 0 | 1;
  readonly isDisabled: boolean;
  readonly onNote: (pitchClass: number) => void;
}

const TWELVE = Array.from({ length: 12 }, (_, index) => index);

/** The twelve notes to answer with; letters are keys too, # and l before one move it half a step. */
export function NoteChoice({ shift, isDisabled, onNote }: NoteChoiceProps) {
  const { note } = useNames();
  return (
    <div
      role="group"
      aria-label="Answer with a note"
      className="grid grid-cols-6 gap-2 sm:grid-cols-12"
    >
      {TWELVE.map((each) => (
        <button
          key={each}
          type="button"
          className="button min-h-14 justify-center px-3 text-xl font-semibold"
          disabled={isDisabled}
          onClick={() => onNote(pitchClass(each))}
        >
          <span>
            <NoteText>{note(each)}</NoteText>
          </span>
        </button>
      ))}
      {shift !== 0 && (
        <p role="status" className="col-span-full text-muted">
          {shift > 0 ? "Sharp: now the letter" : "Flat: now the letter"}
        </p>
      )}
    </div>
  );
}
