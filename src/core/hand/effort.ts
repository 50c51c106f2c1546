import { type Fretting } from "../fretting";
import { acrossMm, type Neck } from "../neck";
import { type Press } from "./assign";
import { DEFAULT_SCHOOL, pairLimit, type Finger, type Hand, type School } from "./hand";

/**
 * The parts of an effort, all in effort points (about 2 is an index finger put down). They add up
 * to the effort, so that a figure can always be explained.
 */
export interface EffortTerms {
  /** Fingers put down, weak ones costing more. */
  readonly fingers: number;
  /** Further strings that one finger must hold. */
  readonly barre: number;
  /** How far the hand opens along the neck. */
  readonly reach: number;
  /** Opening beyond what is comfortable between two fingers. */
  readonly stretch: number;
  /** Neighbouring fingers spread wider, or squeezed closer, than one fret each. */
  readonly spacing: number;
  /** Distance between the outer fingers across the strings. */
  readonly across: number;
  /** Silent strings between sounding ones, which a finger must damp. */
  readonly interior: number;
  /** Open strings that a finger on the next thicker string must arch over. */
  readonly arch: number;
  /** Frets so high that the body is in the way. */
  readonly access: number;
  /** Less where the player's own school would do it so. */
  readonly school: number;
}

/**
 * Every weight of the effort, in effort points per the unit named. Judgements, set so that the
 * grips of common practice come first; to be fitted on open data.
 */
export const EFFORT_WEIGHTS = {
  finger: { 1: 2, 2: 3, 3: 3, 4: 5, T: 9 } as Readonly<Record<Finger, number>>,
  /** Per further string held. */
  barre: { 1: 2, 2: 6, 3: 6, 4: 4, T: 9 } as Readonly<Record<Finger, number>>,
  /** Per unplayed string under a barre, which only the pick avoids. */
  idleUnderBarre: 4,
  reachPerMm: 0.03,
  stretchPerMm: 0.15,
  /** Per fret that two fingers stand further apart than their numbers. */
  spreadPerFret: 4,
  /** Per fret that two fingers stand closer together than their numbers. */
  squeezePerFret: 0.5,
  acrossPerMm: 0.02,
  /** Per silent string between sounding ones. */
  interiorString: 6,
  /** Per open string beside a finger on the next thicker one. */
  archedOpenString: 1.5,
  /** The first fret beyond which the body costs effort, on a common electric guitar. */
  accessFret: 12,
  accessPerFret: 0.4,
  school: -5,
} as const;

export function effortTerms(
  neck: Neck,
  fretting: Fretting,
  presses: readonly Press[],
  hand: Hand,
  school: School = DEFAULT_SCHOOL,
): EffortTerms {
  const weights = EFFORT_WEIGHTS;
  const sum = (of: (press: Press) => number) =>
    presses.reduce((total, press) => total + of(press), 0);
  return {
    fingers: sum((press) => weights.finger[press.finger]),
    barre: sum(
      (press) =>
        weights.barre[press.finger] * (press.strings.length - 1) +
        weights.idleUnderBarre * press.idleInside,
    ),
    reach: weights.reachPerMm * reachMm(presses),
    stretch: weights.stretchPerMm * beyondComfortMm(presses, hand),
    spacing: spacing(presses),
    across: weights.acrossPerMm * acrossReachMm(neck, presses),
    interior: weights.interiorString * interiorStrings(fretting),
    arch: weights.archedOpenString * archedStrings(fretting),
    access: weights.accessPerFret * fretsBeyond(neck, presses),
    school: followsSchool(fretting, presses, school) ? weights.school : 0,
  };
}

export function totalEffort(terms: EffortTerms): number {
  const { fingers, barre, reach, stretch, spacing, across, interior, arch, access, school } = terms;
  const total =
    fingers + barre + reach + stretch + spacing + across + interior + arch + access + school;
  return Math.max(total, 0);
}

/** How far the hand opens along the neck, in mm; 0 for one finger or none. */
export function reachMm(presses: readonly Press[]): number {
  if (presses.length < 2) return 0;
  const tipsMm = presses.map((press) => press.tipMm);
  return Math.max(...tipsMm) - Math.min(...tipsMm);
}

function beyondComfortMm(presses: readonly Press[], hand: Hand): number {
  let excessMm = 0;
  for (const [index, lower] of presses.entries()) {
    for (const higher of presses.slice(index + 1)) {
      const { comfortMm } = pairLimit(hand, lower.finger, higher.finger);
      excessMm += Math.max(0, Math.abs(higher.tipMm - lower.tipMm) - comfortMm);
    }
  }
  return excessMm;
}

function spacing(presses: readonly Press[]): number {
  const fingers = presses.filter((press) => press.finger !== "T");
  return fingers.slice(1).reduce((sum, higher, index) => {
    const lower = fingers[index] ?? higher;
    const spread = higher.fret - lower.fret - (Number(higher.finger) - Number(lower.finger));
    const { spreadPerFret, squeezePerFret } = EFFORT_WEIGHTS;
    return sum + (spread > 0 ? spreadPerFret * spread : -squeezePerFret * spread);
  }, 0);
}

function acrossReachMm(neck: Neck, presses: readonly Press[]): number {
  const places = presses.map((press) => acrossMm(neck, press.strings[0] ?? 0, press.fret));
  return places.length > 1 ? Math.max(...places) - Math.min(...places) : 0;
}

function interiorStrings(fretting: Fretting): number {
  const first = fretting.findIndex((fret) => fret !== null);
  const last = fretting.findLastIndex((fret) => fret !== null);
  return first < 0 ? 0 : fretting.slice(first, last).filter((fret) => fret === null).length;
}

function archedStrings(fretting: Fretting): number {
  return fretting.filter((fret, string) => fret === 0 && Boolean(fretting[string - 1])).length;
}

function fretsBeyond(neck: Neck, presses: readonly Press[]): number {
  const highest = Math.max(0, ...presses.map((press) => neck.capo + press.fret));
  return Math.max(0, highest - EFFORT_WEIGHTS.accessFret);
}

/** The default school is what the weights already describe; the others favour one habit each. */
function followsSchool(fretting: Fretting, presses: readonly Press[], school: School): boolean {
  const barre = presses.some((press) => press.finger === 3 && press.strings.length > 1);
  if (school === "ring barre") return barre;
  const two = fretting.filter((fret) => fret !== null).length === 2;
  const fingers = presses.map((press) => press.finger).join();
  return school === "index and little" && two && fingers === "1,4";
}
