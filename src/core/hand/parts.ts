import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { type Hold, type Press } from "./assign";
import { crowdedMm } from "./crowding";
import { EFFORT_WEIGHTS, type EffortPart } from "./fittedEffort";
import { handLimits, pairNumber, type Finger, type Hand } from "./hand";

/** What is counted of a fingering: how much, of which part of the effort. */
type CountPart = (part: number, amount: number) => void;

/** The parts by number, for the inner loop: a part's number is its place in this list. */
export const EFFORT_PARTS = Object.keys(EFFORT_WEIGHTS) as readonly EffortPart[];

const numberOf = (name: EffortPart): number => EFFORT_PARTS.indexOf(name);
const perFinger = (name: (finger: 1 | 2 | 3 | 4) => EffortPart): readonly number[] => [
  -1,
  ...([1, 2, 3, 4] as const).map((finger) => numberOf(name(finger))),
];

const FINGER = perFinger((finger) => `finger ${finger}`);
const BARRE = perFinger((finger) => `barre ${finger}`);
const BARRE_WIDTH = perFinger((finger) => `barre ${finger} per string`);
const BARRE_SHORT = perFinger((finger) => `barre ${finger} short of a thinner note`);
const BARRE_HIGHER = perFinger((finger) => `barre ${finger} per higher note inside`);
const BARRE_TIP = perFinger((finger) => `barre ${finger} beside a lower note`);
const ARCH = perFinger((finger) => `arch ${finger}`);
const THUMB = numberOf("finger T");
const IDLE_INSIDE = numberOf("idle string under a barre");
const ALL_IDLE_INSIDE = numberOf("barre over idle strings only");
const JUMP_BARRE = numberOf("barre of two over higher notes only");
const BENT_BACK_INDEX = numberOf("barre 1 clear of a lower thin note");
const BENT_BACK = numberOf("barre of another finger clear of a lower thin note");
const BENT_BACK_BESIDE_INDEX = numberOf("barre 1 right beside a lower thin note");
const BENT_BACK_BESIDE = numberOf("barre of another finger right beside a lower thin note");
const REACH_MM = numberOf("reach per mm");
const STRETCH_MM = numberOf("stretch per mm");
const ACROSS_MM = numberOf("across per mm");
const RING_PAST_BARRE = numberOf("finger 3 alone on the thinnest past a barre");
const SKIPPED = numberOf("string skipped on one fret");
const ACCESS_FRET = numberOf("fret beyond the body");
const CROWDED_MM = numberOf("crowded per mm");

/** The widest gap in frets between neighbouring fingers that has a weight of its own. */
const WIDEST_GAP = 4;
const PAIRS = [12, 13, 14, 23, 24, 34] as const;
const GAPS = [0, 1, 2, 3, 4] as const;
/** By the two fingers, written together, and the frets between them. */
const GAP: readonly (readonly number[] | undefined)[] = byPair((pair) =>
  GAPS.map((gap) => numberOf(`${pair} over ${gap}`)),
);
const PAST_BARRE: readonly (number | undefined)[] = byPair((pair) =>
  numberOf(`${pair} past the barre`),
);

/** The first fret beyond which the body costs effort, on a common electric guitar. */
export const ACCESS_FROM_FRET = 12;

function byPair<T>(of: (pair: (typeof PAIRS)[number]) => T): (T | undefined)[] {
  const list: (T | undefined)[] = [];
  for (const pair of PAIRS) list[pair] = of(pair);
  return list;
}

/**
 * Counts every part of what a fingering asks of the hand. Effort and fitting both read from here,
 * so they can never disagree about what a part means. All but the stretch, which only shrinks as
 * the hand grows, and the crowding, which grows with its fingertips, is the same for every hand.
 */
export function countParts(
  neck: Neck,
  fretting: Fretting,
  presses: readonly Press[],
  hand: Hand,
  count: CountPart,
): void {
  let before: Press | null = null;
  for (const press of presses) {
    if (press.finger === "T") {
      count(THUMB, 1);
      continue;
    }
    countFinger(fretting, press.finger, press.hold, count);
    if (before && before.finger !== "T")
      countPair(before.finger, before.hold, press.finger, press.hold, count);
    before = press;
  }
  countPastBarre(fretting, presses, count);
  countDistances(neck, presses, hand, count);
  const lackingMm = crowdedMm(neck, presses, hand);
  if (lackingMm > 0) count(CROWDED_MM, lackingMm);
}

function countFinger(
  fretting: Fretting,
  finger: Exclude<Finger, "T">,
  hold: Hold,
  count: CountPart,
): void {
  count(FINGER[finger] ?? 0, 1);
  if (fretting[hold.thinnest + 1] === 0) count(ARCH[finger] ?? 0, 1);
  if (hold.strings.length > 1) countBarre(fretting, finger, hold, count);
}

function countBarre(
  fretting: Fretting,
  finger: Exclude<Finger, "T">,
  hold: Hold,
  count: CountPart,
): void {
  const { fret, thickest, thinnest, idleInside, higherInside } = hold;
  const between = thinnest - thickest - 1;
  count(BARRE[finger] ?? 0, 1);
  count(BARRE_WIDTH[finger] ?? 0, between + 1);
  if (higherInside > 0) count(BARRE_HIGHER[finger] ?? 0, higherInside);
  if (idleInside > 0) count(idleInside === between ? ALL_IDLE_INSIDE : IDLE_INSIDE, idleInside);
  if (between > 0 && higherInside === between) count(JUMP_BARRE, 1);
  if (soundsBeyond(fretting, thinnest)) count(BARRE_SHORT[finger] ?? 0, 1);
  if (soundsLower(fretting, thickest - 1, fret)) count(BARRE_TIP[finger] ?? 0, 1);
  if (soundsLower(fretting, thinnest + 1, fret)) {
    count(finger === 1 ? BENT_BACK_BESIDE_INDEX : BENT_BACK_BESIDE, 1);
  }
  for (let string = thinnest + 1; string < fretting.length; string++) {
    if (!soundsLower(fretting, string, fret)) continue;
    count(finger === 1 ? BENT_BACK_INDEX : BENT_BACK, 1);
    break;
  }
}

function soundsBeyond(fretting: Fretting, string: number): boolean {
  for (let thinner = string + 1; thinner < fretting.length; thinner++) {
    if (fretting[thinner] !== null) return true;
  }
  return false;
}

function soundsLower(fretting: Fretting, string: number, fret: number): boolean {
  const other = fretting[string];
  return typeof other === "number" && other < fret;
}

/** Two fingers next to one another in use, the lower first. */
function countPair(
  lower: Exclude<Finger, "T">,
  lowerHold: Hold,
  higher: Exclude<Finger, "T">,
  higherHold: Hold,
  count: CountPart,
): void {
  const pair = 10 * lower + higher;
  const frets = higherHold.fret - lowerHold.fret;
  count(GAP[pair]?.[Math.min(frets, WIDEST_GAP)] ?? 0, 1);
  if (frets === 0) {
    const skipped = higherHold.thickest - lowerHold.thinnest - 1;
    if (skipped > 0) count(SKIPPED, skipped);
    return;
  }
  if (lowerHold.strings.length > 1 && higherHold.thickest > lowerHold.thinnest) {
    count(PAST_BARRE[pair] ?? 0, 1);
  }
}

/** Two frets past an index bar, the thinnest string is the little finger's rather than the ring's. */
function countPastBarre(fretting: Fretting, presses: readonly Press[], count: CountPart): void {
  const last = presses[presses.length - 1];
  if (last?.finger !== 3 || last.hold.thickest !== fretting.length - 1) return;
  for (const { finger, hold } of presses) {
    if (finger !== 1 || hold.strings.length < 2 || last.hold.fret - hold.fret < 2) continue;
    count(RING_PAST_BARRE, 1);
  }
}

function countDistances(neck: Neck, presses: readonly Press[], hand: Hand, count: CountPart): void {
  const { comfortMm } = handLimits(hand);
  let beyondMm = 0;
  let lowMm = Infinity;
  let highMm = -Infinity;
  let thickMm = Infinity;
  let thinMm = -Infinity;
  let highestFret = 0;
  let known = 0;
  for (const { finger, hold } of presses) {
    for (let before = 0; before < known; before++) {
      const lower = presses[before];
      if (!lower) break;
      const apartMm = Math.abs(hold.tipMm - lower.hold.tipMm);
      beyondMm += Math.max(0, apartMm - (comfortMm[pairNumber(lower.finger, finger)] ?? 0));
    }
    known++;
    lowMm = Math.min(lowMm, hold.tipMm);
    highMm = Math.max(highMm, hold.tipMm);
    thickMm = Math.min(thickMm, hold.acrossMm);
    thinMm = Math.max(thinMm, hold.acrossMm);
    highestFret = Math.max(highestFret, hold.fret);
  }
  if (presses.length === 0) return;
  count(REACH_MM, highMm - lowMm);
  count(ACROSS_MM, thinMm - thickMm);
  if (beyondMm > 0) count(STRETCH_MM, beyondMm);
  const pastBody = neck.capo + highestFret - ACCESS_FROM_FRET;
  if (pastBody > 0) count(ACCESS_FRET, pastBody);
}
