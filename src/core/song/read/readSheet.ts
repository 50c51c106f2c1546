import { addBar } from "./addBar";
import { type ChartBuilder } from "./builder";
import { type Line } from "../text";

/** Each chord in brackets among the words of a line lasts a bar; the words are kept. */
export function readSheetLine(line: Line, builder: ChartBuilder): void {
  const { text } = line;
  const words: string[] = [];
  let rest = 0;
  for (const { 0: bracket, 1: inner = "", index } of text.matchAll(/\[([^[\]]*)\]/g)) {
    words.push(text.slice(rest, index));
    rest = index + bracket.length;
    const column = index + 1 + (inner.length - inner.trimStart().length);
    if (inner.trim() === "") {
      const word = { text: bracket, column: index };
      builder.problem(line, word, "an empty bracket; write a chord in it");
    } else if (inner.startsWith("*")) words.push(` ${inner.slice(1).trim()} `);
    else addBar(line, [{ text: inner.trim(), column }], builder);
  }
  const tail = text.slice(rest);
  const open = tail.indexOf("[");
  if (open >= 0) {
    const word = { text: tail.slice(open).trimEnd(), column: rest + open };
    builder.problem(line, word, "this bracket is never closed; write ']' after the chord");
  }
  const lyric = `${words.join("")}${tail}`.trim().replace(/\s+/g, " ");
  if (lyric !== "") builder.keep(line, lyric, "lyric");
}
