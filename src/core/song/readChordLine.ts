import { addBar, playedTimes } from "./addBar";
import { type ChartBuilder } from "./builder";
import { readLabel } from "./lineKind";
import { bareWord, plainWord, wordsIn, type Line } from "./lines";

/** Each chord of a line without bar lines lasts a bar. */
export function readChordLine(line: Line, builder: ChartBuilder): void {
  const label = readLabel(line.text, builder.key());
  if (label) builder.heading(line, label.name, label.times);
  const start = label?.length ?? 0;
  const before = builder.flow(line).bars();
  for (const typed of wordsIn(line.text.slice(start), start)) {
    const word = bareWord(typed);
    const repeats = /^x(\d{1,4})$/i.exec(plainWord(word.text))?.[1];
    if (repeats !== undefined) {
      const times = playedTimes(line, word, Number(repeats), builder);
      builder.flow(line).again(builder.flow(line).bars() - before, times);
    } else if (!/^(?:[-,;/.>()]*|->|→)$/.test(plainWord(word.text))) addBar(line, [word], builder);
  }
}
