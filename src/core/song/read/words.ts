import { type Chart } from "../chart";
import { kindOfLine, linesIn, wordsIn, type Line } from "../text";

/** The words under each chord, one string for each line of words, keyed by the chord's offset in the text. */
export type ChartWords = ReadonlyMap<number, readonly string[]>;

/**
 * Assigns each word of a song to the chord above it, or to the last chord before it. A line of words belongs to the line of
 * chords above it in the same section.
 *
 * @example readWords("A5      D5\nall the lamps", readChart(…)) // A5: "all the", D5: "lamps"
 */
export function readWords(text: string, chart: Chart): ChartWords {
  const sung = new Set(chart.kept.flatMap(({ kind, line }) => (kind === "lyric" ? line : [])));
  if (sung.size === 0) return new Map();
  const words = new Map<number, readonly string[]>();
  const chordOffsets = offsetsByLine(chart);
  let above: readonly number[] = [];
  let aboveLine: Line | null = null;
  for (const line of linesIn(text)) {
    const own = chordOffsets.get(line.number);
    if (own) [above, aboveLine] = [own, line];
    else if (!sung.has(line.number) && isHeading(line)) [above, aboveLine] = [[], null];
    if (!sung.has(line.number) || !aboveLine) continue;
    const columns = above.map((offset) => offset - (aboveLine?.offset ?? 0));
    const parts = shared(own ? withoutBrackets(line.text) : line.text, columns);
    for (const [index, offset] of above.entries()) {
      words.set(offset, [...(words.get(offset) ?? []), parts[index] ?? ""]);
    }
  }
  return words;
}

function isHeading({ text }: Line): boolean {
  return kindOfLine(text, null).kind === "heading";
}

/** Offsets of the chords in the text, by line number. */
function offsetsByLine({ sections }: Chart): ReadonlyMap<number, readonly number[]> {
  const lines = new Map<number, number[]>();
  for (const { line, chords } of sections.flatMap(({ bars }) => bars)) {
    const offsets = chords.flatMap(({ place }) => place?.offset ?? []);
    if (offsets.length > 0) lines.set(line, [...(lines.get(line) ?? []), ...offsets]);
  }
  return lines;
}

/** Replaces bracketed chords with spaces, so that columns do not change. */
function withoutBrackets(text: string): string {
  return text.replace(/\[[^[\]]*\]/g, (bracket) => " ".repeat(bracket.length));
}

/** Divides a line of words among the columns of its chords. */
function shared(text: string, columns: readonly number[]): readonly string[] {
  const parts = columns.map((): string[] => []);
  for (const { text: word, column } of wordsIn(text)) {
    const end = column + word.length;
    const at = columns.findLastIndex((each) => each < end);
    parts[Math.max(0, at)]?.push(word);
  }
  return parts.map((each) => each.join(" "));
}
