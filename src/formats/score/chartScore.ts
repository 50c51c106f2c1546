import { quartersPerBeat, struckNotes, type Chart } from "@/core/song";
import { nameTuning } from "@/core/tuning";
import { riffOf } from "./riff";
import { EMPTY_SCORE, type Score, type ScoreChord } from "./score";

/** A chart as a score: everything that it says, no grips yet. */
export function chartScore(chart: Chart): Score {
  const { title, key, tempoBpm, meter, order, kept } = chart;
  const bars = chart.sections.flatMap((section) => section.bars);
  const hasTempos = new Set(bars.map(({ quarterBpm }) => quarterBpm)).size > 1;
  return {
    ...EMPTY_SCORE,
    title,
    key,
    tempoBpm,
    meter,
    order,
    kept,
    sections: chart.sections.map(({ name, bars, tuningMidi }) => ({
      name,
      ...(tuningMidi && { tuning: nameTuning(tuningMidi) }),
      bars: bars.map((bar) => ({
        meter: bar.meter,
        beats: bar.beats,
        tempoBpm:
          hasTempos && bar.quarterBpm !== null ? bar.quarterBpm / quartersPerBeat(bar.meter) : null,
        line: bar.line,
        notes: [],
        chords: [
          ...bar.chords.map(({ place: _place, ...chord }): ScoreChord => ({
            ...chord,
            fretting: null,
            fingers: null,
          })),
          ...struckNotes(bar).map(({ notes }) => riffOf(notes)),
        ].toSorted((a, b) => a.startBeat - b.startBeat),
      })),
    })),
  };
}
