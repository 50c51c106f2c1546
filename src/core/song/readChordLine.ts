import { addBar, playedTimes } from "./addBar";
import { makeAsides } from "./asides";
import { isPlayedWord } from "./barLine";
import { type ChartBuilder } from "./builder";
import { readLabel } from "./lineKind";
import { bareWord, plainWord, wordsIn, type Line } from "./lines";

const TIMES = /^x(\d{1,4})$/i;
/** Between chords, and around them. */
const BETWEEN = /^(?:[-,;/.>()]*|->|→)$/;

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
    const times = TIMES.exec(plainWord(word.text))?.[1];
    const mayBegin = typed.text.length > 1 && times === undefined && !isPlayedWord(word.text, key);
    if (asides.take(typed, mayBegin)) continue;
    if (times !== undefined) {
      const played = playedTimes(line, word, Number(times), builder);
      builder.flow(line).again(builder.flow(line).bars() - before, played);
    } else if (!BETWEEN.test(plainWord(word.text))) addBar(line, [word], builder);
  }
  asides.end();
}
