import { array, lazy, mixed, number, object, string } from "yup";
import {
  DEFAULT_CHORD_OPTIONS,
  powerChordOnPitchClass,
  isSilenceWord,
  MAX_CHORDS,
  readChord,
  readProgression,
  type Chord,
} from "@/core/chart";
import {
  DEFAULT_WEIGHTS,
  HIGHEST_WEIGHT,
  WEIGHT_NAMES,
  type WeightName,
  type Weights,
} from "@/core/gripSearch";
import { failure, success, type Result } from "@/core/result";
import { makeVoicing } from "@/core/voicing";
import { MAX_STRINGS } from "@/core/tuning";

/** What `compare` and `search` have in common: chords, how they are played, and what counts. */

type ChordsArgument = string | readonly (string | number)[];

const chordArgument = mixed<string | number>()
  .required()
  .test(
    "chord",
    ({ path }) => `${path}: write a chord, like 'Am7', or a pitch class from 0 to 11`,
    (value) => typeof value === "string" || typeof value === "number",
  );

const chordsArgument = lazy((value: unknown) =>
  Array.isArray(value)
    ? array(chordArgument).required()
    : string().defined(({ path }) => `${path}: write chords, like 'D5 F5 C5'`),
);

const weight = number().min(0).max(HIGHEST_WEIGHT);

export const chordArguments = {
  chords: chordsArgument,
  /** With it, every chord is that voicing on its root. */
  voicing: array(number().integer().required()).default(undefined),
  /** Chords other than voicings sound on at least this many strings. */
  minNotes: number().integer().min(1).max(MAX_STRINGS),
  weights: object(
    Object.fromEntries(WEIGHT_NAMES.map((name) => [name, weight])) as Record<
      WeightName,
      typeof weight
    >,
  )
    .noUnknown()
    .default(undefined),
};

interface ChordValues {
  readonly chords?: unknown;
  readonly voicing?: readonly number[] | undefined;
  readonly minNotes?: number | undefined;
}

/** The chords in the order they are played: text of a progression, or a list of chords and pitch classes. */
export function toChords(args: ChordValues, max = MAX_CHORDS): Result<readonly Chord[]> {
  const voicing = args.voicing === undefined ? null : makeVoicing(args.voicing);
  if (voicing && !voicing.ok) return voicing;
  const options = {
    powerChordVoicing: voicing?.value ?? DEFAULT_CHORD_OPTIONS.powerChordVoicing,
    allAsPowerChords: voicing !== null,
    minNotes: args.minNotes ?? DEFAULT_CHORD_OPTIONS.minNotes,
  };
  const said = args.chords as ChordsArgument;
  if (typeof said === "string") return readProgression(said, options, "chords", max);
  if (said.length > max) {
    return failure("chords", `${said.length} chords; at most ${max} are read at a time`);
  }
  if (said.length === 0) return failure("chords", "no chord; write some, like D5 F5 C5");
  const chords: Chord[] = [];
  for (const [index, each] of said.entries()) {
    if (typeof each === "string" && isSilenceWord(each)) continue;
    const field = `chords[${index}]`;
    if (typeof each === "number" && !(Number.isInteger(each) && each >= 0 && each <= 11)) {
      return failure(field, `${each}: a pitch class is a whole number from 0 to 11`);
    }
    const read =
      typeof each === "number"
        ? success(powerChordOnPitchClass(each, options))
        : readChord(each, options, field);
    if (!read.ok) return read;
    chords.push(read.value);
  }
  if (chords.length === 0) return failure("chords", "no chord; write some, like D5 F5 C5");
  return success(chords);
}

/** Refuses more notes than a neck has strings. */
export function checkMinNotes(
  minNotes: number | undefined,
  strings: number,
  field = "minNotes",
): Result<null> {
  return minNotes !== undefined && minNotes > strings
    ? failure(field, `${minNotes} notes; this tuning has ${strings} strings`)
    : success(null);
}

/** The given weights; the rest are defaults. */
export function toWeights(
  weights: { readonly [Term in keyof Weights]?: number | undefined } | undefined,
): Weights {
  const told = Object.entries(weights ?? {}).filter(([, value]) => value !== undefined);
  return { ...DEFAULT_WEIGHTS, ...(Object.fromEntries(told) as Partial<Weights>) };
}
