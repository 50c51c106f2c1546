import { type Midi } from "../pitch";
import { failure, success, type Result } from "../result";
import {
  HIGHEST_STRING_MIDI,
  LOWEST_STRING_MIDI,
  samePitches,
  stringWarning,
  type StrungGuitar,
  type TensionLimits,
} from "../tuning";

/** What bounds a search; null asks nothing. */
export interface SearchLimits {
  /** A string goes up and down by at most so many semitones. */
  readonly up: number;
  readonly down: number;
  /** The strings that may be turned, as indexes from the thickest. */
  readonly movable: readonly number[] | null;
  /** At most so many strings are turned. */
  readonly mostTurned: number | null;
  /** No string hangs lower than this. */
  readonly lowest: Midi | null;
  /** No string that is turned is slack, near breaking, or wound above what it is made for. */
  readonly tension: { readonly guitar: StrungGuitar; readonly limits: TensionLimits } | null;
}

export const NO_LIMITS: SearchLimits = {
  up: 2,
  down: 2,
  movable: null,
  mostTurned: null,
  lowest: null,
  tension: null,
};

/** More would not fit into memory and patience. */
export const MOST_TUNINGS = 1_000_000;

/** The tunings to search. */
export interface SearchSpace {
  readonly from: readonly Midi[];
  /** By string, thickest first: the pitches it may have, the present one first. */
  readonly perString: readonly (readonly Midi[])[];
  /** At most so many strings have another pitch than the first. */
  readonly mostTurned: number;
  /** Tunings beyond those, such as the catalogue's. */
  readonly others: readonly (readonly Midi[])[];
  /** How many tunings there are in all. */
  readonly size: number;
}

/**
 * Lays out a search from a tuning: every tuning within the limits, and of `others` those that have as
 * many strings and keep all limits but the semitones. The problem says how large it would be.
 */
export function makeSearchSpace(
  from: readonly Midi[],
  limits: SearchLimits,
  others: readonly (readonly Midi[])[] = [],
): Result<SearchSpace> {
  const { up, down, mostTurned } = limits;
  for (const [field, semitones] of Object.entries({ up, down })) {
    if (!Number.isInteger(semitones) || semitones < 0 || semitones > 24) {
      return failure(`limits.${field}`, `${semitones}: write whole semitones from 0 to 24`);
    }
  }
  const stray = limits.movable?.find((string) => !(string in from));
  if (stray !== undefined) {
    const last = from.length - 1;
    return failure("limits.strings", `${stray}: strings count from 0, the thickest, to ${last}`);
  }
  const perString = from.map((midi, string) => {
    const steps = Array.from({ length: up + down + 1 }, (_, index) => index - down);
    const turned = steps
      .filter((step) => step !== 0)
      .map((step) => midi + step)
      .filter((target) => mayHang(limits, string, midi, target));
    return [midi, ...turned];
  });
  const most = Math.min(mostTurned ?? from.length, from.length);
  const reachable = countTunings(perString, most);
  const beyond = uniqueTunings(others).filter(
    (midi) =>
      midi.length === from.length &&
      midi.filter((pitch, string) => pitch !== from[string]).length <= most &&
      midi.every((pitch, string) => {
        const now = from[string] ?? pitch;
        return pitch === now || mayHang(limits, string, now, pitch);
      }) &&
      !midi.every((pitch, string) => perString[string]?.includes(pitch)),
  );
  const size = reachable + beyond.length;
  if (size > MOST_TUNINGS) {
    return failure(
      "within",
      `${size.toLocaleString("en")} tunings; at most ${MOST_TUNINGS.toLocaleString("en")} are searched. Allow fewer semitones, fewer strings that may move, or fewer strings turned at once`,
    );
  }
  return success({ from, perString, mostTurned: most, others: beyond, size });
}

function mayHang(limits: SearchLimits, string: number, from: Midi, to: Midi): boolean {
  const { movable, lowest, tension } = limits;
  if (to < LOWEST_STRING_MIDI || to > HIGHEST_STRING_MIDI) return false;
  if (movable !== null && !movable.includes(string)) return false;
  if (lowest !== null && to < lowest) return false;
  return (
    tension === null || stringWarning(tension.guitar, string, from, to, tension.limits) === null
  );
}

/** How many tunings turn at most so many strings: a sum of products, string by string. */
function countTunings(perString: readonly (readonly Midi[])[], most: number): number {
  // By the number of strings turned so far.
  let ways = [1];
  for (const pitches of perString) {
    const turned = pitches.length - 1;
    ways = Array.from(
      { length: ways.length + 1 },
      (_, count) => (ways[count] ?? 0) + turned * (ways[count - 1] ?? 0),
    );
  }
  return ways.slice(0, most + 1).reduce((sum, count) => sum + count, 0);
}

function uniqueTunings(tunings: readonly (readonly Midi[])[]): readonly (readonly Midi[])[] {
  return tunings.filter(
    (midi, index) => tunings.findIndex((other) => samePitches(other, midi)) === index,
  );
}

/**
 * Every tuning of the space that its strings' pitches make, as one row of digits each: the place of
 * the pitch in `perString`. The present tuning comes first.
 */
export function tuningDigits({ perString, mostTurned }: SearchSpace): Uint8Array {
  const strings = perString.length;
  const digits = new Uint8Array(countTunings(perString, mostTurned) * strings);
  const row = new Uint8Array(strings);
  let written = 0;
  const visit = (string: number, turned: number): void => {
    if (string === strings) {
      digits.set(row, written);
      written += strings;
      return;
    }
    const pitches = perString[string]?.length ?? 1;
    for (let digit = 0; digit < pitches; digit++) {
      if (digit > 0 && turned === mostTurned) break;
      row[string] = digit;
      visit(string + 1, turned + (digit > 0 ? 1 : 0));
    }
  };
  visit(0, 0);
  return digits;
}
