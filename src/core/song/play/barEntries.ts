import { type ChartBar } from "../chart";
import { struckNotes } from "./struckNotes";

/** A chord of a bar, or consecutive notes. */
export interface BarEntry {
  /** As `ArrangedChord.inBar`: notes are counted after all chords of the bar. */
  readonly inBar: number;
  /** The names of the notes; empty for a chord. */
  readonly riff: readonly string[];
  readonly startBeat: number;
}

/** The chords of a bar and the runs of notes between them, in order. */
export function barEntries(bar: ChartBar): readonly BarEntry[] {
  const all = [
    ...bar.chords.map(({ startBeat }, inBar) => ({ inBar, note: null, startBeat })),
    ...struckNotes(bar).map(({ name, startBeat }, at) => ({
      inBar: bar.chords.length + at,
      note: name,
      startBeat,
    })),
  ].toSorted((a, b) => a.startBeat - b.startBeat);
  const entries: BarEntry[] = [];
  for (const { inBar, note, startBeat } of all) {
    const last = entries.at(-1);
    const goesOn = note !== null && last !== undefined && last.riff.length > 0;
    if (goesOn) entries[entries.length - 1] = { ...last, riff: [...last.riff, note] };
    else
      entries.push({ inBar, riff: note === null ? [] : [note], startBeat: Math.max(0, startBeat) });
  }
  return entries;
}
