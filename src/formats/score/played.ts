import { type Score, type ScoreBar, type ScoreChord, type ScoreNote } from "./score";

/** A bar as it is played. */
export interface PlayedBar extends ScoreBar {
  /** In quarters from the beginning of the song. */
  readonly start: number;
  /** The name of the section that begins here; null within one. */
  readonly begins: string | null;
}

/** A note or chord in the time of the song, in quarters. */
export type InSong<T> = T & { readonly start: number };

/**
 * The bars of a score in the order in which they are played, repeats written out. A chord that comes early takes its time
 * from the one that is played before it.
 */
export function playedBars({ sections, order }: Score): readonly PlayedBar[] {
  let start = 0;
  const bars: PlayedBar[] = [];
  for (const [at, [section, index]] of order.entries()) {
    const bar = sections[section]?.bars[index];
    if (!bar) continue;
    const isFirst = order[at - 1]?.[0] !== section;
    const before = bars.at(-1);
    if (before) bars[bars.length - 1] = endingBefore(before, bar.chords[0]?.startBeat ?? 0);
    bars.push({ ...bar, start, begins: isFirst ? (sections[section]?.name ?? "") : null });
    start += bar.beats;
  }
  return bars;
}

/** A bar whose last chord ends where the next bar's first begins: at `startBeat` of that bar, negative where it comes early. */
function endingBefore(bar: PlayedBar, startBeat: number): PlayedBar {
  const last = bar.chords.at(-1);
  const room = last ? bar.beats + startBeat - last.startBeat : 0;
  if (!last || startBeat >= 0 || last.beats <= room) return bar;
  return { ...bar, chords: [...bar.chords.slice(0, -1), { ...last, beats: Math.max(0, room) }] };
}

/** A chord as it is played, with the meter of its bar. */
type PlayedScoreChord = InSong<ScoreChord> & { readonly meter: string };

/** Every chord that sounds, in order; it ends where the next begins. */
export function playedScoreChords(bars: readonly PlayedBar[]): readonly PlayedScoreChord[] {
  const all = bars.flatMap((bar) =>
    bar.chords
      .filter(({ reducedTo }) => reducedTo !== null)
      .map((chord) => ({ ...chord, meter: bar.meter, start: bar.start + chord.startBeat })),
  );
  return all.map((chord, index) => {
    const next = all[index + 1]?.start ?? Infinity;
    return { ...chord, beats: Math.max(0, Math.min(chord.beats, next - chord.start)) };
  });
}

/** Every note, in the order in which they begin, thick strings first. */
export function playedNotes(bars: readonly PlayedBar[]): readonly InSong<ScoreNote>[] {
  return bars
    .flatMap((bar) => bar.notes.map((note) => ({ ...note, start: bar.start + note.startBeat })))
    .sort((a, b) => a.start - b.start || a.string - b.string);
}

/** The score with its repeats written out, so that every bar is there as often as it is played. */
export function writtenOut(score: Score): Score {
  const sections: { name: string; bars: ScoreBar[] }[] = [];
  for (const { start: _start, begins, ...bar } of playedBars(score)) {
    if (begins !== null || sections.length === 0) sections.push({ name: begins ?? "", bars: [] });
    sections.at(-1)?.bars.push(bar);
  }
  return { ...score, sections, order: wholeOrder(sections) };
}

/** Every bar once, as they stand. */
export function wholeOrder(
  sections: readonly { readonly bars: readonly unknown[] }[],
): Score["order"] {
  return sections.flatMap(({ bars }, section) => bars.map((_, bar) => [section, bar] as const));
}
