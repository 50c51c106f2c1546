import { type Midi } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { stringWarning, type StrungGuitar, type TensionLimits } from "@/core/strings";
import { HIGHEST_STRING_MIDI, LOWEST_STRING_MIDI, samePitches } from "@/core/tuning";

/** What bounds a search; null asks nothing. */
export interface SearchLimits {
  /** A string goes up and down by at most this many semitones. */
  readonly up: number;
  readonly down: number;
  /** The strings that may be turned, as indexes from the thickest. */
  readonly movable: readonly number[] | null;
  /** At most this many strings are turned. */
  readonly maxTurned: number | null;
  /** No string is tuned lower than this, turned or not. */
  readonly lowest: Midi | null;
  /** No string that is turned is slack, near breaking, or wound above what it is made for. */
  readonly tension: { readonly guitar: StrungGuitar; readonly limits: TensionLimits } | null;
}

export const NO_SEARCH_LIMITS: SearchLimits = {
  up: 2,
  down: 2,
  movable: null,
  maxTurned: null,
  lowest: null,
  tension: null,
};

/** More would not fit into memory and patience. */
export const MAX_TUNINGS = 1_000_000;

/** The tunings to search. */
export interface SearchSpace {
  readonly from: readonly Midi[];
  /** By string, thickest first: the pitches it may have, its own first where it may stay. */
  readonly perString: readonly (readonly Midi[])[];
  /** At most this many strings differ from their current pitch. */
  readonly maxTurned: number;
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
  const { up, down, maxTurned } = limits;
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
    return mayStay(limits, midi) ? [midi, ...turned] : turned;
  });
  const stuck = perString.findIndex((pitches) => pitches.length === 0);
  if (stuck >= 0) {
    return failure(
      "limits.lowest",
      `string ${stuck} is tuned lower and cannot be turned up to it; allow more semitones, or a lower note`,
      { code: "string too low", values: { string: stuck } },
    );
  }
  const max = Math.min(maxTurned ?? from.length, from.length);
  const reachable = countTunings(from, perString, max);
  const beyond = uniqueTunings(others).filter(
    (midi) =>
      midi.length === from.length &&
      midi.filter((pitch, string) => pitch !== from[string]).length <= max &&
      midi.every((pitch, string) => {
        const now = from[string] ?? pitch;
        return pitch === now ? mayStay(limits, now) : mayHang(limits, string, now, pitch);
      }) &&
      !midi.every((pitch, string) => perString[string]?.includes(pitch)),
  );
  const size = reachable + beyond.length;
  if (size > MAX_TUNINGS) {
    return failure(
      "within",
      `${size.toLocaleString("en")} tunings; at most ${MAX_TUNINGS.toLocaleString("en")} are searched. Allow fewer semitones, fewer strings that may move, or fewer strings turned at once`,
      { code: "too many tunings", values: { tunings: size, max: MAX_TUNINGS } },
    );
  }
  return success({ from, perString, maxTurned: max, others: beyond, size });
}

/** A string that is not turned keeps the one limit that binds every string. */
function mayStay({ lowest }: SearchLimits, midi: Midi): boolean {
  return lowest === null || midi >= lowest;
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

/** How many tunings turn at most `most` strings: a sum of products, string by string. */
function countTunings(
  from: readonly Midi[],
  perString: readonly (readonly Midi[])[],
  max: number,
): number {
  // By the number of strings turned so far.
  let ways = [1];
  for (const [string, pitches] of perString.entries()) {
    const turned = pitches.filter((midi) => midi !== from[string]).length;
    const staying = pitches.length - turned;
    ways = Array.from(
      { length: ways.length + 1 },
      (_, count) => staying * (ways[count] ?? 0) + turned * (ways[count - 1] ?? 0),
    );
  }
  return ways.slice(0, max + 1).reduce((sum, count) => sum + count, 0);
}

function uniqueTunings(tunings: readonly (readonly Midi[])[]): readonly (readonly Midi[])[] {
  return tunings.filter(
    (midi, index) => tunings.findIndex((other) => samePitches(other, midi)) === index,
  );
}

/**
 * Every tuning of the space that its strings' pitches make, as one row of digits each: the place of
 * the pitch in `perString`. The current tuning comes first where it may stay.
 */
export function tuningDigits({ from, perString, maxTurned }: SearchSpace): Uint8Array {
  const strings = perString.length;
  const digits = new Uint8Array(countTunings(from, perString, maxTurned) * strings);
  const row = new Uint8Array(strings);
  let written = 0;
  const visit = (string: number, turned: number): void => {
    if (string === strings) {
      digits.set(row, written);
      written += strings;
      return;
    }
    for (const [digit, midi] of (perString[string] ?? []).entries()) {
      const isTurned = midi !== from[string];
      if (isTurned && turned === maxTurned) continue;
      row[string] = digit;
      visit(string + 1, turned + (isTurned ? 1 : 0));
    }
  };
  visit(0, 0);
  return digits;
}
