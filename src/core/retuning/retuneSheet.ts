import { A4_HZ, frequencyHz, type Midi } from "@/core/pitch";
import {
  DEFAULT_TENSION_LIMITS,
  findWarnings,
  plainStressMpa,
  tensionN,
  tensionShare,
  unitMassGPerM,
  UNKNOWN_STRING,
  type StrungGuitar,
  type TensionLimits,
  type TensionWarning,
} from "@/core/strings";
import { findCheck, type ByEarCheck } from "./byEar";
import { retuneOrder } from "./retuneOrder";

/** One string on its way from one tuning to another. */
export interface RetunedString {
  readonly from: Midi;
  readonly to: Midi;
  /** Negative: let down; positive: wound up; 0: stays. */
  readonly semitones: number;
  /** The pitch to reach, in Hz. */
  readonly hz: number;
  /** How to check it against a string that is right by then; null for an outside reference, or where it stays. */
  readonly check: ByEarCheck | null;
  /** Tension before and after in N; null where the string is not known well enough. */
  readonly tension: { readonly fromN: number; readonly toN: number } | null;
  /** Semitones of the pitch to reach over the one the string is made for. */
  readonly overUsual: number;
  /** Tension after, as a share of the tension at the guitar's usual pitch. */
  readonly usualShare: number;
  /** Stress after as a share of the strength of plain steel wire of this length. */
  readonly stressShare: number;
}

interface SecondPassStep {
  readonly string: number;
  /** Null for the string that all others are checked against. */
  readonly check: ByEarCheck | null;
}

export interface RetuneSheet {
  /** Every string, thickest first. */
  readonly strings: readonly RetunedString[];
  /** Indexes of the strings to turn, in the order to turn them. */
  readonly order: readonly number[];
  /** Once more round all strings, because every turn has shifted the others a little. */
  readonly secondPass: readonly SecondPassStep[];
  /** The pull of all strings together. */
  readonly pull: {
    /** Change in N; null where a string is not known well enough. */
    readonly changeN: number | null;
    /** After as a share of before; where gauges are not known, as if all strings pulled alike. */
    readonly share: number;
    /** The same against the guitar's usual tuning, for which its neck is set up. */
    readonly usualShare: number;
  };
  readonly warnings: readonly TensionWarning[];
}

export interface RetuneOptions {
  /** Frequency of A4 in Hz. */
  readonly a4Hz?: number | undefined;
  readonly limits?: TensionLimits | undefined;
}

/**
 * Exactly how to get from one tuning to another on the same guitar. Both must have one pitch for
 * each string of the guitar; throws a RangeError otherwise.
 */
export function makeRetuneSheet(
  guitar: StrungGuitar,
  from: readonly Midi[],
  to: readonly Midi[],
  options: RetuneOptions = {},
): RetuneSheet {
  const count = guitar.usualMidi.length;
  if (from.length !== count || to.length !== count) {
    throw new RangeError(
      `tunings of ${from.length} and ${to.length} strings; the guitar has ${count}`,
    );
  }
  const { a4Hz = A4_HZ, limits = DEFAULT_TENSION_LIMITS } = options;
  const changed = to.flatMap((midi, string) => (midi === from[string] ? [] : [string]));
  const shareOf = (before: readonly Midi[], string: number) =>
    tensionShare((to[string] ?? 0) - (before[string] ?? 0));
  const masses = guitar.usualMidi.map((_, string) => massOf(guitar, string, a4Hz));
  const allKnown = masses.every((mass) => mass !== null);
  const tensionAt = (string: number, midi: Midi) =>
    tensionN(masses[string] ?? 0, guitar.scalesMm[string] ?? 0, frequencyHz(midi, a4Hz));
  const pullN = (tuning: readonly Midi[]) => sumOf(tuning, (midi, i) => tensionAt(i, midi));
  /** Pull after as a share of before; as if all strings pulled alike where they are not known. */
  const pullShare = (before: readonly Midi[]) =>
    allKnown ? pullN(to) / pullN(before) : sumOf(to, (_, i) => shareOf(before, i)) / count;

  const loads = to.map((midi, string) =>
    allKnown
      ? tensionAt(string, midi) - tensionAt(string, from[string] ?? midi)
      : shareOf(from, string) - 1,
  );
  const order = retuneOrder(to, loads, changed, guitar.frets);
  const checks = checksInOrder(to, changed, order, guitar.frets);
  const strings = to.map((midi, string): RetunedString => {
    const hz = frequencyHz(midi, a4Hz);
    const before = from[string] ?? midi;
    return {
      from: before,
      to: midi,
      semitones: midi - before,
      hz,
      check: checks.get(string) ?? null,
      tension:
        masses[string] === null
          ? null
          : { fromN: tensionAt(string, before), toN: tensionAt(string, midi) },
      overUsual: midi - (guitar.usualMidi[string] ?? midi),
      usualShare: shareOf(guitar.usualMidi, string),
      stressShare: plainStressMpa(guitar.scalesMm[string] ?? 0, hz) / limits.strengthMpa,
    };
  });
  const pull = {
    changeN: allKnown ? pullN(to) - pullN(from) : null,
    share: pullShare(from),
    usualShare: pullShare(guitar.usualMidi),
  };
  return {
    strings,
    order,
    secondPass: secondPass(to, changed, order, guitar.frets),
    pull,
    warnings: findWarnings(strings, pull.usualShare, limits),
  };
}

function sumOf<T>(items: readonly T[], of: (item: T, index: number) => number): number {
  return items.reduce((total, item, index) => total + of(item, index), 0);
}

/** Mass per length of one string in g/m, or null where too little is known of it. */
function massOf(guitar: StrungGuitar, string: number, a4Hz: number): number | null {
  const spec = guitar.strings?.[string] ?? UNKNOWN_STRING;
  const usualHz = frequencyHz(guitar.usualMidi[string] ?? 0, a4Hz);
  return unitMassGPerM(spec, guitar.scalesMm[string] ?? 0, usualHz);
}

function checksInOrder(
  to: readonly Midi[],
  changed: readonly number[],
  order: readonly number[],
  frets: number,
): ReadonlyMap<number, ByEarCheck | null> {
  const ready = to.map((_, string) => string).filter((string) => !changed.includes(string));
  return new Map(
    order.map((string) => {
      const check = findCheck(to, string, ready, frets);
      ready.push(string);
      return [string, check];
    }),
  );
}

/** All strings, beginning with the one the first pass began from, each against those already heard. */
function secondPass(
  to: readonly Midi[],
  changed: readonly number[],
  order: readonly number[],
  frets: number,
): readonly SecondPassStep[] {
  const still = to.map((_, string) => string).filter((string) => !changed.includes(string));
  const first = still[0] ?? order[0] ?? 0;
  const steps: SecondPassStep[] = [{ string: first, check: null }];
  const byDistance = to
    .map((_, string) => string)
    .filter((string) => string !== first)
    .sort((a, b) => Math.abs(a - first) - Math.abs(b - first) || a - b);
  for (const string of byDistance) {
    const heard = steps.map((step) => step.string);
    steps.push({ string, check: findCheck(to, string, heard, frets) });
  }
  return steps;
}
