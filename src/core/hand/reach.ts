import { type Fretting } from "@/core/fretting";
import { fingertipMm, type Neck } from "@/core/neck";
import { type Press } from "./assign";
import { crowdedMm } from "./crowding";
import { handLimits, pairNumber, type Finger, type Hand } from "./hand";

export type ReachGrade = "comfortable" | "long" | "at the limit" | "beyond";

/** How far two fingers stand apart along the neck, and what this hand can do there; all in mm. */
export interface Stretch {
  readonly fingers: readonly [lower: Finger, higher: Finger];
  readonly mm: number;
  readonly comfortMm: number;
  readonly hardMm: number;
  readonly grade: ReachGrade;
}

export interface Reach {
  readonly grade: ReachGrade;
  /** Along the neck between the outermost fingertips, in mm. */
  readonly mm: number;
  /** Each two fingers in use, the tightest first. */
  readonly stretches: readonly Stretch[];
  /**
   * The lowest fret, for the finger nearest the nut, at which the shape is comfortable for this
   * hand; null where no place on the neck is, and where open strings tie the shape to its place.
   */
  readonly comfortableFromFret: number | null;
  /** The room that fingertips lack beside each other at one fret, in mm; 0 where there is enough. */
  readonly crowdedMm: number;
}

/** Tolerance on the comfortable limit, since nobody feels 2 mm: Dm as x x 0 2 3 1 measures 68 at a limit of 66 (a judgement). */
const EASY_SHARE = 1.05;
/** The last quarter of what lies between comfort and the hard limit counts as the limit (a judgement). */
const LIMIT_SHARE = 0.75;

/** How far the hand opens along the neck, in mm; 0 for one finger or none. */
export function reachMm(presses: readonly Press[]): number {
  let lowMm = Infinity;
  let highMm = -Infinity;
  for (const { hold } of presses) {
    lowMm = Math.min(lowMm, hold.tipMm);
    highMm = Math.max(highMm, hold.tipMm);
  }
  return presses.length < 2 ? 0 : highMm - lowMm;
}

export function gradeReach(
  neck: Neck,
  fretting: Fretting,
  presses: readonly Press[],
  hand: Hand,
): Reach {
  const stretches = stretchesOf(presses, hand);
  return {
    grade: stretches[0]?.grade ?? "comfortable",
    mm: reachMm(presses),
    stretches,
    comfortableFromFret: comfortableFromFret(neck, fretting, presses, hand),
    crowdedMm: crowdedMm(neck, presses, hand),
  };
}

function stretchesOf(presses: readonly Press[], hand: Hand): readonly Stretch[] {
  const limits = handLimits(hand);
  return presses
    .flatMap((lower, index) =>
      presses.slice(index + 1).map((higher): Stretch => {
        const fingers = [lower.finger, higher.finger] as const;
        const pair = pairNumber(...fingers);
        const comfort = limits.comfortMm[pair] ?? 0;
        const hard = limits.hardMm[pair] ?? 0;
        const mm = Math.abs(higher.hold.tipMm - lower.hold.tipMm);
        return { fingers, mm, comfortMm: comfort, hardMm: hard, grade: gradeOf(mm, comfort, hard) };
      }),
    )
    .sort((a, b) => tightness(b) - tightness(a));
}

/** 0 at comfort, 1 at the hard limit. */
function tightness({ mm, comfortMm: comfort, hardMm: hard }: Stretch): number {
  return (mm - comfort) / (hard - comfort);
}

function gradeOf(mm: number, comfort: number, hard: number): ReachGrade {
  if (mm <= EASY_SHARE * comfort) return "comfortable";
  if (mm > hard) return "beyond";
  return mm <= comfort + LIMIT_SHARE * (hard - comfort) ? "long" : "at the limit";
}

function comfortableFromFret(
  neck: Neck,
  fretting: Fretting,
  presses: readonly Press[],
  hand: Hand,
): number | null {
  if (fretting.includes(0) || presses.length === 0) return null;
  const frets = presses.map(({ hold }) => hold.fret);
  const lowest = Math.min(...frets);
  const last = neck.frets - (Math.max(...frets) - lowest);
  for (let fret = 1; fret <= last; fret++) {
    const moved = presses.map((press) => movePress(neck, press, fret - lowest));
    if (stretchesOf(moved, hand).every(({ grade }) => grade === "comfortable")) return fret;
  }
  return null;
}

function movePress(neck: Neck, { finger, hold }: Press, frets: number): Press {
  const fret = hold.fret + frets;
  const tipsMm = hold.strings.map((string) => fingertipMm(neck, string, fret));
  const tipMm = tipsMm.reduce((sum, mm) => sum + mm, 0) / tipsMm.length;
  return { finger, hold: { ...hold, fret, tipMm } };
}
