import { readBarChords } from "./barChords";
import { type ChartBuilder } from "./builder";
import { type Line, readCounts } from "../text";

const MAX_COUNTS = 512;

/** Counts fill whole bars; the last is as long as what is left. */
export function readCounted(line: Line, builder: ChartBuilder): void {
  for (const { word, counts } of readCounts(line.text) ?? []) {
    if (!(counts >= 1 && counts <= MAX_COUNTS)) {
      builder.problem(
        line,
        word,
        `how long ${word.text} lasts cannot be read; write 1 to ${MAX_COUNTS} counts`,
      );
    }
    const meter = builder.meter();
    const known = counts >= 1 && counts <= MAX_COUNTS ? counts : meter.beats;
    for (let left = known * builder.countBeats(); left > 0; left -= meter.beats) {
      const beats = Math.min(left, meter.beats);
      const read = readBarChords([word], { ...meter, beats }, beats, {
        key: builder.key(),
        before: builder.lastPlayed(),
        previous: null,
        texture: builder.texture(),
        offset: line.offset,
      });
      if (left === known * builder.countBeats()) {
        for (const problem of read.problems) builder.problem(line, word, problem.message);
        for (const each of read.chordWords) builder.chordAt(line, each);
        for (const each of read.noteWords) builder.noteAt(line, each);
      }
      builder.bar(line, {
        meter: meter.text,
        beats,
        chords: read.chords,
        notes: read.notes,
        line: line.number,
      });
    }
  }
}
