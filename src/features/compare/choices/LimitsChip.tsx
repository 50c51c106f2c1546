import { X } from "lucide-react";
import { type GripLimits } from "@/core/gripSearch";

interface LimitsChipProps {
  readonly limits: GripLimits;
  readonly strings: number;
  readonly onDrop: () => void;
}

/** The limits that a song brought along, and a way to be rid of them. */
export function LimitsChip({ limits, strings, onDrop }: LimitsChipProps) {
  const words = limitWords(limits, strings);
  if (words === "") return null;
  return (
    <p className="flex items-center gap-2">
      <span>{`Only grips with ${words}`}</span>
      <button type="button" className="button px-3" aria-label="Drop the limits" onClick={onDrop}>
        <X size={18} aria-hidden="true" />
      </button>
    </p>
  );
}

/** "frets 5 to 9, roots on string 6 or 5, no open strings, at most 3 notes"; nothing where nothing is asked. */
export function limitWords(
  { frets, rootStrings, openStrings, maxNotes }: GripLimits,
  strings: number,
): string {
  return [
    frets && `frets ${frets[0]} to ${frets[1]}`,
    rootStrings && `roots on string ${rootStrings.map((string) => strings - string).join(" or ")}`,
    openStrings === "none" && "no open strings",
    maxNotes !== null && `at most ${maxNotes} ${maxNotes === 1 ? "note" : "notes"}`,
  ]
    .filter((part) => part)
    .join(", ");
}
