import { type Midi } from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { HIGHEST_STRING_MIDI, LOWEST_STRING_MIDI, MAX_STRINGS, MIN_STRINGS } from "@/core/tuning";

/** What a neck measures, whatever it is tuned to. Lengths in mm. */
export interface NeckMeasures {
  /** Scale length of the thickest string (of all strings where the frets are parallel). */
  readonly scaleMm: number;
  /** Scale length of the thinnest string; equal to `scaleMm` where the frets are parallel. */
  readonly trebleScaleMm: number;
  /** The fret that stands square to the strings on a fanned neck; 0 is the nut. */
  readonly perpendicularFret: number;
  /** Spread of the outer strings at the nut. */
  readonly nutMm: number;
  /** Spread of the outer strings at the bridge. */
  readonly bridgeMm: number;
  /** Fret under the capo; 0 without one. */
  readonly capo: number;
}

/**
 * A tuned neck. Fret numbers everywhere in the core count from the capo, so 0 is what sounds
 * with no finger down; `frets` is the number left above it.
 */
export interface Neck extends NeckMeasures {
  /** Sounding pitch per string with no finger down, thickest string first. */
  readonly midi: readonly Midi[];
  readonly frets: number;
}

export const MAX_FRETS = 36;
/** The fewest frets of a whole guitar; parts of a neck may have fewer. */
export const MIN_GUITAR_FRETS = 12;
export const DEFAULT_FRETS = 24;

const DEFAULT_SCALE_MM = 648;
const DEFAULT_PERPENDICULAR_FRET = 7;
/** Spread of the outer strings per gap between two strings, six-string habit (from memory). */
const NUT_GAP_MM = 7.1;
const BRIDGE_GAP_MM = 10.4;

export interface NeckInput extends Partial<NeckMeasures> {
  /** Pitch per string without a capo, thickest string first; 1 to 10 strings. */
  readonly midi: readonly Midi[];
  /** Frets on the neck, counted from the nut; 24 by default. */
  readonly frets?: number | undefined;
}

/**
 * A neck from what is known of it; the rest as on a common electric guitar. One to three strings
 * are allowed, so that parts of a neck can be computed. The problem names the field that is off.
 */
export function makeNeck(input: NeckInput): Result<Neck> {
  const { midi, frets = DEFAULT_FRETS, scaleMm = DEFAULT_SCALE_MM, capo = 0 } = input;
  const gaps = Math.max(midi.length - 1, 1);
  const neck: Neck = {
    scaleMm,
    trebleScaleMm: input.trebleScaleMm ?? scaleMm,
    perpendicularFret: input.perpendicularFret ?? DEFAULT_PERPENDICULAR_FRET,
    nutMm: input.nutMm ?? gaps * NUT_GAP_MM,
    bridgeMm: input.bridgeMm ?? gaps * BRIDGE_GAP_MM,
    capo,
    midi: midi.map((pitch) => pitch + capo),
    frets: frets - capo,
  };
  const problem = findProblem(input, frets, neck);
  return problem ? failure(problem.field, problem.message) : success(neck);
}

/** The same neck with its strings at other pitches, told as without its capo; as many, and possible ones. */
export function retuneNeck(neck: Neck, midi: readonly Midi[]): Neck {
  return { ...neck, midi: midi.map((pitch) => pitch + neck.capo) };
}

function findProblem(
  input: NeckInput,
  frets: number,
  neck: Neck,
): { field: string; message: string } | null {
  const strings = input.midi.length;
  if (strings < 1 || strings > MAX_STRINGS) {
    return {
      field: "tuning",
      message: `${strings} strings; a guitar has ${MIN_STRINGS} to ${MAX_STRINGS}`,
    };
  }
  const wrong = input.midi.findIndex(
    (pitch) =>
      !Number.isInteger(pitch) || pitch < LOWEST_STRING_MIDI || pitch > HIGHEST_STRING_MIDI,
  );
  if (wrong >= 0) {
    return {
      field: "tuning",
      message: `string ${strings - wrong}: ${input.midi[wrong]} is no pitch of a string; MIDI numbers run from ${LOWEST_STRING_MIDI} to ${HIGHEST_STRING_MIDI}`,
    };
  }
  const ranges: readonly [
    field: string,
    value: number,
    low: number,
    high: number,
    whole: boolean,
  ][] = [
    ["frets", frets, 1, MAX_FRETS, true],
    ["capo", neck.capo, 0, frets - 1, true],
    ["perpendicularFret", neck.perpendicularFret, 0, MAX_FRETS, false],
    ["scaleMm", neck.scaleMm, 300, 1200, false],
    ["trebleScaleMm", neck.trebleScaleMm, 300, 1200, false],
    ["nutMm", neck.nutMm, 5, 150, false],
    ["bridgeMm", neck.bridgeMm, 5, 200, false],
  ];
  for (const [field, value, low, high, whole] of ranges) {
    if (!(value >= low && value <= high) || (whole && !Number.isInteger(value))) {
      return {
        field,
        message: `${value}: write a ${whole ? "whole " : ""}number from ${low} to ${high}${field.endsWith("Mm") ? " mm" : ""}`,
      };
    }
  }
  return null;
}
