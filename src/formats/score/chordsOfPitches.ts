import { detectChords, type DetectedNote } from "@/core/detected";
import { namedChord } from "./chordEntry";
import { type ScoreChord } from "./score";

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
