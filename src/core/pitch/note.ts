import { failure, success, type Result } from "@/core/result";

/** A pitch class: 0 = C, 1 = C sharp or D flat ... 11 = B. */
export type PitchClass = number;

/** A MIDI number: 69 = A4, 60 = C4. */
export type Midi = number;

export type Letter = "C" | "D" | "E" | "F" | "G" | "A" | "B";

/** A spelled note without octave: a letter raised (+) or lowered (-) by some semitones. */
export interface Note {
  readonly letter: Letter;
  readonly accidental: number;
}

export const LETTERS: readonly Letter[] = ["C", "D", "E", "F", "G", "A", "B"];

const LETTER_SEMITONES: Readonly<Record<Letter, number>> = {
  C: 0,
  D: 2,
  E: 4,
  F: 5,
  G: 7,
  A: 9,
  B: 11,
};

export const SEMITONES_PER_OCTAVE = 12;

/** The pitch class of any whole number of semitones, negative ones too. */
export function pitchClass(semitones: number): PitchClass {
  return ((semitones % SEMITONES_PER_OCTAVE) + SEMITONES_PER_OCTAVE) % SEMITONES_PER_OCTAVE;
}

export function pitchClassOf(note: Note): PitchClass {
  return pitchClass(LETTER_SEMITONES[note.letter] + note.accidental);
}

/** The MIDI number of a note in a scientific octave; the octave goes with the letter (Cb4 is B3). */
export function midiOf(note: Note, octave: number): Midi {
  return (octave + 1) * SEMITONES_PER_OCTAVE + LETTER_SEMITONES[note.letter] + note.accidental;
}

/** The scientific octave in which `note` names the pitch `midi`. */
export function octaveOf(note: Note, midi: Midi): number {
  return (midi - note.accidental - LETTER_SEMITONES[note.letter]) / SEMITONES_PER_OCTAVE - 1;
}

/** Plain text of a note: "C", "F#", "Bb". The views turn # and b into real signs. */
export function noteText(note: Note): string {
  return (
    note.letter +
    (note.accidental >= 0 ? "#".repeat(note.accidental) : "b".repeat(-note.accidental))
  );
}

/** Replaces typographic sharp and flat signs by # and b. */
export function plainSigns(text: string): string {
  return text.replace(/♯/g, "#").replace(/♭/g, "b");
}

/**
 * Reads "C", "f#", "B♭", "Dbb". Upper and lower case mean the same.
 *
 * @example parseNote("F#") // { ok: true, value: { letter: "F", accidental: 1 } }
 */
export function parseNote(text: string, field = "note"): Result<Note> {
  const match = /^([A-Ga-g])(#{0,2}|b{0,2})$/.exec(plainSigns(text.trim()));
  if (!match) return failure(field, `'${text}' is not a note; write A to G with # or b`);
  const [, letter = "", sign = ""] = match;
  return success({
    letter: letter.toUpperCase() as Letter,
    accidental: sign.startsWith("b") ? -sign.length : sign.length,
  });
}
