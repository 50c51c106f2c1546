import { FORMS, soundNext, type FormNode } from "@/core/forms";
import { hold, NOTHING_HELD, type Held } from "@/core/fretting";
import { FINGERS_AND_THUMB } from "@/core/hand";
import { type Midi } from "@/core/pitch";
import { CHORD_STRINGS } from "@/core/preference";
import { type StringSet } from "./lie";
import { type NoteOption, type NoteOptions } from "./options";

/** What is known of a fretting whose thicker strings are chosen. */
export interface Sofar {
  readonly notes: number;
  readonly pressed: number;
  /** The chord's tones that sound, one bit each. */
  readonly heard: number;
  readonly held: Held;
  readonly lowMm: number;
  readonly highMm: number;
  readonly lowestFret: number;
  readonly highestFret: number;
  /** Silent strings since the last that sounds: they lie between once another sounds. */
  readonly silent: number;
  readonly inner: number;
  readonly ringing: number;
  readonly lowest: Midi;
  /** The first string that sounds, -1 before there is one, and whether it is open. */
  readonly thickest: number;
  readonly isBassOpen: boolean;
  /** The forms that it may become; null where it can be none. */
  readonly form: FormNode | null;
  /** Every note so far is open, or lies on this fret beside its neighbour; -1 where that is not so. */
  readonly barFret: number;
  /** Pitches that sound twice, and notes lower than the one on the string before. */
  readonly same: number;
  readonly falling: number;
  /** Notes on strings thicker than the six that chords are laid out over. */
  readonly beyondSix: number;
  /** Notes that are neither root nor fifth. */
  readonly others: number;
  /** Between all notes so far, in plain fifths. */
  readonly rough: number;
}

/** The bit of the root among a free chord's tones. */
const ROOT_TONE = 1;

export const NOTHING: Sofar = {
  notes: 0,
  pressed: 0,
  heard: 0,
  held: NOTHING_HELD,
  lowMm: Infinity,
  highMm: -Infinity,
  lowestFret: Infinity,
  highestFret: 0,
  silent: 0,
  inner: 0,
  ringing: 0,
  lowest: Infinity,
  thickest: -1,
  isBassOpen: false,
  form: FORMS,
  barFret: -1,
  same: 0,
  falling: 0,
  beyondSix: 0,
  others: 0,
  rough: 0,
};

/**
 * A fretting with one more string sounding; null where no hand holds it.
 *
 * @param pitches sounding on thicker strings, thickest first
 * @param rough what the note adds between all notes, in plain fifths
 */
export function withNote(
  sofar: Sofar,
  option: NoteOption,
  string: number,
  pitches: readonly Midi[],
  { perString, others }: NoteOptions,
  reachMm: number,
  rough: number,
): Sofar | null {
  const { fret, midi, tipMm, tone } = option;
  const held = hold(sofar.held, fret);
  if (held.fingers > FINGERS_AND_THUMB) return null;
  const isOpen = fret === 0;
  const lowMm = isOpen ? sofar.lowMm : Math.min(sofar.lowMm, tipMm);
  const highMm = isOpen ? sofar.highMm : Math.max(sofar.highMm, tipMm);
  if (highMm - lowMm > reachMm) return null;
  let same = sofar.same;
  for (const pitch of pitches) if (pitch === midi) same++;
  const isFirst = sofar.notes === 0;
  const before = pitches[pitches.length - 1] ?? midi;
  const isUnderBar = sofar.barFret === fret && (isOpen || sofar.silent === 0);
  return {
    notes: sofar.notes + 1,
    pressed: sofar.pressed + (isOpen ? 0 : 1),
    heard: sofar.heard | tone,
    held,
    lowMm,
    highMm,
    lowestFret: isOpen ? sofar.lowestFret : Math.min(sofar.lowestFret, fret),
    highestFret: Math.max(sofar.highestFret, fret),
    silent: 0,
    inner: sofar.inner + (isFirst ? 0 : sofar.silent),
    ringing: sofar.ringing + (isOpen ? 1 : 0),
    lowest: Math.min(sofar.lowest, midi),
    thickest: isFirst ? string : sofar.thickest,
    isBassOpen: isFirst ? isOpen : sofar.isBassOpen,
    form: formWith(sofar, option, midi - (pitches[0] ?? midi)),
    barFret: isFirst || isUnderBar ? fret : -1,
    same,
    falling: sofar.falling + (midi < before ? 1 : 0),
    beyondSix: sofar.beyondSix + (string < perString.length - CHORD_STRINGS ? 1 : 0),
    others: sofar.others + ((tone & others) === 0 ? 0 : 1),
    rough: sofar.rough + rough,
  };
}

/** Whether a grip may yet lie under one bar, or ring open on all its strings, before any sounds. */
export function mayBeBar(lie: StringSet | null, maxOpen: number): boolean {
  return lie === null || lie.inner === 0 || maxOpen === lie.notes;
}

/** Whether the thickest string that sounds may ring open, before any sounds. */
export function mayRingInBass({ openFrom }: NoteOptions, lie: StringSet | null): boolean {
  if (!lie) return true;
  return (openFrom[lie.thickest] ?? 0) > (openFrom[lie.thickest + 1] ?? 0);
}

/** The forms that stay possible with one more note; the first must be the root. */
function formWith(
  { notes, form, silent }: Sofar,
  { tone }: NoteOption,
  semitones: number,
): FormNode | null {
  if (notes === 0) return tone === ROOT_TONE ? form && soundNext(form, 0, 0) : null;
  return form && soundNext(form, silent, semitones);
}

/** Whether the lowest note so far is not what the chord asks for, and no lower one can make it right. */
export function isBassWrong(lowest: Midi, options: NoteOptions, string: number): boolean {
  return !options.isBass(lowest) && (options.lowestBassFrom[string] ?? Infinity) > lowest;
}

/** How often root and fifth may sound in the end beyond once each, when the others sound as they must. */
export function maxDoubled(
  { notes, heard, others }: Sofar,
  options: NoteOptions,
  left: number,
): number {
  const missing = countBits(options.required & options.others & ~heard);
  return Math.max(0, notes + left - others - missing - 2);
}

export function countBits(mask: number): number {
  let bits = 0;
  for (let rest = mask; rest !== 0; rest &= rest - 1) bits++;
  return bits;
}
