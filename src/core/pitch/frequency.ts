import { SEMITONES_PER_OCTAVE, type Midi } from "./note";

/** Standard tuning frequency of A4 in Hz (ISO 16). */
export const A4_HZ = 440;

/** The reference frequencies of A4 that a player may choose, in Hz. */
export const LOWEST_A4_HZ = 420;
export const HIGHEST_A4_HZ = 460;

const CENTS_PER_SEMITONE = 100;

/** MIDI number of A4. */
const A4_MIDI = 69;

/**
 * Frequency in Hz of an equal-tempered pitch, given the reference frequency of A4 in Hz.
 *
 * @example frequencyHz(40) // 82.41
 */
export function frequencyHz(midi: Midi, a4Hz: number = A4_HZ): number {
  return a4Hz * 2 ** ((midi - A4_MIDI) / SEMITONES_PER_OCTAVE);
}

/**
 * How far `hz` lies over `referenceHz` in cents, hundredths of a semitone; negative below it.
 *
 * @example centsOver(440, 442) // 7.85
 */
export function centsOver(referenceHz: number, hz: number): number {
  return CENTS_PER_SEMITONE * SEMITONES_PER_OCTAVE * Math.log2(hz / referenceHz);
}

/** The nearest equal-tempered pitch, given the reference frequency of A4 in Hz. */
export function nearestMidi(hz: number, a4Hz: number = A4_HZ): Midi {
  return Math.round(A4_MIDI + centsOver(a4Hz, hz) / CENTS_PER_SEMITONE);
}
