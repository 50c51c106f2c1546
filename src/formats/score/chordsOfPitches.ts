import { detectChords, type DetectedNote } from "@/core/detected";
import { namedChord } from "./chordEntry";
import { pitchEntry } from "./riff";
import { type ScoreChord } from "./score";

const ROUNDING = 1e-6;

/**
 * The notes of a bar that are played one after the other, as a riff whose strings are open; null where two sound together,
 * or where nothing begins.
 */
export function riffOfPitches(notes: readonly DetectedNote[]): readonly ScoreChord[] | null {
  const begun = notes.filter(({ start }) => start >= 0).toSorted((a, b) => a.start - b.start);
  const isOver = (each: DetectedNote) =>
    notes.some(
      (other) =>
        other !== each &&
        other.start <= each.start + ROUNDING &&
        other.start + other.beats > each.start + ROUNDING,
    );
  if (begun.length === 0 || begun.some(isOver)) return null;
  return begun.map(({ start, beats, midi }) => pitchEntry(midi, start, beats));
}

/** The chords of a bar that is known by its pitches alone. */
export function chordsOfPitches(
  notes: readonly DetectedNote[],
  beats: number,
): readonly ScoreChord[] {
  return detectChords(notes, beats).map(({ name, start, beats: length, sure }) => ({
    ...namedChord(name),
    startBeat: start,
    beats: length,
    texture: null,
    fretting: null,
    fingers: null,
    sure,
  }));
}
