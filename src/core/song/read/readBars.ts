import { addBar, keepWords, playedTimes } from "./addBar";
import { makeAsides } from "./asides";
import {
  bareWord,
  type BarToken,
  barTokens,
  barWordKind,
  headingOfBars,
  isChordWord,
  isEnglish,
  isNoteWord,
  isPlayedWord,
  isSign,
  isValidNoteWord,
  type Line,
  type Word,
} from "../text";
import { type ChartBuilder } from "./builder";

/** Reads a line of bars, with its repeats; a heading may stand before its first bar. */
export function readBars(line: Line, builder: ChartBuilder): void {
  const tokens = barTokens(line.text);
  const first = tokens.findIndex(isSign);
  const heading = headingOfBars(line.text, tokens, builder.key());
  if (heading) builder.heading(line, heading.name, heading.times);
  const reader = makeBarsReader(line, builder);
  for (const [index, token] of tokens.entries()) {
    if (index < (heading?.taken ?? 0)) continue;
    if (token.kind === "word") reader.word(token.word);
    else if (token.kind !== "times") reader.sign(token, tokens[index + 1], index === first);
    else if (tokens[index - 1]?.kind !== "close") reader.again(token.word, token.times);
  }
  reader.end();
}

/** Whether a chord that may be a word is followed by others: "A last time". */
function beginsSentence(words: readonly Word[], length: number): boolean {
  const [first, next] = [words[0]?.text ?? "", words[length]?.text ?? ""];
  return length === 1 && /^Am?$/.test(first) && /^[a-z]/.test(next);
}

function isTexture({ text }: Word): boolean {
  return barWordKind(text, null) === "texture";
}

/** Whether a bar stands before a line's first bar line, after its last, or between two. */
type Edge = "first" | "last" | null;

/** Takes the pieces of one line, and adds its bars. */
function makeBarsReader(line: Line, builder: ChartBuilder) {
  const before = builder.flow(line).bars();
  let words: Word[] = [];
  const asides = makeAsides(line, builder);
  let hasRepeat = false;

  const key = builder.key();
  const isPlayed = ({ text }: Word) => isPlayedWord(text, key);
  const isSurelyPlayed = ({ text }: Word) =>
    (isChordWord(text, key) && !isEnglish(text)) || isValidNoteWord(text);
  const endBar = (edge: Edge) => {
    const [played, rest] = edge === null ? [words, []] : playedAt(edge);
    if (rest.length > 0) keepWords(line, rest, builder);
    if (!played.every(isTexture)) addBar(line, played, builder);
    else if (played.length > 0) keepWords(line, played, builder);
    words = [];
  };
  /** Before the first bar line and after the last may stand other words than chords; those next to it are a bar. */
  const playedAt = (edge: "first" | "last"): readonly [played: Word[], rest: Word[]] => {
    const isOther = (word: Word) => !isPlayed(word);
    const other = edge === "first" ? words.findLastIndex(isOther) : words.findIndex(isOther);
    if (other < 0) return [words, []];
    const cut = edge === "first" ? other + 1 : other;
    const [before, after] = [words.slice(0, cut), words.slice(cut)];
    const [played, rest] = edge === "first" ? [after, before] : [before, after];
    const isSentence = edge === "last" && beginsSentence(words, cut);
    return played.some(isSurelyPlayed) && !isSentence ? [played, rest] : [[], words];
  };

  return {
    word: (word: Word) => {
      const bare = bareWord(word);
      // "(4:30)" is a time, not a note.
      const isTime = word.text.startsWith("(") && isNoteWord(bare.text);
      const isMusic = isPlayed(bare) && !isTime;
      if (!asides.take(word, !isMusic)) words.push(isMusic ? bare : word);
    },
    sign: (token: BarToken, next: BarToken | undefined, isFirst: boolean) => {
      endBar(isFirst ? "first" : null);
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
      endBar("last");
      const bars = builder.flow(line).bars() - before;
      if (hasRepeat || bars === 0) {
        const right = "write it after ':|' or after bars";
        builder.problem(line, word, `'${word.text}' repeats nothing; ${right}`);
      } else builder.flow(line).again(bars, playedTimes(line, word, times, builder));
    },
    end: () => {
      endBar("last");
      asides.end();
    },
  };
}
