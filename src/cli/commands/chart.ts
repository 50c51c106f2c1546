import { object, string } from "yup";
import { defineCommand } from "@/cli/command";
import { success } from "@/core/result";
import { problemText } from "@/cli/text";
import { noteName, readChart, type ChartNote, type ChartSection } from "@/core/song";

export const chartCommand = defineCommand({
  name: "chart",
  summary: "reads a chart: --text '| A5 . D5 . | E5 |'",
  schema: object({ text: string().defined() }).noUnknown(),
  run: ({ text }) => {
    const chart = readChart(text);
    const {
      chordPlaces: _chords,
      keyPlaces: _keys,
      notePlaces: _notes,
      tuningMidi: _tuning,
      sections,
      ...told
    } = chart;
    return success({ ...told, sections: sections.map(withoutPlaces) });
  },
  print: ({ title, sections, problems }) =>
    [
      ...(title === null ? [] : [title]),
      ...sections.map(({ name, bars }) => {
        const written = bars.map(({ chords, notes }) =>
          [...chords, ...notes]
            .toSorted((a, b) => a.startBeat - b.startBeat)
            .map((each) => ("name" in each ? each.name : noteName({ midi: null, ...each })))
            .join(" "),
        );
        return `${name.padEnd(12)} | ${written.join(" | ")} |`;
      }),
      ...problems.map(problemText),
    ].join("\n"),
});

/** A note as JSON; `midi` and `texture` are left out where they are null. */
function plainNote({ place: _place, midi, texture, ...note }: ChartNote) {
  return { ...note, ...(midi !== null && { midi }), ...(texture !== null && { texture }) };
}

/** A section without where it stands in the text. */
function withoutPlaces({ name, bars }: ChartSection) {
  const plain = bars.map(({ line: _line, quarterBpm: _quarterBpm, chords, notes, ...bar }) => ({
    ...bar,
    chords: chords.map(({ place: _place, ...chord }) => chord),
    notes: notes.map(plainNote),
  }));
  return { name, bars: plain };
}
