import { type Midi } from "@/core/pitch";
import { samePitches } from "@/core/tuning";
import { type Chart } from "./chart";

/** Consecutive bars in one tuning, played without changing guitars. */
export interface TuningRun {
  /** Open-string pitches, thickest string first. */
  readonly tuningMidi: readonly Midi[];
  /** The range in the chart's order: the first bar, and the one after the last. */
  readonly range: PlayedRange;
}

export type PlayedRange = readonly [from: number, to: number];

/** Splits a chart where the tuning changes. Sections without a tuning take the song's. */
export function tuningRuns(
  { order, sections }: Chart,
  songMidi: readonly Midi[],
): readonly [TuningRun, ...TuningRun[]] {
  const runs: TuningRun[] = [];
  for (const [at, [section]] of order.entries()) {
    const tuningMidi = sections[section]?.tuningMidi ?? songMidi;
    const last = runs.at(-1);
    const isSame = last !== undefined && samePitches(last.tuningMidi, tuningMidi);
    const from = isSame ? last.range[0] : at;
    runs.splice(isSame ? -1 : runs.length, 1, { tuningMidi, range: [from, at + 1] });
  }
  const [first, ...rest] = runs;
  return [first ?? { tuningMidi: songMidi, range: [0, 0] }, ...rest];
}

/** The chart with only a range of its order played. */
export function onlyPlayed(chart: Chart, [from, to]: PlayedRange): Chart {
  return from === 0 && to === chart.order.length
    ? chart
    : { ...chart, order: chart.order.slice(from, to) };
}
