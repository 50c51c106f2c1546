import { type StringLine } from "./systems";

/** A note as it stands in a bar. */
interface PlacedNote {
  /** Of its first digit, from the beginning of the strings' bodies. */
  readonly column: number;
  /** The line of its string, from the top of the system. */
  readonly row: number;
  readonly fret: number;
  readonly mark: string | null;
}

const HIGHEST_FRET = 36;
const MARKS: Readonly<Record<string, string>> = { h: "h", p: "p", "/": "/", "\\": "\\", s: "/" };

/** The notes of some columns of a system, and what was met that is no note. */
export function notesIn(
  strings: readonly StringLine[],
  from: number,
  to: number,
): { readonly notes: readonly PlacedNote[]; readonly unread: ReadonlySet<string> } {
  const notes: PlacedNote[] = [];
  const unread = new Set<string>();
  for (const [row, { body }] of strings.entries()) {
    const part = body.slice(from, to);
    for (const found of part.matchAll(/(\d+)(?:(b)\d*|(~)+)?|[xX]|[A-Za-z~^<(=.]/g)) {
      const { 0: whole, 1: digits, 2: bend, 3: vibrato, index } = found;
      const word = digits ?? whole;
      const column = from + index;
      const before = part[index - 1] ?? "-";
      if (/^[xX]$/.test(word)) notes.push({ column, row, fret: 0, mark: "x" });
      else if (/^\d/.test(word)) {
        const mark = MARKS[before.toLowerCase()] ?? null;
        const after = bend ?? vibrato ?? null;
        // More digits than a neck has frets are notes that stand close.
        const frets = Number(word) <= HIGHEST_FRET ? [word] : [...word];
        for (const [at, fret] of frets.entries()) {
          notes.push({
            column: column + at,
            row,
            fret: Number(fret),
            mark: (at === 0 ? mark : null) ?? (at === frets.length - 1 ? after : null),
          });
        }
      } else if (!MARKS[word.toLowerCase()]) unread.add(word.toLowerCase());
    }
  }
  return { notes, unread };
}
