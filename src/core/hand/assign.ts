import { type Fretting } from "@/core/fretting";
import { acrossMm, fingertipMm, type Neck } from "@/core/neck";
import { handLimits, pairNumber, type Finger, type Hand, type HandLimits } from "./hand";
import { thumbReaches } from "./thumb";

/** Strings that one finger presses on one fret: one, or several that it lies across (a barre). */
export interface Hold {
  readonly fret: number;
  /** The strings it makes sound, thickest first. */
  readonly strings: readonly number[];
  readonly thickest: number;
  readonly thinnest: number;
  /** Unplayed strings under the barre; they would sound if struck. */
  readonly idleInside: number;
  /** Strings under the barre that sound higher, because other fingers press them. */
  readonly higherInside: number;
  /** Whether every thinner string is silent or pressed at this fret or higher. */
  readonly isClear: boolean;
  /** Where it presses, in mm along the neck (a barre: the mean over its strings). */
  readonly tipMm: number;
  /** Where its thickest string lies, in mm across the neck. */
  readonly acrossMm: number;
}

export interface Press {
  readonly finger: Finger;
  readonly hold: Hold;
}

/** `any` also gives fingers to shapes that no hand can reach. */
export type ReachRule = "within the hand" | "any";

const FRETTING_FINGERS = [1, 2, 3, 4] as const;

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
  reach: ReachRule = "within the hand",
): readonly (readonly Press[])[] {
  const notes: Note[] = [];
  for (let string = 0; string < fretting.length; string++) {
    const fret = fretting[string];
    if (fret) notes.push({ string, fret });
  }
  notes.sort((a, b) => a.fret - b.fret || a.string - b.string);

  const holds = notes.map((_, start) => holdsFrom(neck, fretting, hand, notes, start));
  const ways = pressNotes(hand, notes, holds, null, reach);
  const bass = notes.findIndex(({ string }) => string === 0);
  const bassHold = holds[bass]?.[0];
  if (!bassHold || !thumbReaches(neck, hand, 0, bassHold.fret)) return ways;
  // The thickest string comes first on its fret, so no other note's bar can hold it.
  const isOther = (_: unknown, index: number) => index !== bass;
  const thumb: Press = { finger: "T", hold: bassHold };
  return [...ways, ...pressNotes(hand, notes.filter(isOther), holds.filter(isOther), thumb, reach)];
}

/**
 * Every way to press notes, in the order of (fret, string), with the four fingers. `holds` are, by
 * note, the ways for one finger to press it and perhaps some after it.
 */
function pressNotes(
  hand: Hand,
  notes: readonly Note[],
  holds: readonly (readonly Hold[])[],
  thumb: Press | null,
  reach: ReachRule,
): readonly (readonly Press[])[] {
  const fingers = FRETTING_FINGERS.filter((finger) => !hand.without.includes(finger));
  const fretsLeft = countFretsLeft(notes);
  const limits = handLimits(hand);
  const ways: (readonly Press[])[] = [];
  const pressed: Press[] = thumb ? [thumb] : [];

  const extend = (start: number, firstFree: number): void => {
    const starting = holds[start];
    if (!starting) {
      ways.push(pressed.slice());
      return;
    }
    for (const hold of starting) {
      const next = start + hold.strings.length;
      // Every remaining fret needs a finger of its own.
      const lastFree = fingers.length - 1 - (fretsLeft[next] ?? 0);
      for (let free = firstFree; free <= lastFree; free++) {
        const finger = fingers[free] ?? 4;
        if (reach !== "any" && !withinReach(limits, pressed, finger, hold.tipMm)) continue;
        pressed.push({ finger, hold });
        extend(next, free + 1);
        pressed.pop();
      }
    }
  };
  extend(0, 0);
  return ways;
}

/** By note: how many different frets there are from it on. */
function countFretsLeft(notes: readonly Note[]): readonly number[] {
  const left: number[] = notes.map(() => 0);
  let frets = 0;
  for (let index = notes.length - 1; index >= 0; index--) {
    if (notes[index]?.fret !== notes[index + 1]?.fret) frets++;
    left[index] = frets;
  }
  return left;
}

/** The note at `start` alone, and with each run of notes after it that one finger may bar. */
function holdsFrom(
  neck: Neck,
  fretting: Fretting,
  hand: Hand,
  notes: readonly Note[],
  start: number,
): readonly Hold[] {
  const first = notes[start];
  if (!first) return [];
  const holds = [holdOf(neck, fretting, [first])];
  if (hand.without.includes("barre")) return holds;
  let between = first.string + 1;
  for (let end = start + 1; end < notes.length; end++) {
    const last = notes[end];
    if (!last || last.fret !== first.fret) break;
    // Every sounding string inside a barre must be fretted at or above its fret.
    for (; between < last.string; between++) {
      const fret = fretting[between];
      if (typeof fret === "number" && fret < first.fret) return holds;
    }
    holds.push(holdOf(neck, fretting, notes.slice(start, end + 1)));
  }
  return holds;
}

/** A run of notes on one fret, pressed by one finger. */
function holdOf(neck: Neck, fretting: Fretting, run: readonly Note[]): Hold {
  const fret = run[0]?.fret ?? 0;
  const thickest = run[0]?.string ?? 0;
  const thinnest = run.at(-1)?.string ?? thickest;
  let idleInside = 0;
  let higherInside = 0;
  let isClear = true;
  for (let string = thickest + 1; string < fretting.length; string++) {
    const thinner = fretting[string];
    if (typeof thinner === "number" && thinner < fret) isClear = false;
    if (string > thinnest) continue;
    if (thinner === null) idleInside++;
    else if (thinner !== fret) higherInside++;
  }
  let tipsMm = 0;
  for (const { string } of run) tipsMm += fingertipMm(neck, string, fret);
  return {
    fret,
    strings: run.map(({ string }) => string),
    thickest,
    thinnest,
    idleInside,
    higherInside,
    isClear,
    tipMm: tipsMm / run.length,
    acrossMm: acrossMm(neck, thickest, fret),
  };
}

function withinReach(
  limits: HandLimits,
  pressed: readonly Press[],
  finger: Finger,
  tipMm: number,
): boolean {
  for (const { finger: lower, hold } of pressed) {
    // The thumb stands on either side of the fingers; they only ever go up.
    const distanceMm = lower === "T" ? Math.abs(tipMm - hold.tipMm) : tipMm - hold.tipMm;
    if (distanceMm > (limits.hardMm[pairNumber(lower, finger)] ?? 0)) return false;
  }
  return true;
}
