import { type ArrangedChord } from "@/core/arrangement";

/** Index of the first note of a riff in its bar, for any note of it; a chord's own index. */
export function firstOfRun(chords: readonly ArrangedChord[], index: number): number {
  let first = index;
  while (isOneRun(chords[first - 1], chords[first])) first--;
  return first;
}

/** Whether two neighbours are notes of the same bar. */
export function isOneRun(a: ArrangedChord | undefined, b: ArrangedChord | undefined): boolean {
  return Boolean(a?.notes && b?.notes && a.playedBar === b.playedBar);
}
