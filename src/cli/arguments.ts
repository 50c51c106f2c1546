import { array, lazy, mixed, number, object, string } from "yup";
import { checkFretting, readFretting, type Fretting, type ReachLimit } from "@/core/fretting";
import {
  DEFAULT_HAND,
  EXCLUSIONS,
  HIGHEST_SPAN_MM,
  LOWEST_SPAN_MM,
  NARROWEST_FINGERTIP_MM,
  SCHOOLS,
  WIDEST_FINGERTIP_MM,
  type Exclusion,
  type Hand,
} from "@/core/hand";
import { makeNeck, MAX_FRETS, type Neck } from "@/core/neck";
import { parseNote, spellPitchClass, type Note } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { MAX_STRINGS, MIN_STRINGS, nameTuning, readTuning, type Tuning } from "@/core/tuning";

/** The arguments that several commands share: their schemas, and the core values they stand for. */

const midiNumbers = array(number().integer().required()).min(1).max(10);

/** Any text that Tenon reads, or an array of MIDI numbers. */
export const tuningArgument = lazy((value: unknown) =>
  Array.isArray(value)
    ? midiNumbers.required()
    : string().defined(({ path }) => `${path}: say a tuning, like 'drop D' or 'D A D G B E'`),
);
export type TuningArgument = string | readonly number[];

export const rootArgument = mixed<string | number>()
  .required()
  .test("root", "root: write a note (A to G with # or b) or a pitch class from 0 to 11", (root) => {
    if (root === undefined) return true;
    if (typeof root === "string") return parseNote(root).ok;
    return Number.isInteger(root) && root >= 0 && root <= 11;
  });

/** Frets per string, thickest first, with null for a silent string; or the same as text. */
export const frettingArgument = lazy((value: unknown) =>
  Array.isArray(value)
    ? array(number().integer().min(0).nullable().defined()).min(1).max(MAX_STRINGS).required()
    : string().defined(({ path }) => `${path}: write frets, thick to thin, like 'x 5 7 7 x x'`),
);
export type FrettingArgument = string | Fretting;

export const fretsArgument = number().integer().min(1).max(MAX_FRETS);

export const guitarArgument = object({
  scaleMm: number(),
  trebleScaleMm: number(),
  perpendicularFret: number(),
  nutMm: number(),
  bridgeMm: number(),
  capo: number().integer(),
})
  .noUnknown()
  .default(undefined);

export const handArgument = object({
  spanMm: number().min(LOWEST_SPAN_MM).max(HIGHEST_SPAN_MM),
  without: array(mixed<Exclusion>().oneOf(EXCLUSIONS).required()),
  fingertipMm: number().min(NARROWEST_FINGERTIP_MM).max(WIDEST_FINGERTIP_MM),
})
  .noUnknown()
  .default(undefined);

export const schoolArgument = string().oneOf(SCHOOLS);

export const limitArguments = {
  maxSpanFrets: number().integer().min(0),
  reachMm: number().min(0),
};

type Loose<T> = { readonly [Key in keyof T]?: T[Key] | undefined };

/** The requested tuning; text is read for `strings` strings where that is given and possible. */
export function toTuning(
  argument: TuningArgument,
  field = "tuning",
  strings?: number,
): Result<Tuning> {
  if (typeof argument !== "string") return midiTuning(argument, field);
  const fitting = strings === undefined ? null : readTuning(argument, { strings });
  const read = fitting?.ok ? fitting : readTuning(argument);
  if (!read.ok) return failure(field, read.problem.message);
  return success(read.value.tuning);
}

/** Names pitches that any neck could have; fewer strings than a guitar's have no name. */
function midiTuning(midi: readonly number[], field: string): Result<Tuning> {
  const neck = makeNeck({ midi });
  if (!neck.ok) return failure(field, neck.problem.message);
  if (midi.length < MIN_STRINGS) {
    return failure(field, `${midi.length} strings; a guitar has ${MIN_STRINGS} to ${MAX_STRINGS}`);
  }
  return success(nameTuning(midi));
}

export function toNeck(args: {
  readonly tuning: TuningArgument;
  readonly frets?: number | undefined;
  readonly guitar?:
    | Loose<
        Record<
          "scaleMm" | "trebleScaleMm" | "perpendicularFret" | "nutMm" | "bridgeMm" | "capo",
          number
        >
      >
    | undefined;
  /** The argument that names the tuning. */
  readonly field?: string | undefined;
}): Result<Neck> {
  const { field = "tuning" } = args;
  const said = args.tuning;
  const tuning = typeof said === "string" ? toTuning(said, field) : success({ midi: said });
  if (!tuning.ok) return tuning;
  const { midi } = tuning.value;
  const neck = makeNeck({ ...withoutUndefined(args.guitar), midi, frets: args.frets });
  return !neck.ok && neck.problem.field === "tuning" ? failure(field, neck.problem.message) : neck;
}

/** A fretting that fits the neck. */
export function toFretting(neck: Neck, argument: FrettingArgument): Result<Fretting> {
  const read = typeof argument === "string" ? readFretting(argument) : success(argument);
  return read.ok ? checkFretting(neck, read.value) : read;
}

export function toRoot(root: string | number): Note {
  const note = typeof root === "string" ? parseNote(root) : success(spellPitchClass(root));
  if (!note.ok) throw new TypeError(note.problem.message);
  return note.value;
}

export function toHand(hand: Loose<Hand> | undefined): Hand {
  return {
    spanMm: hand?.spanMm ?? DEFAULT_HAND.spanMm,
    without: hand?.without ?? DEFAULT_HAND.without,
    fingertipMm: hand?.fingertipMm ?? DEFAULT_HAND.fingertipMm,
  };
}

/** The limit that was asked for, or undefined where the hand's own reach is to hold. */
export function toLimit({ maxSpanFrets, reachMm }: ReachLimit): ReachLimit | undefined {
  return maxSpanFrets === undefined && reachMm === undefined
    ? undefined
    : { maxSpanFrets, reachMm };
}

function withoutUndefined<T extends object>(
  value: T | undefined,
): { [K in keyof T]?: NonNullable<T[K]> } {
  return Object.fromEntries(
    Object.entries(value ?? {}).filter(([, entry]) => entry !== undefined),
  ) as { [K in keyof T]?: NonNullable<T[K]> };
}
