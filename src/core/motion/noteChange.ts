import { positionOf, travelMm, type Finger, type Fingering, type HandPosition } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { changeBetween, type HandChange } from "./change";

/** How a note is reached without the pick: by another finger on the same string, or by the same finger along it. */
export type Slur = "hammer" | "slide";

/**
 * What coming from one single note to the next costs, in effort points (judgements). A hand stays where it is, one finger
 * a fret, and shifts when it must: the usual model of fingering single lines on strings (Sayegh, Computer Music Journal
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
 * The share of a chord change's time that the next single note takes: with it steady players hold sixteenths at about
 * 120 bpm in one position, fluent ones at about 160 (common practice).
 */
export const NOTE_TIME_SHARE = 0.8;

/** The change from one note of a riff to the next; as between chords, with the cost of notes. */
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

/** `hand` is where the hand stands when it leaves `from`, `goal` where `to` puts it; null where it may be anywhere. */
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
  // From or to an open string nothing else is asked of the fingers.
  if (from.presses.length === 0 || to.presses.length === 0) return slur === "slide";
  return to.presses.some(({ finger, hold }) => {
    const isSame = holdOf(from, finger)?.thickest === hold.thickest;
    return slur === "slide" ? !isSame : isSame;
  });
}

function holdOf({ presses }: Fingering, finger: Finger) {
  return presses.find((press) => press.finger === finger)?.hold;
}
