import { findVoicing, type Grip, type Player } from "../hand";
import { type Neck } from "../neck";
import { type Midi, type Note } from "../pitch";
import { type Voicing } from "../stack";

/** One chord on one neck: how many places it has, and the easiest of them. */
export interface ChordOnNeck {
  readonly count: number;
  /** Easiest first; at most as many as were asked for. */
  readonly grips: readonly Grip[];
  /** The lowest pitch among all playable grips of the chord; null where there is none. */
  readonly lowestMidi: Midi | null;
}

/** Finds a chord on a neck and keeps the `most` easiest grips. */
export function chordOnNeck(
  neck: Neck,
  root: Note,
  voicing: Voicing,
  most: number,
  player: Player = {},
): ChordOnNeck {
  const grips = findVoicing(neck, root, voicing, player);
  const pitches = grips.flatMap((grip) => grip.midi);
  return {
    count: grips.length,
    grips: grips.slice(0, most),
    lowestMidi: pitches.length > 0 ? Math.min(...pitches) : null,
  };
}

/** What playing the chord on another neck changes; null where one of the two cannot play it. */
export interface ChordDifference {
  /** Effort points of the easiest grip there, less those here: negative is easier there. */
  readonly effort: number;
  /** Semitones from the lowest note here to the lowest there: negative is lower there. */
  readonly lowestSemitones: number;
}

export function chordDifference(here: ChordOnNeck, there: ChordOnNeck): ChordDifference | null {
  const [easiestHere] = here.grips;
  const [easiestThere] = there.grips;
  if (!easiestHere || !easiestThere || here.lowestMidi === null || there.lowestMidi === null) {
    return null;
  }
  return {
    effort: easiestThere.best.effort - easiestHere.best.effort,
    lowestSemitones: there.lowestMidi - here.lowestMidi,
  };
}
