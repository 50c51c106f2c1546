import { SEMITONES_PER_OCTAVE, type Midi } from "./note";

/** Standard tuning frequency of A4 in Hz (ISO 16). */
export const A4_HZ = 440;

/** MIDI number of A4. */
const A4_MIDI = 69;

/** Frequency in Hz of an equal-tempered pitch, given the reference frequency of A4 in Hz. */
export function frequencyHz(midi: Midi, a4Hz: number = A4_HZ): number {
  return a4Hz * 2 ** ((midi - A4_MIDI) / SEMITONES_PER_OCTAVE);
}
