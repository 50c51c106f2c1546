import { noteName, type ChartBar, type ChartNote } from "../chart";

/** Notes of a bar that are struck together. */
export interface StruckNotes {
  readonly notes: readonly [ChartNote, ...ChartNote[]];
  /** In quarters from the beginning of the bar. */
  readonly startBeat: number;
  readonly beats: number;
  /** As a chart writes them: "6:3+5:5", "@E2". */
  readonly name: string;
}

/** The notes of a bar by when they are struck, in order. */
export function struckNotes({ notes }: ChartBar): readonly StruckNotes[] {
  const groups: [ChartNote, ...ChartNote[]][] = [];
  for (const note of notes) {
    const last = groups.at(-1);
    const isTogether =
      last !== undefined && Math.abs(last[0].startBeat - note.startBeat) < ROUNDING;
    if (isTogether) last.push(note);
    else groups.push([note]);
  }
  return groups.map((group) => ({
    notes: group,
    startBeat: group[0].startBeat,
    beats: Math.max(...group.map(({ beats }) => beats)),
    name: group.map(noteName).join("+"),
  }));
}

const ROUNDING = 1e-9;
