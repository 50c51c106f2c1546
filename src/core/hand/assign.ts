import { type Fretting } from "../fretting";
import { fingertipMm, type Neck } from "../neck";
import { pairLimit, type Finger, type Hand } from "./hand";

/** One finger pressing one string, or lying across several, on one fret. */
export interface Press {
  readonly finger: Finger;
  readonly fret: number;
  /** The strings it makes sound, thickest first. More than one is a barre. */
  readonly strings: readonly number[];
  /** Unplayed strings under the barre; they would sound if struck. */
  readonly idleInside: number;
  /** Where it presses, in mm along the neck (a barre: the mean over its strings). */
  readonly tipMm: number;
}

const FRETTING_FINGERS: readonly Finger[] = [1, 2, 3, 4];
/** Beyond this many strings a neck is too wide for the thumb to fret round it (a judgement). */
const MAX_STRINGS_FOR_THUMB = 7;

interface Note {
  readonly string: number;
  readonly fret: number;
}

/**
 * Every legal way to give fingers to the fretted strings of a fretting; one empty way where
 * nothing is fretted, none where this hand cannot hold it.
 *
 * Higher frets never get lower fingers, and on one fret the higher finger is on the thinner
 * string: so in the order of (fret, string) the fingers only ever go up, and a barre is a run of
 * that order.
 */
export function assignFingers(
  neck: Neck,
  fretting: Fretting,
  hand: Hand,
): readonly (readonly Press[])[] {
  const notes = fretting
    .flatMap((fret, string): Note[] => (fret ? [{ string, fret }] : []))
    .sort((a, b) => a.fret - b.fret || a.string - b.string);
  const ways = pressNotes(neck, fretting, hand, notes);
  const bass = thumbNote(neck, fretting, hand);
  if (!bass) return ways;
  const thumb: Press = { ...pressOf(neck, fretting, [bass]), finger: "T" };
  const rest = notes.filter((note) => note.string !== bass.string);
  const withThumb = pressNotes(neck, fretting, hand, rest).filter((presses) =>
    presses.every(
      (press) => Math.abs(press.tipMm - thumb.tipMm) <= pairLimit(hand, "T", press.finger).hardMm,
    ),
  );
  return [...ways, ...withThumb.map((presses) => [thumb, ...presses])];
}

/** Every way to press notes, in the order of (fret, string), with the four fingers. */
function pressNotes(
  neck: Neck,
  fretting: Fretting,
  hand: Hand,
  notes: readonly Note[],
): readonly (readonly Press[])[] {
  const fingers = FRETTING_FINGERS.filter((finger) => !hand.without.includes(finger));
  const ways: (readonly Press[])[] = [];
  const extend = (start: number, firstFree: number, pressed: readonly Press[]): void => {
    const first = notes[start];
    if (!first) {
      ways.push(pressed);
      return;
    }
    for (let end = start + 1; end <= notes.length && notes[end - 1]?.fret === first.fret; end++) {
      const run = notes.slice(start, end);
      if (run.length > 1 && !canBarre(fretting, hand, run)) break;
      const bare = pressOf(neck, fretting, run);
      for (let free = firstFree; free < fingers.length; free++) {
        const press: Press = { ...bare, finger: fingers[free] ?? 4 };
        if (withinReach(hand, pressed, press)) extend(end, free + 1, [...pressed, press]);
      }
    }
  };
  extend(0, 0, []);
  return ways;
}

/** Every sounding string inside a barre must be fretted at or above its fret. */
function canBarre(fretting: Fretting, hand: Hand, run: readonly Note[]): boolean {
  if (hand.without.includes("barre")) return false;
  const fret = run[0]?.fret ?? 0;
  return stringsInside(fretting, run).every((inside) => inside === null || inside >= fret);
}

function stringsInside(fretting: Fretting, run: readonly Note[]): Fretting {
  return fretting.slice((run[0]?.string ?? 0) + 1, run.at(-1)?.string ?? 0);
}

function withinReach(hand: Hand, pressed: readonly Press[], next: Press): boolean {
  return pressed.every(
    (press) => next.tipMm - press.tipMm <= pairLimit(hand, press.finger, next.finger).hardMm,
  );
}

/** What any finger does that presses a run of notes on one fret. */
function pressOf(neck: Neck, fretting: Fretting, run: readonly Note[]): Omit<Press, "finger"> {
  const tipsMm = run.map(({ string, fret }) => fingertipMm(neck, string, fret));
  return {
    fret: run[0]?.fret ?? 0,
    strings: run.map(({ string }) => string),
    idleInside: stringsInside(fretting, run).filter((inside) => inside === null).length,
    tipMm: tipsMm.reduce((sum, tipMm) => sum + tipMm, 0) / tipsMm.length,
  };
}

function thumbNote(neck: Neck, fretting: Fretting, hand: Hand): Note | null {
  const fret = fretting[0];
  const allowed = !hand.without.includes("T") && neck.midi.length <= MAX_STRINGS_FOR_THUMB;
  return allowed && fret ? { string: 0, fret } : null;
}
