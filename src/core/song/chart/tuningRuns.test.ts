import { onlyPlayed, readChart, tuningRuns } from "@/core/song";
import { readTuning } from "@/core/tuning";

const CHART = `Tuning: drop D

Verse
| D5 | G5 |
Solo
Tuning: standard
| E5 | A5 |
Verse
Outro
Tuning: drop D
| D5 |
`;

function midiOf(text: string): readonly number[] {
  const read = readTuning(text);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value.tuning.midi;
}

describe("a chart with sections in tunings of their own", () => {
  const dropD = midiOf("drop D");
  const standard = midiOf("standard");

  it("is split where the tuning changes", () => {
    const chart = readChart(CHART);
    expect(chart.problems).toEqual([]);
    expect(chart.tuningMidi).toEqual(dropD);
    expect(tuningRuns(chart, dropD)).toEqual([
      { tuningMidi: dropD, range: [0, 2] },
      { tuningMidi: standard, range: [2, 4] },
      { tuningMidi: dropD, range: [4, 7] },
    ]);
    // Played in standard throughout, only the outro needs another guitar.
    expect(tuningRuns(chart, standard).map(({ range }) => range)).toEqual([
      [0, 6],
      [6, 7],
    ]);
  });

  it("plays only a run's bars", () => {
    const chart = readChart(CHART);
    expect(onlyPlayed(chart, [2, 4]).order).toEqual([
      [1, 0],
      [1, 1],
    ]);
    expect(onlyPlayed(chart, [0, 7])).toBe(chart);
  });

  it("is one run where no section has a tuning, and for an empty chart", () => {
    expect(tuningRuns(readChart("| E5 | A5 |"), standard)).toEqual([
      { tuningMidi: standard, range: [0, 2] },
    ]);
    expect(tuningRuns(readChart(""), standard)).toEqual([{ tuningMidi: standard, range: [0, 0] }]);
  });

  it("reports a tuning inside a section, and takes no other place for it", () => {
    const { problems, sections } = readChart("Verse\n| E5 |\nTuning: drop D\n| A5 |\n");
    expect(problems).toMatchObject([
      { line: 3, message: expect.stringContaining("under its heading, above its first bar") },
    ]);
    expect(sections[0]?.tuningMidi).toBeNull();
  });
});
