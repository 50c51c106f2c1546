import { readBarChords } from "./barChords";
import { type ChartBuilder } from "./builder";
import { type Line, type Word } from "../text";

const MAX_TIMES = 99;

/** Adds a bar that its words share, with what is wrong in it. */
export function addBar(line: Line, words: readonly Word[], builder: ChartBuilder): void {
  const meter = builder.meter();
  const beats = builder.takeBeats();
  const read = readBarChords(words, meter, beats, {
    key: builder.key(),
    before: builder.lastPlayed(),
    previous: builder.lastBar(),
    texture: builder.texture(),
    offset: line.offset,
  });
  for (const { word, message } of read.problems) builder.problem(line, word, message);
  for (const word of read.chordWords) builder.chordAt(line, word);
  for (const word of read.noteWords) builder.noteAt(line, word);
  if (read.heldBeats > 0) builder.holdNotes(read.heldBeats);
  builder.bar(line, {
    meter: meter.text,
    beats,
    chords: read.chords,
    notes: read.notes,
    line: line.number,
  });
}

/** Keeps words that stand among chords and are none. */
export function keepWords(line: Line, words: readonly Word[], builder: ChartBuilder): void {
  builder.keep(line, words.map(({ text }) => text).join(" "), "comment");
}

/** How often something is played, within what a song may ask for. */
export function playedTimes(line: Line, word: Word, wanted: number, builder: ChartBuilder): number {
  if (wanted >= 1 && wanted <= MAX_TIMES) return wanted;
  builder.problem(line, word, `'${word.text}': write 1 to ${MAX_TIMES} times`);
  return wanted < 1 ? 1 : MAX_TIMES;
}
