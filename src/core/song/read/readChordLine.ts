import { addBar, playedTimes } from "./addBar";
import { makeAsides } from "./asides";
import { type ChartBuilder } from "./builder";
import {
  bareWord,
  isBetweenChords,
  isPlayedWord,
  type Line,
  readLabel,
  timesSaid,
  wordsIn,
} from "../text";

/** Each chord of a line without bar lines lasts a bar; other words in parentheses are kept. */
export function readChordLine(line: Line, builder: ChartBuilder): void {
  const key = builder.key();
  const label = readLabel(line.text, key);
  if (label) builder.heading(line, label.name, label.times);
  const start = label?.length ?? 0;
  const before = builder.flow(line).bars();
  const asides = makeAsides(line, builder);
  for (const typed of wordsIn(line.text.slice(start), start)) {
    const word = bareWord(typed);
    const times = timesSaid(word);
    const mayBegin = typed.text.length > 1 && times === null && !isPlayedWord(word.text, key);
    if (asides.take(typed, mayBegin)) continue;
    if (times !== null) {
      const played = playedTimes(line, word, times, builder);
      builder.flow(line).again(builder.flow(line).bars() - before, played);
    } else if (!isBetweenChords(word.text)) addBar(line, [word], builder);
  }
  asides.end();
}
