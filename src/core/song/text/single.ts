import { readChordWord, type ChordWord } from "./chordWord";
import { kindOfLine } from "./lineKind";
import { bareWord } from "./lines";

/** What a chart makes of a chord's name; `reducedTo` is null where it knows none of it. */
export function readChordName(name: string): Pick<ChordWord, "name" | "reducedTo" | "leftOut"> {
  const word = bareWord({ text: name.replace(/[\s|]+/g, ""), column: 0 });
  const { name: read, reducedTo, leftOut } = readChordWord(word.text, null);
  return { name: read === "" ? name : read, reducedTo, leftOut };
}

/** The section that a line begins, and how often it is played; null for a line that is no heading. */
export function readHeadingLine(
  text: string,
): { readonly name: string; readonly times: number } | null {
  const kind = kindOfLine(text, null);
  return kind.kind === "heading" ? { name: kind.name, times: kind.times } : null;
}
