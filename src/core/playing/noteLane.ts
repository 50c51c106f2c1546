import { noteOnString, slurOfMark } from "@/core/song";
import { type RoutedSong } from "./moment";

/** A note of a bar on its string. */
interface LaneNote {
  /** From 0, the thickest. */
  readonly string: number;
  readonly fret: number;
  /** Before its fret: "h", "p", "/" or "\"; empty for a picked note. */
  readonly reached: string;
  /** After its fret: "b" or "~". */
  readonly ends: string;
  readonly isDead: boolean;
}

/** What is struck together in a bar. */
export interface LaneColumn {
  /** In quarters from the beginning of the bar. */
  readonly at: number;
  readonly length: number;
  readonly notes: readonly LaneNote[];
  readonly isMuted: boolean;
  /** Of a chord; null for notes of a riff. */
  readonly name: string | null;
}

const ROUNDING = 1e-6;

/** The notes of a played bar, one column per chord or group of notes; null if the bar has no riff. */
export function noteLane(
  { arrangement, route }: RoutedSong,
  bar: number,
): readonly LaneColumn[] | null {
  const { start = 0, beats = 0 } = arrangement.bars[bar] ?? {};
  const end = start + beats - ROUNDING;
  const inBar = arrangement.chords.flatMap((chord, index) =>
    chord.start + ROUNDING >= start && chord.start < end ? [{ chord, index }] : [],
  );
  if (!inBar.some(({ chord }) => chord.notes)) return null;
  return inBar.map(({ chord, index }): LaneColumn => {
    const fretting = route.timed.stops[route.played.indexOf(index)]?.fingering.fretting ?? [];
    const markOf = (string: number) =>
      noteOnString(chord.notes ?? [], string, fretting.length)?.mark ?? null;
    return {
      at: chord.start - start,
      length: Math.min(chord.beats, end - chord.start),
      isMuted: chord.strikes.some(({ touch }) => touch === "muted"),
      name: chord.notes ? null : chord.name,
      notes: fretting.flatMap((fret, string) => {
        if (fret === null) return [];
        const mark = markOf(string);
        return [
          {
            string,
            fret,
            reached: slurOfMark(mark) === null ? "" : (mark ?? ""),
            ends: mark === "b" || mark === "~" ? mark : "",
            isDead: mark === "x",
          },
        ];
      }),
    };
  });
}
