import { type Fretting } from "../fretting";
import { type Neck } from "../neck";
import { type Press } from "./assign";
import { type Finger, type Hand } from "./hand";
import { thumbReaches } from "./thumb";

/** How a silent string is kept silent. */
export type DampingWay =
  /** A fretting finger lies flat over its thinner neighbours. */
  | "underside"
  /** A fretting finger leans onto the next thinner string only; one beyond it must ring. */
  | "leaning"
  /** The tip of a fretting finger touches the next thicker string. */
  | "tip"
  /** The thumb, round the neck. */
  | "thumb"
  /** A finger that frets nothing rests on the next thicker string. */
  | "free finger"
  /** An index that frets nothing lies over thinner strings. */
  | "lying over"
  /** The picking hand's palm; only while not all strings are struck. */
  | "palm"
  /** Nothing touches it: the pick must miss it, and under gain it hums along. */
  | "pick"
  /** It lies between sounding strings and nothing touches it: every strum sounds it. */
  | "nothing";

export interface Damper {
  readonly by: DampingWay;
  /** The finger that does it; null for the picking hand, and where nothing does. */
  readonly finger: Finger | null;
}

/** A fingering as damping sees it. */
export interface Held {
  readonly fretting: Fretting;
  readonly presses: readonly Press[];
  /** The sounding strings lie between these; past the neck where nothing sounds. */
  readonly thickest: number;
  readonly thinnest: number;
  /** Unplayed strings: those between sounding ones first, since less can be done for them. */
  readonly silentInnerFirst: readonly number[];
  /** By press: whether it may lie over all thinner strings. */
  readonly liesFlat: readonly boolean[];
  /** How many of the thickest strings the thumb may lie on. */
  readonly thumbStrings: number;
  readonly isIndexFree: boolean;
  /** The lowest finger but the index that frets nothing. */
  readonly freeFinger: Finger | null;
}

/** A bar this wide takes the thumb's force behind the neck: it cannot come round (a judgement). */
const BAR_THAT_NEEDS_THE_THUMB = 4;
const THUMB_STRINGS = [0, 1] as const;

const eachFinger = (by: DampingWay): Readonly<Record<Finger, Damper>> => ({
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

export function readHeld(
  neck: Neck,
  fretting: Fretting,
  presses: readonly Press[],
  hand: Hand,
): Held {
  let thickest = fretting.length;
  let thinnest = -1;
  for (let string = 0; string < fretting.length; string++) {
    if (fretting[string] === null) continue;
    if (thickest === fretting.length) thickest = string;
    thinnest = string;
  }
  const inner: number[] = [];
  const outer: number[] = [];
  for (let string = 0; string < fretting.length; string++) {
    if (fretting[string] !== null) continue;
    (string > thickest && string < thinnest ? inner : outer).push(string);
  }
  return {
    fretting,
    presses,
    thickest,
    thinnest,
    silentInnerFirst: inner.length > 0 ? [...inner, ...outer] : outer,
    liesFlat: presses.map((press) => canLieFlat(fretting, press)),
    thumbStrings: outer[0] === 0 ? thumbStrings(neck, thickest, presses, hand) : 0,
    isIndexFree: isFree(1, presses, hand),
    freeFinger: ([2, 3, 4] as const).find((finger) => isFree(finger, presses, hand)) ?? null,
  };
}

/** Index and bars lie along the fret; other fingers stand on their tips. */
function canLieFlat(fretting: Fretting, { finger, hold }: Press): boolean {
  if (finger === "T" || (finger !== 1 && hold.strings.length === 1)) return false;
  for (let string = hold.thickest + 1; string < fretting.length; string++) {
    const fret = fretting[string];
    if (typeof fret === "number" && fret < hold.fret) return false;
  }
  return true;
}

function isFree(finger: Finger, presses: readonly Press[], hand: Hand): boolean {
  return !hand.without.includes(finger) && !presses.some((press) => press.finger === finger);
}

function thumbStrings(
  neck: Neck,
  thickestSounding: number,
  presses: readonly Press[],
  hand: Hand,
): number {
  let fret = Infinity;
  for (const { finger, hold } of presses) {
    const width = hold.thinnest - hold.thickest + 1;
    if (finger === "T" || width >= BAR_THAT_NEEDS_THE_THUMB) return 0;
    fret = Math.min(fret, hold.fret);
  }
  const handFret = Number.isFinite(fret) ? fret : 1;
  return THUMB_STRINGS.filter(
    (string) => string < thickestSounding && thumbReaches(neck, hand, string, handFret),
  ).length;
}

/** Whatever could keep a string silent, the surest first; the palm last. */
export function dampersFor(held: Held, string: number): readonly Damper[] {
  const dampers: Damper[] = [];
  if (string < held.thickest) addForThick(held, string, dampers);
  else addForThin(held, string, dampers);
  return dampers;
}

function addForThick(held: Held, string: number, dampers: Damper[]): void {
  const neighbour = held.presses.find(
    ({ finger, hold }) => finger !== "T" && hold.thickest === string + 1,
  );
  if (neighbour) dampers.push(TIP[neighbour.finger]);
  if (string < held.thumbStrings) dampers.push(THUMB);
  if (neighbour && held.freeFinger) dampers.push(FREE_FINGER[held.freeFinger]);
  if (canLieOver(held, string)) dampers.push(LYING_OVER);
  if (held.thinnest >= 0) dampers.push(PALM);
}

function addForThin(held: Held, string: number, dampers: Damper[]): void {
  const pressedAt = barredAt(held.presses, string);
  for (const [index, { finger, hold }] of held.presses.entries()) {
    const isOver = hold.thinnest < string && hold.fret > pressedAt;
    if (isOver && held.liesFlat[index]) dampers.push(UNDERSIDE[finger]);
  }
  for (const { finger, hold } of held.presses) {
    if (finger === "T" || hold.fret <= pressedAt) continue;
    if (hold.thinnest === string - 1) dampers.push(LEANING[finger]);
    else if (hold.thickest === string + 1) dampers.push(TIP[finger]);
  }
  if (pressedAt === 0 && canLieOver(held, string)) dampers.push(LYING_OVER);
}

/** The fret at which bars press an unplayed string between their own; 0 where none does. */
function barredAt(presses: readonly Press[], string: number): number {
  let fret = 0;
  for (const { hold } of presses) {
    if (hold.thickest < string && string < hold.thinnest) fret = Math.max(fret, hold.fret);
  }
  return fret;
}

/** A free index comes from the thin side: it lies on everything thinner too. */
function canLieOver({ fretting, isIndexFree }: Held, string: number): boolean {
  return isIndexFree && !fretting.includes(0, string + 1);
}

/** Where no finger helps: the pick may miss an outer string, never one between. */
export function undamped({ thickest, thinnest }: Held, string: number): Damper {
  return string > thickest && string < thinnest ? NOTHING : PICK;
}

/** The string right past a leaning finger, where it rings and the finger would choke it. */
export function ringingPast({ fretting, presses }: Held, string: number): number | null {
  const past = fretting[string + 1];
  const leaning = presses.find(({ hold }) => hold.thinnest === string - 1);
  return typeof past === "number" && past < (leaning?.hold.fret ?? 0) ? string + 1 : null;
}

/** The open string that keeps the index from lying over a silent one; null where none does. */
export function openInTheWay(
  { fretting, presses, liesFlat }: Held,
  string: number,
): { readonly finger: Finger; readonly open: number } | null {
  const index = presses.findIndex(({ finger }) => finger === 1);
  const hold = presses[index]?.hold;
  if (!hold || hold.thinnest >= string || liesFlat[index]) return null;
  const after = fretting.indexOf(0, string);
  const open = after >= 0 ? after : fretting.lastIndexOf(0, string);
  return open > hold.thickest ? { finger: 1, open } : null;
}
