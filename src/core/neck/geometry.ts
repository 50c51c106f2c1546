import { SEMITONES_PER_OCTAVE } from "@/core/pitch";
import { type Neck } from "./neck";

/**
 * Where a fingertip presses: this share of the fret space behind the wire. Straight down just
 * behind the wire sounds clean with least force (common practice; the figure is a judgement).
 */
const FINGERTIP_SHARE = 0.25;

/**
 * Distance of fret n from the nut in mm: L (1 - 2^(-n/12)), the rule of the twelfth root of two
 * in every guitar-making handbook. `fret` may lie between two wires.
 */
export function fretDistanceMm(scaleMm: number, fret: number): number {
  return scaleMm * (1 - 2 ** (-fret / SEMITONES_PER_OCTAVE));
}

/** Scale length in mm of one string: from bass to treble side in equal steps. */
export function stringScaleMm(neck: Neck, string: number): number {
  return neck.scaleMm + (neck.trebleScaleMm - neck.scaleMm) * shareAcross(neck, string);
}

/**
 * Distance along the neck in mm of a wire (counted from the capo) on one string, from the nut of
 * the thickest string. On a fanned neck all strings agree at the perpendicular fret.
 */
export function wireMm(neck: Neck, string: number, fret: number): number {
  const scaleMm = stringScaleMm(neck, string);
  const squareMm = fretDistanceMm(neck.scaleMm, neck.perpendicularFret);
  const nutMm = squareMm - fretDistanceMm(scaleMm, neck.perpendicularFret);
  return nutMm + fretDistanceMm(scaleMm, neck.capo + fret);
}

/** Where the fingertip presses for a fret of 1 or more, in mm along the neck. */
export function fingertipMm(neck: Neck, string: number, fret: number): number {
  return tablesOf(neck).fingertipMm[string]?.[fret] ?? computeFingertipMm(neck, string, fret);
}

/** Distance across the neck in mm from the thickest string to `string`, at a fret's wire. */
export function acrossMm(neck: Neck, string: number, fret: number): number {
  const spreadMm = tablesOf(neck).spreadMm[fret] ?? computeSpreadMm(neck, fret);
  return spreadMm * shareAcross(neck, string);
}

interface Tables {
  /** By string and fret. */
  readonly fingertipMm: readonly (readonly number[])[];
  /** By fret: between the outer strings. */
  readonly spreadMm: readonly number[];
}

/** Searches ask for the same few hundred places over and over; each neck's are worked out once. */
const tables = new WeakMap<Neck, Tables>();

function tablesOf(neck: Neck): Tables {
  const known = tables.get(neck);
  if (known) return known;
  const frets = Array.from({ length: neck.frets + 1 }, (_, fret) => fret);
  const made: Tables = {
    fingertipMm: neck.midi.map((_, string) =>
      frets.map((fret) => computeFingertipMm(neck, string, fret)),
    ),
    spreadMm: frets.map((fret) => computeSpreadMm(neck, fret)),
  };
  tables.set(neck, made);
  return made;
}

function computeFingertipMm(neck: Neck, string: number, fret: number): number {
  const wire = wireMm(neck, string, fret);
  return wire - FINGERTIP_SHARE * (wire - wireMm(neck, string, fret - 1));
}

function computeSpreadMm(neck: Neck, fret: number): number {
  const share = fretDistanceMm(1, neck.capo + fret);
  return neck.nutMm + (neck.bridgeMm - neck.nutMm) * share;
}

function shareAcross(neck: Neck, string: number): number {
  return neck.midi.length > 1 ? string / (neck.midi.length - 1) : 0;
}
