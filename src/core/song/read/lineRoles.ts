import { type Chart } from "../chart";
import { linesIn, type Line } from "../text";

/** How the reader classified a line of a chart. */
export type LineRole = "chords" | "heading" | "words" | "fact" | "remark";

const ROLE_OF_KEPT = { lyric: "words", comment: "remark", directive: "fact" } as const;

/** The role of every line that is not blank, by line number from 1. */
export function lineRoles(text: string, chart: Chart): ReadonlyMap<number, LineRole> {
  const roles = new Map<number, LineRole>();
  // A line that is neither bars nor kept is a heading: of a new section, or of one that is repeated.
  for (const { number, text: line } of linesIn(text)) {
    if (line.trim() !== "") roles.set(number, "heading");
  }
  for (const { line, kind } of chart.kept) roles.set(line, ROLE_OF_KEPT[kind]);
  for (const { line } of chart.problems) roles.set(line, roles.get(line) ?? "chords");
  for (const { line } of chart.sections.flatMap(({ bars }) => bars)) roles.set(line, "chords");
  return roles;
}

/** A line read as words that may be a section's heading. */
export interface MaybeHeading {
  /** From 1. */
  readonly line: number;
  readonly name: string;
}

const LONGEST_NAME = 30;
const MOST_WORDS = 4;

/**
 * Lines read as words that may be headings: short, after a blank line, and directly above chords.
 */
export function maybeHeadings(text: string, chart: Chart): readonly MaybeHeading[] {
  const roles = lineRoles(text, chart);
  const lines = linesIn(text);
  const isBlank = (line: Line | undefined) => line === undefined || line.text.trim() === "";
  return lines.flatMap((line, index) => {
    const name = line.text.trim();
    const isShort = name.length <= LONGEST_NAME && name.split(/\s+/).length <= MOST_WORDS;
    const isAlone = isBlank(lines[index - 1]) && roles.get(line.number + 1) === "chords";
    const isMaybe = roles.get(line.number) === "words" && isShort && isAlone;
    return isMaybe ? [{ line: line.number, name }] : [];
  });
}

/** Rewrites a line of words as a heading. */
export function sayHeading(text: string, { line: number, name }: MaybeHeading): string {
  const line = linesIn(text)[number - 1];
  if (!line) return text;
  const written = /[[\]|]/.test(name) ? `${name.replaceAll(/[[\]|:]/g, "")}:` : `[${name}]`;
  return text.slice(0, line.offset) + written + text.slice(line.offset + line.text.length);
}
