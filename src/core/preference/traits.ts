import { type Fretting } from "@/core/fretting";
import { pitchClass, type Midi } from "@/core/pitch";
import { type Asked } from "./asked";
import { type FreeTrait, type StackTrait } from "./fittedPreference";

/** The terms of a preference, in display order. */
export const PREFERENCE_TERMS = [
  "height",
  "register",
  "bass",
  "form",
  "skipped",
  "thin",
  "notes",
  "open",
  "doubled",
  "order",
  "tones",
  "spread",
  "fingers",
] as const;
export type PreferenceTerm = (typeof PREFERENCE_TERMS)[number];

/** A fretting, as far as players look at it. */
export interface Look {
  readonly fretting: Fretting;
  /** Sounding pitches, thickest string first; never empty. */
  readonly midi: readonly Midi[];
  /** Fingers that press in its easiest fingering. */
  readonly fingers: number;
  readonly asked: Asked;
}

/** What is counted of a look: how much, of which trait. */
export type CountTrait<Trait> = (trait: Trait, amount: number) => void;

/** Beyond this fret the body is in the way, on a common electric guitar. */
export const BODY_FRET = 12;
/** Open strings ring beside frets up to these as if they were one shape (open chords, common practice). */
export const FIRST_LOW_FRET = 2;
export const FIRST_HIGH_FRET = 4;
/** A hand has four fingers to put down. */
const FRETTING_FINGERS = 4;
/** Chords are laid out over six strings; more are there for lower notes. */
export const CHORD_STRINGS = 6;
/** Root and fifth beyond once each; more than this is no better. */
export const MAX_DOUBLED = 4;
/** In semitones. */
const FIFTH = 7;
const SIXTH = 9;
/** The low E of standard tuning, from which depth is counted. */
export const LOW_E: Midi = 40;

/** How a fretting lies on the neck; counted once for all traits. */
interface Lie {
  readonly lowestFret: number;
  readonly highestFret: number;
  readonly open: number;
  /** Open strings between pressed ones. */
  readonly openBetween: number;
  readonly notes: number;
  readonly thickest: number;
  readonly thinnest: number;
  /** Different frets that are pressed. */
  readonly frets: number;
}

function lieOf(fretting: Fretting): Lie {
  let lowestFret = Infinity;
  let highestFret = 0;
  let open = 0;
  let openSincePressed = 0;
  let openBetween = 0;
  let notes = 0;
  let thickest = -1;
  let thinnest = -1;
  let seen = 0;
  let frets = 0;
  for (let string = 0; string < fretting.length; string++) {
    const fret = fretting[string];
    if (fret === null || fret === undefined) continue;
    if (thickest < 0) thickest = string;
    thinnest = string;
    notes++;
    if (fret === 0) {
      open++;
      openSincePressed++;
      continue;
    }
    if (highestFret > 0) openBetween += openSincePressed;
    openSincePressed = 0;
    if (fret < lowestFret) lowestFret = fret;
    if (fret > highestFret) highestFret = fret;
    if (fret < 31 && (seen & (1 << fret)) === 0) {
      seen |= 1 << fret;
      frets++;
    }
  }
  if (highestFret === 0) lowestFret = 0;
  return { lowestFret, highestFret, open, openBetween, notes, thickest, thinnest, frets };
}

/** Adds up how many pitches repeat one before them, and how often the next thinner string sounds lower. */
function countRepeats(midi: readonly Midi[]): { same: number; falling: number } {
  let same = 0;
  let falling = 0;
  for (let index = 1; index < midi.length; index++) {
    const pitch = midi[index] ?? 0;
    if (pitch < (midi[index - 1] ?? 0)) falling++;
    for (let before = 0; before < index; before++) if (midi[before] === pitch) same++;
  }
  return { same, falling };
}

/** Counts the traits of a stack's grip: its tones are given, so place and neatness are what is left. */
export function countStackTraits(look: Look, count: CountTrait<StackTrait>): void {
  const { fretting, midi } = look;
  const lie = lieOf(fretting);
  const { lowestFret, highestFret, open } = lie;
  count("lowest fret", lowestFret);
  count("fret beyond the body", Math.max(0, highestFret - BODY_FRET));
  count("string thinner than the thickest", lie.thickest);
  count("string from the bass strings", stringsFromBass(fretting.length, lie.thickest));
  count("silent string between", lie.thinnest - lie.thickest + 1 - lie.notes);
  count("tone on a thicker string", countRepeats(midi).falling);
  if (open > 0) {
    count("open string past low frets", open * Math.max(0, lowestFret - FIRST_LOW_FRET));
    count("open string past the first frets", open * Math.max(0, highestFret - FIRST_HIGH_FRET));
  }
  count("fret of span past three", Math.max(0, highestFret - lowestFret - 3));
}

/** How far the bass lies from strings 6 and 5 (counted from the thinnest), or those thicker than they. */
export function stringsFromBass(strings: number, thickest: number): number {
  return Math.max(0, Math.min(strings, CHORD_STRINGS) - 1 - (strings - thickest));
}

/** Counts the traits of a free chord's grip: which strings, which doublings, which bass, where. */
export function countFreeTraits(look: Look, count: CountTrait<FreeTrait>): void {
  const { fretting, midi, asked } = look;
  const lie = lieOf(fretting);
  const { lowestFret, highestFret, open, notes, thickest, thinnest } = lie;
  const strings = Math.min(fretting.length, CHORD_STRINGS);
  count("lowest fret", lowestFret);
  count("highest fret", highestFret);
  count("fret beyond the body", Math.max(0, highestFret - BODY_FRET));

  const lowest = Math.min(...midi);
  const bass = pitchClass(lowest);
  const isBass = bass === asked.bass;
  /** Counted from the thinnest, 1, as players do. */
  const bassString = fretting.length - thickest;
  if (!isBass) {
    if (bass !== pitchClass(asked.root + FIFTH)) count("bass is another tone", 1);
    else if (bassString < strings) count("fifth in the bass over a silent string", 1);
  }
  if (!isBass || bassString < strings - 1) count("no root on a bass string", 1);
  if (!isBass || fretting[thickest] !== 0) count("no open root in the bass", 1);
  if (bassString >= strings) count("bass on the thickest string", 1);

  const inner = thinnest - thickest + 1 - notes;
  count("silent string between", inner);
  if (inner > 0 && open > 0) count("silent string between, beside open ones", 1);
  const thin = fretting.length - 1 - thinnest;
  if (thin > 0) count("thinnest string silent", 1);
  if (thin > 1) count("further thin string silent", thin - 1);
  if (notes < strings) count("not all strings sound", 1);
  if (notes < strings - 1) count("two strings or more silent", 1);

  if (open > 0) {
    count("open strings at all", 1);
    count("open string past low frets", open * Math.max(0, lowestFret - FIRST_LOW_FRET));
    count("open string past the first frets", open * Math.max(0, highestFret - FIRST_HIGH_FRET));
    if (fretting[thickest] === 0) {
      count("open bass past low frets", Math.max(0, lowestFret - FIRST_LOW_FRET));
    }
    count("open string between pressed ones", lie.openBetween);
  }

  const { same, falling } = countRepeats(midi);
  count("pitch sounds twice", same);
  count("tone on a thicker string", falling);
  countTones(midi, asked, count);

  const span = highestFret - lowestFret;
  if (span > 2) count("three frets or more apart", 1);
  if (span > 3) count("four frets or more apart", 1);
  count("fret of span past three", Math.max(0, span - 3));
  count("different fret past two", Math.max(0, lie.frets - 2));
  count("finger left over", Math.max(0, FRETTING_FINGERS - look.fingers));
}

/** Which tones sound how often, and how close together. */
function countTones(
  midi: readonly Midi[],
  { root, degrees }: Asked,
  count: CountTrait<FreeTrait>,
): void {
  const sorted = midi.length > 1 ? midi.toSorted((a, b) => a - b) : midi;
  let heard = 0;
  let tones = 0;
  let roots = 0;
  let fifths = 0;
  let close = 0;
  let wide = 0;
  const fifth = pitchClass(root + FIFTH);
  let lowestGap = 0;
  for (let index = 0; index < sorted.length; index++) {
    const pitch = sorted[index] ?? 0;
    const tone = pitchClass(pitch);
    if ((heard & (1 << tone)) === 0) tones++;
    heard |= 1 << tone;
    if (tone === root) roots++;
    if (tone === fifth) fifths++;
    if (index === 0) continue;
    const gap = pitch - (sorted[index - 1] ?? 0);
    if (index === 1) lowestGap = gap;
    else if (gap > SIXTH) wide++;
    if (gap === 1 || gap === 2) close++;
  }
  const top = pitchClass(sorted[sorted.length - 1] ?? 0);
  count("degree left out", Math.max(0, degrees - tones));
  const doubled = Math.max(0, roots - 1) + Math.max(0, fifths - 1);
  count("root or fifth not doubled", MAX_DOUBLED - Math.min(MAX_DOUBLED, doubled));
  if (fifths < 2) count("fifth not doubled", 1);
  if (top === root || top === fifth) count("root or fifth on top", 1);
  if (lowestGap <= FIFTH) count("lowest notes within a fifth", 1);
  count("notes a whole step apart or less", close);
  count("gap wider than a sixth", wide);
}

/** The term that each trait belongs to. */
export const TERM_OF_FREE: Readonly<Record<FreeTrait, PreferenceTerm>> = {
  "lowest fret": "height",
  "highest fret": "height",
  "fret beyond the body": "height",
  "bass is another tone": "bass",
  "fifth in the bass over a silent string": "bass",
  "no root on a bass string": "form",
  "no open root in the bass": "form",
  "bass on the thickest string": "form",
  "silent string between": "skipped",
  "silent string between, beside open ones": "skipped",
  "thinnest string silent": "thin",
  "further thin string silent": "thin",
  "not all strings sound": "notes",
  "two strings or more silent": "notes",
  "open strings at all": "open",
  "open string past low frets": "open",
  "open string past the first frets": "open",
  "open bass past low frets": "open",
  "open string between pressed ones": "open",
  "pitch sounds twice": "doubled",
  "tone on a thicker string": "order",
  "degree left out": "tones",
  "root or fifth not doubled": "tones",
  "fifth not doubled": "tones",
  "root or fifth on top": "tones",
  "lowest notes within a fifth": "tones",
  "notes a whole step apart or less": "tones",
  "gap wider than a sixth": "tones",
  "three frets or more apart": "spread",
  "four frets or more apart": "spread",
  "fret of span past three": "spread",
  "different fret past two": "spread",
  "finger left over": "fingers",
};

export const TERM_OF_STACK: Readonly<Record<StackTrait, PreferenceTerm>> = {
  "lowest fret": "height",
  "fret beyond the body": "height",
  "string thinner than the thickest": "register",
  "string from the bass strings": "form",
  "silent string between": "skipped",
  "tone on a thicker string": "order",
  "open string past low frets": "open",
  "open string past the first frets": "open",
  "fret of span past three": "spread",
};
