import { positionOf, travelMm, type Finger, type Fingering, type HandPosition } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Slur } from "@/core/song";
import { changeBetween, type HandChange } from "./change";

/**
 * Cost of a change between single notes, in effort points (judgements). The hand stays in its position, one finger per
 * fret, and shifts when it must: the usual model of fingering single lines on strings (Sayegh, Computer Music Journal
 * 13(3), 1989; from memory).
 */
const NOTE_POINTS = {
  perTravelMm: 0.05,
  perShift: 1,
  towardNut: 0.3,
  /** A finger that jumps to another string must lift before the next note sounds. */
  fingerJumps: 1.5,
  /** A hammer-on with the finger that presses already, or a slide that changes fingers, cannot be played. */
  brokenSlur: 20,
} as const;

/**
 * A change between single notes takes this share of the time it would take between chords. Steady players then hold
 * sixteenths in one position at about 120 bpm, fluent players at about 160 (common practice).
 */
export const NOTE_TIME_SHARE = 0.8;

/** A change between notes of a riff: like one between chords, but with the cost for notes. */
export function noteChangeBetween(
  neck: Neck,
  from: Fingering,
  hand: HandPosition | null,
  to: Fingering,
  slur: Slur | null,
): HandChange {
  const cost = noteChangeCost(hand, positionOf(neck, to), from, to, slur);
  return { ...changeBetween(neck, from, hand, to), cost };
}

/** @param hand position before the change, @param goal after it; null if no finger has pressed yet, or none presses */
export function noteChangeCost(
  hand: HandPosition | null,
  goal: HandPosition | null,
  from: Fingering,
  to: Fingering,
  slur: Slur | null,
): number {
  const wayMm = hand && goal ? travelMm(hand, goal) : 0;
  const isTowardNut = hand !== null && goal !== null && goal.mm < hand.mm;
  const jumps = to.presses.filter(({ finger, hold }) => {
    const before = holdOf(from, finger);
    return before !== undefined && before.thickest !== hold.thickest;
  });
  const points = NOTE_POINTS;
  return (
    points.perTravelMm * wayMm +
    (wayMm > 0 ? points.perShift : 0) +
    (isTowardNut ? points.towardNut : 0) +
    points.fingerJumps * jumps.length +
    (slur !== null && isBroken(slur, from, to) ? points.brokenSlur : 0)
  );
}

function isBroken(slur: Slur, from: Fingering, to: Fingering): boolean {
  // An open string can be hammered from and pulled off to, but not slid to.
  if (from.presses.length === 0 || to.presses.length === 0) return slur === "slide";
  return to.presses.some(({ finger, hold }) => {
    const isSame = holdOf(from, finger)?.thickest === hold.thickest;
    return slur === "slide" ? !isSame : isSame;
  });
}

function holdOf({ presses }: Fingering, finger: Finger) {
  return presses.find((press) => press.finger === finger)?.hold;
}
