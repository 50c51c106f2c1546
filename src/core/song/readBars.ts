import { addBar, keepWords, playedTimes } from "./addBar";
import { barTokens, type BarToken } from "./barLine";
import { type ChartBuilder } from "./builder";
import { isChordWord } from "./chordWord";
import { readHeading } from "./lineKind";
import { plainWord, unwrap, type Line, type Word } from "./lines";

const HOLD_OR_REST = /^(?:[./%r-]|~.*)$/i;

/** Reads a line of bars, with its repeats; a heading may stand before its first bar line. */
export function readBars(line: Line, builder: ChartBuilder): void {
  const tokens = barTokens(line.text);
  const first = tokens.findIndex(isSign);
  const label = line.text.slice(0, tokens[first]?.word.column ?? 0);
  const heading = readHeading(label, builder.key());
  if (heading) builder.heading(line, heading.name, heading.times);
  const reader = makeBarsReader(line, builder);
  for (const [index, token] of tokens.entries()) {
    if (index < first && heading) continue;
    if (token.kind === "word") reader.word(token.word);
    else if (token.kind !== "times") reader.sign(token, tokens[index + 1], index === first);
    else if (tokens[index - 1]?.kind !== "close") reader.again(token.word, token.times);
  }
  reader.end();
}

function isTexture({ text }: Word): boolean {
  return text.startsWith("~");
}

function isSign({ kind }: BarToken): boolean {
  return kind !== "word" && kind !== "times";
}

/** Takes the pieces of one line, and adds its bars. */
function makeBarsReader(line: Line, builder: ChartBuilder) {
  const before = builder.flow(line).bars();
  let words: Word[] = [];
  /** Words in parentheses: how loud, how often; they take no time. */
  let aside: Word[] = [];
  let hasRepeat = false;

  const isChord = ({ text }: Word) => isChordWord(text, builder.key());
  const isPlayed = (word: Word) => isChord(word) || HOLD_OR_REST.test(plainWord(word.text));
  const opensAside = ({ text, column }: Word) =>
    text.startsWith("(") && !isChord({ text: text.slice(1), column });
  const endBar = (isAtEdge: boolean) => {
    if (words.every(isTexture)) {
      if (words.length > 0) keepWords(line, words, builder);
      words = [];
      return;
    }
    // Before the first bar line and after the last may stand other words than chords.
    if (isAtEdge && !words.every(isPlayed)) keepWords(line, words, builder);
    else addBar(line, words, builder);
    words = [];
  };
  const endAside = () => {
    if (aside.length > 0) keepWords(line, aside, builder);
    aside = [];
  };

  return {
    word: (word: Word) => {
      const inner = unwrap(word);
      if (inner && isPlayed(inner)) words.push(inner);
      else if (aside.length > 0 || opensAside(word)) aside.push(word);
      else words.push(word);
      if (aside.at(-1)?.text.endsWith(")")) endAside();
    },
    sign: (token: BarToken, next: BarToken | undefined, isFirst: boolean) => {
      endBar(isFirst);
      if (token.kind === "ending") builder.flow(line).beginEnding(token.times);
      if (token.kind === "open") builder.openRepeat(line, token.word);
      if (token.kind === "close") {
        const isSaid = next?.kind === "times";
        builder.closeRepeat(
          line,
          isSaid ? playedTimes(line, next.word, next.times, builder) : token.times,
        );
      }
      hasRepeat ||= token.kind === "open" || token.kind === "close";
    },
    /** "x2" after the bars of a line that has no repeat signs. */
    again: (word: Word, times: number) => {
      endBar(true);
      const bars = builder.flow(line).bars() - before;
      if (hasRepeat || bars === 0) {
        const right = "write it after ':|' or after bars";
        builder.problem(line, word, `'${word.text}' repeats nothing; ${right}`);
      } else builder.flow(line).again(bars, playedTimes(line, word, times, builder));
    },
    end: () => {
      endBar(true);
      const [opening] = aside;
      if (opening) {
        builder.problem(line, opening, "this parenthesis is never closed; write ')' after it");
      }
      endAside();
    },
  };
}
