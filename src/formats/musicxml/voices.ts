import { type InSong, type PlayedBar, type ScoreNote } from "@/formats/score";

/** Notes of a bar that begin and end together; times from its beginning, in quarters. */
export interface NoteGroup {
  readonly start: number;
  readonly beats: number;
  readonly notes: readonly GroupedNote[];
}

export interface GroupedNote {
  readonly note: InSong<ScoreNote>;
  /** Whether it goes on from the bar before, or into the next. */
  readonly isTiedFrom: boolean;
  readonly isTiedTo: boolean;
}

/** Parts of a quarter that times are held to. */
export const DIVISIONS = 480;
const MAX_VOICES = 4;

/** The notes of each bar in voices, in each of which they follow one another; a note over a bar line is cut there. */
export function voicesByBar(
  bars: readonly PlayedBar[],
  notes: readonly InSong<ScoreNote>[],
): readonly (readonly (readonly NoteGroup[])[])[] {
  const groups = bars.map(
    () => new Map<string, { start: number; beats: number; notes: GroupedNote[] }>(),
  );
  let bar = 0;
  for (const note of notes) {
    const from = Math.max(0, snapped(note.start));
    const end = Math.max(from, snapped(note.start + note.beats));
    while (bar > 0 && (bars[bar]?.start ?? 0) > from) bar--;
    while (bar + 1 < bars.length && (bars[bar + 1]?.start ?? Infinity) <= from) bar++;
    for (let at = bar, start = from; at < bars.length && start < end; at++) {
      const own = bars[at];
      if (!own) break;
      const stop = Math.min(end, snapped(own.start + own.beats));
      if (stop <= start) continue;
      const key = `${start} ${stop}`;
      const group = groups[at]?.get(key) ?? {
        start: snapped(start - own.start),
        beats: snapped(stop - start),
        notes: [],
      };
      group.notes.push({ note, isTiedFrom: start > from, isTiedTo: stop < end });
      groups[at]?.set(key, group);
      start = stop;
    }
  }
  return groups.map((each) => voicesOf([...each.values()]));
}

function voicesOf(groups: readonly NoteGroup[]): readonly (readonly NoteGroup[])[] {
  const voices: NoteGroup[][] = [];
  for (const group of groups.toSorted((a, b) => a.start - b.start || b.beats - a.beats)) {
    const free = voices.find((voice) => {
      const last = voice.at(-1);
      return !last || last.start + last.beats <= group.start;
    });
    if (free) free.push(group);
    else if (voices.length < MAX_VOICES) voices.push([group]);
    else voices.at(-1)?.push(shortened(voices.at(-1)?.pop(), group));
  }
  return voices;
}

/** With more voices than notation has, the group before gives way. */
function shortened(before: NoteGroup | undefined, group: NoteGroup): NoteGroup {
  return before && before.start === group.start
    ? { ...group, notes: [...before.notes, ...group.notes] }
    : group;
}

function snapped(quarters: number): number {
  return Math.round(quarters * DIVISIONS) / DIVISIONS;
}
