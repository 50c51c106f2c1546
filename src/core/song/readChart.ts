import { barTokens, type BarToken } from "./barLine";
import { readBarChords } from "./barChords";
import { makeBuilder, type ChartBuilder } from "./builder";
import { type Chart } from "./chart";
import { isChordWord } from "./chordWord";
import { readCounts } from "./counts";
import { applyDirective } from "./directives";
import { kindOfLine, readHeading, readLabel, trimmed } from "./lineKind";
import { linesIn, plainWord, unwrap, wordsIn, type Line, type Word } from "./lines";

/** More than a book of songs; what follows is kept in the text, and not read. */
const LONGEST = 250_000;
const MOST_TIMES = 99;

/**
 * Reads the text of a chart: bars between lines, chords over words, bracketed chord sheets, and counts, mixed as they come.
 * Nothing of the text is lost: every line is bars, a heading, kept, or told as a problem in its place.
 *
 * @example readChart("Tempo: 96\nVerse\n| A5 . D5 . | E5 |").sections[0].bars.length // 2
 */
export function readChart(text: string): Chart {
  const builder = makeBuilder();
  for (const line of linesIn(text.slice(0, LONGEST))) readLine(line, builder);
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
      applyDirective(line, kind, builder);
      return;
    case "heading":
      builder.heading(line, kind.name, kind.times);
      return;
    case "bars":
      readBars(line, builder);
      return;
    case "sheet":
      readSheet(line, builder);
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

function isComment(text: string): boolean {
  return /^\s*(#|\/\/|\(.*\)\s*$|<)/.test(text);
}

function readBars(line: Line, builder: ChartBuilder): void {
  const tokens = barTokens(line.text);
  const first = tokens.findIndex(({ kind }) => kind !== "word" && kind !== "times");
  const label = line.text.slice(0, tokens[first]?.word.column ?? 0);
  const heading = readHeading(label, builder.key());
  if (heading) builder.heading(line, heading.name, heading.times);
  const before = builder.flow().bars();
  let words: Word[] = [];
  /** Words in parentheses: how loud, how often; they take no time. */
  let aside: Word[] = [];
  let isRepeated = false;
  const isPlayed = (each: Word) =>
    isChordWord(each.text, builder.key()) || /^[./%r-]$/i.test(plainWord(each.text));
  const endBar = (isAtEdge: boolean) => {
    if (words.length === 0) return;
    // Before the first bar line and after the last stand other words too: how often, how loud.
    if (isAtEdge && !words.every(isPlayed)) keepWords(line, words, builder);
    else addBar(line, words, builder);
    words = [];
  };
  for (const [index, token] of tokens.entries()) {
    if (index < first && heading) continue;
    if (token.kind === "word") {
      const inner = unwrap(token.word);
      if (inner && isPlayed(inner)) words.push(inner);
      else if (aside.length > 0 || opensAside(token.word, builder)) aside.push(token.word);
      else words.push(token.word);
      if (aside.at(-1)?.text.endsWith(")")) {
        keepWords(line, aside, builder);
        aside = [];
      }
      continue;
    }
    if (token.kind === "times") {
      if (tokens[index - 1]?.kind === "close") continue;
      endBar(true);
      const bars = builder.flow().bars() - before;
      if (isRepeated || bars === 0) {
        builder.problem(
          line,
          token.word,
          `'${token.word.text}' repeats nothing; write it after ':|' or after bars`,
        );
      } else builder.flow().again(bars, times(line, token, builder));
      continue;
    }
    endBar(index === first);
    if (token.kind === "open") {
      builder.openRepeat(line, token.word);
      isRepeated = true;
    } else if (token.kind === "close") {
      const next = tokens[index + 1];
      builder.closeRepeat(next?.kind === "times" ? times(line, next, builder) : token.times);
      isRepeated = true;
    } else if (token.kind === "ending") builder.flow().beginEnding(token.times);
  }
  endBar(true);
  const [opening] = aside;
  if (opening)
    builder.problem(line, opening, "this parenthesis is never closed; write ')' after it");
  if (opening) keepWords(line, aside, builder);
}

/** Whether a word begins what stands in parentheses and is no chord. */
function opensAside({ text }: Word, builder: ChartBuilder): boolean {
  return text.startsWith("(") && !isChordWord(text.slice(1), builder.key());
}

function times(
  line: Line,
  { word, times: wanted }: Extract<BarToken, { readonly times: number }>,
  builder: ChartBuilder,
): number {
  if (wanted >= 1 && wanted <= MOST_TIMES) return wanted;
  builder.problem(line, word, `'${word.text}': write 1 to ${MOST_TIMES} times`);
  return wanted < 1 ? 1 : MOST_TIMES;
}

function addBar(line: Line, words: readonly Word[], builder: ChartBuilder): void {
  const meter = builder.meter();
  const beats = builder.takeBeats();
  const read = readBarChords(
    words,
    meter,
    beats,
    builder.key(),
    builder.lastChord(),
    builder.lastBar(),
  );
  for (const { word, message } of read.problems) builder.problem(line, word, message);
  for (const word of read.chordWords) builder.chordAt(line, word);
  builder.bar({ meter: meter.text, beats, chords: read.chords, notes: [] });
}

function keepWords(line: Line, words: readonly Word[], builder: ChartBuilder): void {
  builder.keep(line, words.map(({ text }) => text).join(" "), "comment");
}

/** Each chord of a line without bar lines lasts a bar. */
function readChordLine(line: Line, builder: ChartBuilder): void {
  const label = readLabel(line.text, builder.key());
  if (label) builder.heading(line, label.name, label.times);
  const start = label?.length ?? 0;
  const before = builder.flow().bars();
  for (const { text, column } of wordsIn(line.text.slice(start), start)) {
    const typed = { text: trimmed(text), column };
    const word = unwrap(typed) ?? typed;
    const repeats = /^x(\d{1,4})$/i.exec(plainWord(word.text))?.[1];
    if (repeats !== undefined) {
      const token = { kind: "times", word, times: Number(repeats) } as const;
      builder.flow().again(builder.flow().bars() - before, times(line, token, builder));
    } else if (!/^(?:[-,;/.>()]+|->|→)$/.test(plainWord(word.text))) addBar(line, [word], builder);
  }
}

function readSheet(line: Line, builder: ChartBuilder): void {
  const { text } = line;
  const words: string[] = [];
  let rest = 0;
  for (const { 0: bracket, 1: inner = "", index } of text.matchAll(/\[([^[\]]*)\]/g)) {
    words.push(text.slice(rest, index));
    rest = index + bracket.length;
    const column = index + 1 + (inner.length - inner.trimStart().length);
    if (inner.trim() === "")
      builder.problem(
        line,
        { text: bracket, column: index },
        "an empty bracket; write a chord in it",
      );
    else if (inner.startsWith("*")) words.push(` ${inner.slice(1).trim()} `);
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

/** Counts fill whole bars; the last is as long as what is left. */
function readCounted(line: Line, builder: ChartBuilder): void {
  for (const { word, counts } of readCounts(line.text) ?? []) {
    if (!(counts >= 1 && counts <= MOST_COUNTS)) {
      builder.problem(
        line,
        word,
        `how long ${word.text} lasts cannot be read; write 1 to ${MOST_COUNTS} counts`,
      );
    }
    const meter = builder.meter();
    const known = counts >= 1 && counts <= MOST_COUNTS ? counts : meter.beats;
    for (let left = known * builder.countBeats(); left > 0; left -= meter.beats) {
      const beats = Math.min(left, meter.beats);
      const read = readBarChords(
        [word],
        { ...meter, beats },
        beats,
        builder.key(),
        builder.lastChord(),
        null,
      );
      if (left === known * builder.countBeats()) {
        for (const problem of read.problems) builder.problem(line, word, problem.message);
        builder.chordAt(line, word);
      }
      builder.bar({ meter: meter.text, beats, chords: read.chords, notes: [] });
    }
  }
}

const MOST_COUNTS = 512;
