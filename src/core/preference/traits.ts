import { formOf, isFormOverBass, isOnUsualFrets } from "@/core/forms";
import { type Fretting } from "@/core/fretting";
import { pitchClass, type Midi, type PitchClass } from "@/core/pitch";
import { type RequestedChord } from "./requestedChord";
import { type FreeTrait, type VoicingTrait } from "./fittedPreference";
import { countRepeats, countFretting, type FrettingCounts } from "./lie";

/** A fretting, as far as players look at it. */
export interface Look {
  readonly fretting: Fretting;
  /** Sounding pitches, thickest string first; never empty. */
  readonly midi: readonly Midi[];
  /** Fingers that press in its easiest fingering. */
  readonly fingers: number;
  readonly requested: RequestedChord;
}

/** What is counted of a look: how much, of which trait. */
type CountTrait<Trait> = (trait: Trait, amount: number) => void;

/** Beyond this fret the body is in the way, on a common electric guitar. */
export const BODY_FRET = 12;
/** Open strings ring beside frets up to these as if they were one shape (open chords, common practice). */
export const FIRST_LOW_FRET = 2;
export const FIRST_HIGH_FRET = 4;
/** A hand has four fingers to put down. */
export const FRETTING_FINGERS = 4;
/** Chords are laid out over six strings; more are there for lower notes. */
export const CHORD_STRINGS = 6;
/** Root and fifth beyond once each; more than this is no better. */
export const MAX_DOUBLED = 4;
/** In semitones. */
const FIFTH = 7;
const SIXTH = 9;
/** The low E of standard tuning, from which depth is counted. */
export const LOW_E: Midi = 40;

/** Counts the traits of a voicing's grip: its tones are given, so place and neatness are what is left. */
export function countVoicingTraits(look: Look, count: CountTrait<VoicingTrait>): void {
  const { fretting, midi } = look;
  const lie = countFretting(fretting);
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

/** Notes on the strings that are thicker than the six that chords are laid out over. */
function notesBeyond(fretting: Fretting, strings: number): number {
  let notes = 0;
  for (let string = 0; string < fretting.length - strings; string++) {
    if (fretting[string] !== null) notes++;
  }
  return notes;
}

/** Every sounding string rings open, or lies under one finger that skips none. */
function isOneBar({ notes, open, frets, thickest, thinnest }: FrettingCounts): boolean {
  if (open === notes) return true;
  return open === 0 && frets === 1 && thinnest - thickest + 1 === notes;
}

/** The trait as it counts for the chord: from sevenths up with a weight of its own. */
export function bySize<Trait extends string>(
  trait: Trait,
  { isTriad }: RequestedChord,
): Trait | `${Trait}, from sevenths up` {
  return isTriad ? trait : `${trait}, from sevenths up`;
}

/** Counts the traits of a free chord's grip: which strings, which doublings, which bass, where. */
export function countFreeTraits(look: Look, count: CountTrait<FreeTrait>): void {
  const { fretting, midi, requested } = look;
  const lie = countFretting(fretting);
  const { lowestFret, highestFret, open, notes, thickest, thinnest } = lie;
  const strings = Math.min(fretting.length, CHORD_STRINGS);
  count("fret beyond the body", Math.max(0, highestFret - BODY_FRET));

  const lowest = Math.min(...midi);
  const bass = pitchClass(lowest);
  const isBass = bass === requested.bass;
  /** Counted from the thinnest, 1, as players do. */
  const bassString = fretting.length - thickest;
  if (!isBass) {
    if (bass !== pitchClass(requested.root + FIFTH)) count("bass is another tone", 1);
    else {
      count("fifth in the bass", 1);
      if (bassString < strings) count("fifth in the bass over a silent string", 1);
    }
  }
  if (!isBass || bassString < strings - 1) count("no root on a bass string", 1);
  if (!isBass || fretting[thickest] !== 0) count("no open root in the bass", 1);
  if (bassString >= strings) count("bass on the thickest string", 1);

  const isOnRoot = isBass && bass === requested.root;
  const form = isOnRoot ? formOf(fretting, midi) : null;
  const isBar = isOnRoot && isOneBar(lie);
  if (isBar) count("fret of one bar", lowestFret);
  else if (form) count(bySize("fret of a form", requested), lowestFret);
  else {
    count(bySize("no form", requested), 1);
    count("lowest fret", lowestFret);
    count("highest fret", highestFret);
  }
  if (form && !isBar) {
    if (!form.isMovable && open === 0) count("open form moved", 1);
    if (!isOnUsualFrets(form, fretting)) count("form on other frets", 1);
  }
  if (isBass && !isOnRoot && !isFormOverBass(fretting, midi, requested.root)) {
    count("no form above its bass", 1);
  }
  count("note beyond six strings", notesBeyond(fretting, strings));

  const inner = thinnest - thickest + 1 - notes;
  if (!form) {
    count(bySize("silent string between", requested), inner);
    if (inner > 0 && open > 0) count("silent string between, beside open ones", 1);
  }
  const thin = fretting.length - 1 - thinnest;
  const { isTriad } = requested;
  if (form && !isTriad) count("string silent in a form", inner + thin);
  else {
    if (thin > 0) count(bySize("thinnest string silent", requested), 1);
    if (thin > 1) count(bySize("further thin string silent", requested), thin - 1);
  }
  if (isTriad) {
    if (notes < strings) count("not all strings sound", 1);
    if (notes < strings - 1) count("two strings or more silent", 1);
    countDoubled(midi, requested.root, count);
  }

  if (open > 0) {
    count("open strings at all", 1);
    if (!form) {
      count("open string past low frets", open * Math.max(0, lowestFret - FIRST_LOW_FRET));
      count("open string past the first frets", open * Math.max(0, highestFret - FIRST_HIGH_FRET));
      if (fretting[thickest] === 0) {
        count("open bass past low frets", Math.max(0, lowestFret - FIRST_LOW_FRET));
      }
    }
    count("open string between pressed ones", lie.openBetween);
  }

  const { same, falling } = countRepeats(midi);
  count("pitch sounds twice", same);
  count("tone on a thicker string", falling);
  countTones(midi, requested, count);

  const span = highestFret - lowestFret;
  if (span > 2) count("three frets or more apart", 1);
  if (span > 3) count("four frets or more apart", 1);
  count("fret of span past three", Math.max(0, span - 3));
  count("finger left over", Math.max(0, FRETTING_FINGERS - look.fingers));
}

/** How often root and fifth sound beyond once each. */
function countDoubled(midi: readonly Midi[], root: PitchClass, count: CountTrait<FreeTrait>): void {
  const fifth = pitchClass(root + FIFTH);
  let roots = 0;
  let fifths = 0;
  for (const pitch of midi) {
    const tone = pitchClass(pitch);
    if (tone === root) roots++;
    if (tone === fifth) fifths++;
  }
  const doubled = Math.max(0, roots - 1) + Math.max(0, fifths - 1);
  count("root or fifth not doubled", MAX_DOUBLED - Math.min(MAX_DOUBLED, doubled));
  if (fifths < 2) count("fifth not doubled", 1);
}

/** Which tones sound, and how close together. */
function countTones(
  midi: readonly Midi[],
  { degrees }: RequestedChord,
  count: CountTrait<FreeTrait>,
): void {
  const sorted = midi.length > 1 ? midi.toSorted((a, b) => a - b) : midi;
  let heard = 0;
  let tones = 0;
  let close = 0;
  let wide = 0;
  let lowestGap = 0;
  for (let index = 0; index < sorted.length; index++) {
    const pitch = sorted[index] ?? 0;
    const tone = pitchClass(pitch);
    if ((heard & (1 << tone)) === 0) tones++;
    heard |= 1 << tone;
    if (index === 0) continue;
    const gap = pitch - (sorted[index - 1] ?? 0);
    if (index === 1) lowestGap = gap;
    else if (gap > SIXTH) wide++;
    if (gap === 1 || gap === 2) close++;
  }
  count("degree left out", Math.max(0, degrees - tones));
  if (lowestGap <= FIFTH) count("lowest notes within a fifth", 1);
  count("notes a whole step apart or less", close);
  count("gap wider than a sixth", wide);
}
