/** A note value as notation writes it. */
export interface NoteValue {
  readonly quarters: number;
  /** Null for a length that no single value has. */
  readonly type: string | null;
  readonly isDotted: boolean;
  readonly isTriplet: boolean;
}

const TYPES: readonly (readonly [type: string, quarters: number])[] = [
  ["whole", 4],
  ["half", 2],
  ["quarter", 1],
  ["eighth", 1 / 2],
  ["16th", 1 / 4],
  ["32nd", 1 / 8],
  ["64th", 1 / 16],
];
const VALUES: readonly NoteValue[] = TYPES.flatMap(([type, quarters]) => [
  { quarters: quarters * 1.5, type, isDotted: true, isTriplet: false },
  { quarters, type, isDotted: false, isTriplet: false },
  { quarters: (quarters * 2) / 3, type, isDotted: false, isTriplet: true },
]).toSorted((a, b) => b.quarters - a.quarters);
const ROUNDING = 1e-6;
const MAX_PIECES = 10;

/** A length as note values to be tied, the longest first; one without a type where no few values make it. */
export function valuesOf(quarters: number): readonly NoteValue[] {
  const pieces: NoteValue[] = [];
  let left = quarters;
  while (left > ROUNDING && pieces.length < MAX_PIECES) {
    const exact = VALUES.find((value) => Math.abs(value.quarters - left) < ROUNDING);
    const next = exact ?? VALUES.find((value) => !value.isTriplet && value.quarters < left);
    if (!next) break;
    pieces.push(next);
    left -= next.quarters;
  }
  return left > ROUNDING ? [{ quarters, type: null, isDotted: false, isTriplet: false }] : pieces;
}
