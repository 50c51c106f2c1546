import { expect, test } from "@jest/globals";
import { readChart } from "@/core/song";
import { chartScore, playedBars, writtenOut } from "./index";

/** Each bar as played: its chords with their lengths in quarters. */
const barsOf = (text: string) =>
  playedBars(chartScore(readChart(text))).map(({ chords }) =>
    chords.map(({ name, beats }) => `${name} ${beats}`).join(" "),
  );

test.each([
  ["|: A5 |1. <D5 :|2. E5 |", ["A5 3.5", "D5 4.5", "A5 4", "E5 4"]],
  ["|: A5 |1. E5 :|2. <D5 |", ["A5 4", "E5 4", "A5 3.5", "D5 4.5"]],
  ["| A5 | r | <D5 |", ["A5 4", "", "D5 4.5"]],
  ["| A5! | <D5 |", ["A5 0.5", "D5 4.5"]],
])(
  "in files, as in the song, what comes early takes its time from what is played before: %s",
  (text, bars) => {
    expect(barsOf(text)).toEqual(bars);
    const { sections } = writtenOut(chartScore(readChart(text)));
    const written = sections.flatMap((section) =>
      section.bars.map(({ chords }) =>
        chords.map(({ name, beats }) => `${name} ${beats}`).join(" "),
      ),
    );
    expect(written).toEqual(bars);
  },
);
