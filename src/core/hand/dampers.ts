import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { type Press } from "./assign";
import { type Finger, type Hand } from "./hand";
import { thumbReaches } from "./thumb";

/** How a silent string is kept silent. */
export type DampingMethod =
  /** A fretting finger lies flat over its thinner neighbours. */
  | "underside"
  /** A fretting finger leans onto the next thinner string only; one beyond it must ring. */
  | "leaning"
  /** The tip of a fretting finger touches the next thicker string. */
  | "tip"
  /** The thumb, round the neck. */
  | "thumb"
  /** An idle finger rests on the next thicker string. */
  | "free finger"
  /** An idle index lies over thinner strings. */
  | "lying over"
  /** The picking hand's palm; only while not all strings are struck. */
  | "palm"
  /** Nothing touches it: the pick must miss it, and under gain it hums along. */
  | "pick"
  /** It lies between sounding strings and nothing touches it: every strum sounds it. */
  | "nothing";

export interface Damper {
  readonly by: DampingMethod;
  /** The finger that does it; null for the picking hand and where nothing does. */
  readonly finger: Finger | null;
}

/** What damping needs to know of a fretting, independent of its fingers. */
export interface Silence {
  readonly neck: Neck;
  readonly hand: Hand;
  readonly fretting: Fretting;
  /** The sounding strings lie between these; past the neck where nothing sounds. */
  readonly thickest: number;
  readonly thinnest: number;
  /** Unplayed strings, those between sounding ones first, because there are fewer ways to damp them. */
  readonly innerFirst: readonly number[];
  readonly hasInner: boolean;
  /** The thinnest open string; -1 where there is none. */
  readonly thinnestOpen: number;
}

/** A bar this wide takes the thumb's force behind the neck: it cannot come round (a judgement). */
const BAR_THAT_NEEDS_THE_THUMB = 4;

const eachFinger = (by: DampingMethod): Readonly<Record<Finger, Damper>> => ({
  1: { by, finger: 1 },
  2: { by, finger: 2 },
  3: { by, finger: 3 },
  4: { by, finger: 4 },
  T: { by, finger: "T" },
});
const UNDERSIDE = eachFinger("underside");
const LEANING = eachFinger("leaning");
const TIP = eachFinger("tip");
const FREE_FINGER = eachFinger("free finger");
const THUMB: Damper = { by: "thumb", finger: "T" };
const LYING_OVER: Damper = { by: "lying over", finger: 1 };
const PALM: Damper = { by: "palm", finger: null };
const PICK: Damper = { by: "pick", finger: null };
const NOTHING: Damper = { by: "nothing", finger: null };

export function readSilence(neck: Neck, fretting: Fretting, hand: Hand): Silence {
  const silent: number[] = [];
  let thickest = fretting.length;
  let thinnest = -1;
  let thinnestOpen = -1;
  for (let string = 0; string < fretting.length; string++) {
    const fret = fretting[string];
    if (fret === null) {
      silent.push(string);
      continue;
    }
    if (thinnest < 0) thickest = string;
    thinnest = string;
    if (fret === 0) thinnestOpen = string;
  }
  const isInner = (string: number) => string > thickest && string < thinnest;
  const hasInner = silent.some(isInner);
  const innerFirst = hasInner
    ? [...silent.filter(isInner), ...silent.filter((string) => !isInner(string))]
    : silent;
  return { neck, hand, fretting, thickest, thinnest, innerFirst, hasInner, thinnestOpen };
}

/** Adds everything that could keep a string silent, the surest first, the palm last. */
export function addDampers(
  silence: Silence,
  presses: readonly Press[],
  string: number,
  dampers: Damper[],
): void {
  if (string < silence.thickest) addForThick(silence, presses, string, dampers);
  else addForThin(silence, presses, string, dampers);
}

function addForThick(
  silence: Silence,
  presses: readonly Press[],
  string: number,
  dampers: Damper[],
): void {
  let besideIt = false;
  for (const { finger, hold } of presses) {
    if (finger === "T" || hold.thickest !== string + 1) continue;
    dampers.push(TIP[finger]);
    besideIt = true;
  }
  if (isUnderThumb(silence, presses, string)) dampers.push(THUMB);
  const free = besideIt ? freeFinger(presses, silence.hand) : null;
  if (free) dampers.push(FREE_FINGER[free]);
  if (canLieOver(silence, presses, string)) dampers.push(LYING_OVER);
  if (silence.thinnest >= 0) dampers.push(PALM);
}

function addForThin(
  silence: Silence,
  presses: readonly Press[],
  string: number,
  dampers: Damper[],
): void {
  const pressedAt = barredAt(presses, string);
  for (const press of presses) {
    const { finger, hold } = press;
    if (hold.thinnest >= string || hold.fret <= pressedAt) continue;
    if (liesFlat(press)) dampers.push(UNDERSIDE[finger]);
  }
  for (const press of presses) {
    const { finger, hold } = press;
    if (finger === "T" || hold.fret <= pressedAt) continue;
    if (hold.thinnest === string - 1 && !liesFlat(press)) dampers.push(LEANING[finger]);
    else if (hold.thickest === string + 1) dampers.push(TIP[finger]);
  }
  if (pressedAt === 0 && canLieOver(silence, presses, string)) dampers.push(LYING_OVER);
}

/** Index and bars lie along the fret, where nothing beyond must ring; other fingers stand. */
function liesFlat({ finger, hold }: Press): boolean {
  return hold.isClear && finger !== "T" && (finger === 1 || hold.strings.length > 1);
}

/** The fret at which bars press an unplayed string between their own; 0 where none does. */
function barredAt(presses: readonly Press[], string: number): number {
  let fret = 0;
  for (const { hold } of presses) {
    if (hold.thickest < string && string < hold.thinnest && hold.fret > fret) fret = hold.fret;
  }
  return fret;
}

function isUnderThumb(
  { neck, hand, thickest }: Silence,
  presses: readonly Press[],
  string: number,
): boolean {
  if (string >= thickest) return false;
  let fret = Infinity;
  for (const { finger, hold } of presses) {
    const width = hold.thinnest - hold.thickest + 1;
    if (finger === "T" || width >= BAR_THAT_NEEDS_THE_THUMB) return false;
    fret = Math.min(fret, hold.fret);
  }
  return thumbReaches(neck, hand, string, fret === Infinity ? 1 : fret);
}

/** The lowest idle finger other than the index. */
function freeFinger(presses: readonly Press[], hand: Hand): 2 | 3 | 4 | null {
  for (const finger of [2, 3, 4] as const) if (isFree(finger, presses, hand)) return finger;
  return null;
}

function isFree(finger: Finger, presses: readonly Press[], hand: Hand): boolean {
  for (const press of presses) if (press.finger === finger) return false;
  return !hand.without.includes(finger);
}

/** An idle index reaches in from the thin side, so it lies on everything thinner too. */
function canLieOver({ hand, thinnestOpen }: Silence, presses: readonly Press[], string: number) {
  return thinnestOpen <= string && isFree(1, presses, hand);
}

/** Where no finger helps: the pick may miss an outer string, never one between. */
export function undamped({ thickest, thinnest }: Silence, string: number): Damper {
  return string > thickest && string < thinnest ? NOTHING : PICK;
}

/** The next string past a leaning finger, if it rings and the finger would choke it. */
export function ringingPast(
  { fretting }: Silence,
  presses: readonly Press[],
  string: number,
): number | null {
  const past = fretting[string + 1];
  const leaning = presses.find(({ hold }) => hold.thinnest === string - 1);
  return typeof past === "number" && past < (leaning?.hold.fret ?? 0) ? string + 1 : null;
}

/** The open string that keeps the index from lying over a silent one; null where none does. */
export function openInTheWay(
  { fretting }: Silence,
  presses: readonly Press[],
  string: number,
): { readonly finger: Finger; readonly open: number } | null {
  const index = presses.find(({ finger }) => finger === 1);
  if (!index || index.hold.thinnest >= string || index.hold.isClear) return null;
  const after = fretting.indexOf(0, string);
  const open = after >= 0 ? after : fretting.lastIndexOf(0, string);
  return open > index.hold.thickest ? { finger: 1, open } : null;
}
