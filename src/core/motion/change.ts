import { soundingMidi } from "@/core/fretting";
import {
  positionOf,
  travelMm,
  type Finger,
  type Fingering,
  type HandPosition,
  type Press,
} from "@/core/hand";
import { wireMm, type Neck } from "@/core/neck";
import { demandsBetween, type ChangeDemands } from "./demands";

/** From one fingering to the next: what the hand and each finger do. */
export interface HandChange extends ChangeDemands {
  readonly isTowardNut: boolean;
  /** How many frets the index moves; negative toward the nut. */
  readonly frets: number;
  /** Between the thickest sounding strings of the two. */
  readonly stringsCrossed: number;
  /** Fingers that stay where they press. */
  readonly kept: readonly Finger[];
  /** Fingers that stay on their strings and move along them. */
  readonly slid: readonly Finger[];
  /** Fingers that leave their strings, and those that come down on new ones; both where one moves across. */
  readonly lifted: readonly Finger[];
  readonly landed: readonly Finger[];
  /** The fingers stand to each other as they did: the shape moved as a whole, or not at all. */
  readonly isShapeKept: boolean;
  /** Effort points. */
  readonly cost: number;
}

/**
 * What a change costs beside the two grips, in effort points (judgements): a mm of travel, leaving a
 * position at all, moving toward the nut where the frets are wider, crossing a string, putting a finger down,
 * finding another shape, and a step of the lowest note that sounds as a leap. The last two are the best of those tried on
 * one half of the labelled progressions of bench/place; the others are judged.
 */
const CHANGE_POINTS = {
  perTravelMm: 0.05,
  perShift: 1,
  towardNut: 0.3,
  perStringCrossed: 1,
  perLanded: 0.2,
  newShape: 2.5,
  stepAsLeap: 5,
} as const;

const FINGERS: readonly Finger[] = ["T", 1, 2, 3, 4];

/**
 * `hand` is where the hand stands when it leaves `from`: its own position, or, where no finger presses,
 * the one before; null where it may be anywhere.
 */
export function changeBetween(
  neck: Neck,
  from: Fingering,
  hand: HandPosition | null,
  to: Fingering,
): HandChange {
  const goal = positionOf(neck, to);
  const wayMm = hand && goal ? travelMm(hand, goal) : 0;
  const isTowardNut = hand !== null && goal !== null && wayMm > 0 && goal.mm < hand.mm;
  const moves = FINGERS.map((finger) => [finger, moveOf(finger, from, to)] as const);
  const fingersThat = (...kinds: readonly FingerMove[]) =>
    moves.flatMap(([finger, move]) => (kinds.includes(move) ? [finger] : []));
  const landed = fingersThat("landed", "moved across");
  const crossed = stringsBetween(from, to);
  const isShapeKept = to.presses.length === 0 || sameShape(from.presses, to.presses);
  const slid = fingersThat("slid");
  const lifted = fingersThat("lifted", "moved across");
  const moved = {
    slid: slid.length,
    lifted: lifted.length,
    landed: landed.length,
    isShapeKept,
  };
  return {
    ...demandsBetween(from, to, moved),
    travelMm: wayMm,
    isTowardNut,
    frets: hand && goal ? goal.fret - hand.fret : 0,
    arrivalSpaceMm: goal ? spaceMm(neck, goal.fret) : 0,
    stringsCrossed: crossed,
    kept: fingersThat("kept"),
    slid,
    lifted,
    landed,
    isShapeKept,
    cost: changeCost({
      wayMm,
      isTowardNut,
      crossed: to.presses.length > 0 ? crossed : 0,
      landed: landed.length,
      isShapeKept,
      isStepAsLeap: isStepAsLeap(lowestMidi(neck, from), lowestMidi(neck, to)),
    }),
  };
}

interface Moved {
  readonly wayMm: number;
  readonly isTowardNut: boolean;
  readonly crossed: number;
  readonly landed: number;
  readonly isShapeKept: boolean;
  readonly isStepAsLeap: boolean;
}

function changeCost(moved: Moved): number {
  const { wayMm, isTowardNut, crossed, landed, isShapeKept, isStepAsLeap } = moved;
  const points = CHANGE_POINTS;
  return (
    points.perTravelMm * wayMm +
    (wayMm > 0 ? points.perShift : 0) +
    (isTowardNut ? points.towardNut : 0) +
    (landed > 0 ? points.perStringCrossed * crossed : 0) +
    points.perLanded * landed +
    (isShapeKept ? 0 : points.newShape) +
    (isStepAsLeap ? points.stepAsLeap : 0)
  );
}

/** The largest interval that players call a step, in semitones. */
const STEP_SEMITONES = 2;

/** Whether a whole or half step, octaves aside, is played as a seventh, a ninth or more. */
function isStepAsLeap(fromMidi: number, toMidi: number): boolean {
  const semitones = Math.abs(toMidi - fromMidi);
  const withinOctave = Math.min(semitones % 12, 12 - (semitones % 12));
  return semitones > STEP_SEMITONES && withinOctave > 0 && withinOctave <= STEP_SEMITONES;
}

function lowestMidi(neck: Neck, { fretting }: Fingering): number {
  return Math.min(...soundingMidi(neck, fretting));
}

type FingerMove = "idle" | "kept" | "slid" | "lifted" | "landed" | "moved across";

function moveOf(finger: Finger, from: Fingering, to: Fingering): FingerMove {
  const before = pressOf(from, finger);
  const after = pressOf(to, finger);
  if (!before) return after ? "landed" : "idle";
  if (!after) return "lifted";
  const [a, b] = [before.hold, after.hold];
  if (a.thickest !== b.thickest || a.thinnest !== b.thinnest) return "moved across";
  return a.fret === b.fret ? "kept" : "slid";
}

function pressOf({ presses }: Fingering, finger: Finger): Press | undefined {
  for (const press of presses) if (press.finger === finger) return press;
  return undefined;
}

/** The same fingers, as far from each other in frets and strings, on as many strings each. */
function sameShape(from: readonly Press[], to: readonly Press[]): boolean {
  const [first, goal] = [from[0]?.hold, to[0]?.hold];
  if (from.length !== to.length || !first || !goal) return from.length === to.length;
  const frets = goal.fret - first.fret;
  const strings = goal.thickest - first.thickest;
  for (let index = 0; index < from.length; index++) {
    const [a, b] = [from[index], to[index]];
    if (!a || !b || a.finger !== b.finger) return false;
    if (b.hold.fret - a.hold.fret !== frets) return false;
    if (b.hold.thickest - a.hold.thickest !== strings) return false;
    if (b.hold.thinnest - a.hold.thinnest !== strings) return false;
  }
  return true;
}

function stringsBetween(from: Fingering, to: Fingering): number {
  return Math.abs(thickestOf(to) - thickestOf(from));
}

function thickestOf({ fretting }: Fingering): number {
  return Math.max(
    0,
    fretting.findIndex((fret) => fret !== null),
  );
}

/** From wire to wire on the thickest string, behind a fret. */
function spaceMm(neck: Neck, fret: number): number {
  return wireMm(neck, 0, fret) - wireMm(neck, 0, fret - 1);
}

/** What of a fingering decides over the cost of a change, worked out once for the many changes of a route. */
interface Stance {
  readonly position: HandPosition | null;
  /** By finger, T first: the strings that it holds as one number; -1 where it presses nothing. */
  readonly strings: Int16Array;
  readonly thickest: number;
  readonly lowestMidi: number;
  /** Equal where the fingers stand to each other in the same way. */
  readonly shape: number;
}

/** What a route's many changes are added up from: the cost alone, without the lists of fingers. */
export function makeChangeCost(
  neck: Neck,
): (from: Fingering, hand: HandPosition | null, to: Fingering) => number {
  const stances = new WeakMap<Fingering, Stance>();
  const shapes = new Map<string, number>();
  const stanceOf = (fingering: Fingering): Stance => {
    const known = stances.get(fingering);
    if (known) return known;
    const made = makeStance(neck, fingering, shapes);
    stances.set(fingering, made);
    return made;
  };
  return (from, hand, to) => {
    const [before, after] = [stanceOf(from), stanceOf(to)];
    const goal = after.position;
    const wayMm = hand && goal ? travelMm(hand, goal) : 0;
    let landed = 0;
    for (let finger = 0; finger < FINGERS.length; finger++) {
      const strings = after.strings[finger] ?? NO_STRING;
      if (strings !== NO_STRING && strings !== before.strings[finger]) landed++;
    }
    return changeCost({
      wayMm,
      isTowardNut: hand !== null && goal !== null && wayMm > 0 && goal.mm < hand.mm,
      crossed: landed > 0 ? Math.abs(after.thickest - before.thickest) : 0,
      landed,
      isShapeKept: goal === null || before.shape === after.shape,
      isStepAsLeap: isStepAsLeap(before.lowestMidi, after.lowestMidi),
    });
  };
}

const NO_STRING = -1;
/** More than any neck has strings. */
const STRINGS = 64;

function makeStance(neck: Neck, fingering: Fingering, shapes: Map<string, number>): Stance {
  const { presses } = fingering;
  const strings = new Int16Array(FINGERS.length).fill(NO_STRING);
  for (const { finger, hold } of presses) {
    const at = FINGERS.indexOf(finger);
    // The first press of a finger is the one that counts.
    if (strings[at] === NO_STRING) strings[at] = hold.thickest * STRINGS + hold.thinnest;
  }
  const first = presses[0]?.hold;
  const text = presses
    .map(({ finger, hold }) =>
      first
        ? [
            finger,
            hold.fret - first.fret,
            hold.thickest - first.thickest,
            hold.thinnest - first.thickest,
          ].join()
        : "",
    )
    .join(" ");
  const shape = shapes.get(text) ?? shapes.size;
  shapes.set(text, shape);
  return {
    position: positionOf(neck, fingering),
    strings,
    thickest: thickestOf(fingering),
    lowestMidi: lowestMidi(neck, fingering),
    shape,
  };
}
