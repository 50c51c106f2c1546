import { makeBuilder, type ChartBuilder } from "./builder";
import { type Chart } from "../chart";
import { applyDirectives } from "./directives";
import { kindOfLine, type Line, linesIn } from "../text";
import { readBars } from "./readBars";
import { readChordLine } from "./readChordLine";
import { readCounted } from "./readCounted";
import { readSheetLine } from "./readSheet";

/** More than a book of songs; what follows is kept in the text, and not read. */
const LONGEST = 250_000;

/**
 * Reads the text of a chart: bars between lines, chords over words, bracketed chord sheets, and counts, mixed as they come.
 * Nothing of the text is lost: every line is bars, a heading, kept, or told as a problem in its place.
 *
 * @example readChart("Tempo: 96\nVerse\n| A5 . D5 . | E5 |").sections[0].bars.length // 2
 */
export function readChart(text: string): Chart {
  const builder = makeBuilder();
  const lines = linesIn(text.slice(0, LONGEST));
  const title = titleLine(lines);
  for (const line of lines) {
    if (line !== title) {
      readLine(line, builder);
      continue;
    }
    builder.set({ title: line.text.trim() });
    builder.keep(line, line.text.trim(), "directive");
  }
  if (text.length > LONGEST) {
    const last = linesIn(text.slice(0, LONGEST)).at(-1);
    if (last) {
      const place = { text: last.text.slice(-1), column: Math.max(0, last.text.length - 1) };
      builder.problem(last, place, `only the first ${LONGEST} characters are read`);
    }
  }
  return builder.finish();
}

function readLine(line: Line, builder: ChartBuilder): void {
  if (builder.isAside(line)) return;
  const kind = kindOfLine(line.text, builder.key());
  switch (kind.kind) {
    case "blank":
      return;
    case "directive":
      applyDirectives(line, kind.facts, builder);
      return;
    case "heading":
      builder.heading(line, kind.name, kind.times);
      return;
    case "bars":
      readBars(line, builder);
      return;
    case "sheet":
      readSheetLine(line, builder);
      return;
    case "counts":
      readCounted(line, builder);
      return;
    case "chords":
      readChordLine(line, builder);
      return;
    case "text":
      builder.keep(line, line.text.trim(), isComment(line.text) ? "comment" : "lyric");
  }
}

const LONGEST_TITLE = 60;

/**
 * The title, where the chart begins with one: a first line of words that is no heading, and no words on the line below it
 * (common practice for chord sheets).
 */
function titleLine(lines: readonly Line[]): Line | null {
  const at = lines.findIndex(({ text }) => text.trim() !== "");
  const [first, next] = [lines[at], lines[at + 1]];
  if (!first || !next || first.text.trim().length > LONGEST_TITLE) return null;
  const isTitle = isWords(first) && !isComment(first.text) && /\p{L}/u.test(first.text);
  return isTitle && !isWords(next) && lines.slice(at + 1).some((line) => !isBlank(line))
    ? first
    : null;
}

function isWords({ text }: Line): boolean {
  return kindOfLine(text, null).kind === "text";
}

function isBlank({ text }: Line): boolean {
  return text.trim() === "";
}

function isComment(text: string): boolean {
  return /^\s*(#|\/\/|\(.*\)\s*$|<)/.test(text);
}
