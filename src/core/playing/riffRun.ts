import { type ArrangedChord } from "@/core/arrangement";

/** The first of the notes that are played on end in one bar; the chord itself where no notes are. */
export function firstOfRun(chords: readonly ArrangedChord[], index: number): number {
  let first = index;
  while (isOneRun(chords[first - 1], chords[first])) first--;
  return first;
}

/** Whether two stops in a row are notes of one riff in one bar. */
export function isOneRun(a: ArrangedChord | undefined, b: ArrangedChord | undefined): boolean {
  return Boolean(a?.notes && b?.notes && a.playedBar === b.playedBar);
}
