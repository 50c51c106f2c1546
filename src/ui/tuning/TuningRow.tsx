import { type Midi } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";
import { useNames } from "@/ui/names";
import { NoteText } from "@/ui/text";

interface TuningRowProps {
  readonly tuning: Tuning;
  readonly selected: boolean;
  readonly onChoose: (midi: readonly Midi[]) => void;
  /** A word before the name: "read as", "or". */
  readonly note?: string;
}

/** One tuning to take: its name and its open strings, thick to thin. */
export function TuningRow({ tuning, selected, onChoose, note }: TuningRowProps) {
  // A reading shows its octaves, because they are what was chosen; the list stays short.
  const names = useNames();
  const strings = note ? names.strings(tuning.midi).join(" ") : names.letters(tuning.midi);
  return (
    <button
      type="button"
      aria-current={selected || undefined}
      onClick={() => onChoose(tuning.midi)}
      className={`flex min-h-11 w-full items-center justify-between gap-4 rounded-md border-l-4 px-3 text-left hover:bg-picked ${selected ? "border-l-root bg-picked font-semibold" : "border-l-transparent"}`}
    >
      <span>
        {note && <span className="text-muted">{`${note} `}</span>}
        <NoteText>{tuning.name}</NoteText>
      </span>
      <span className="figures text-muted">
        <NoteText>{strings}</NoteText>
      </span>
    </button>
  );
}
