import { findPositions, type Neck, type Position } from "@/core/neck";
import { pitchClass, pitchClassOf, type Midi, type Note } from "@/core/pitch";

/** A place on the neck where a degree sounds, in whatever octave. */
export interface DegreePosition extends Position {
  readonly midi: Midi;
  /** Semitones over the root, 0 to 11. */
  readonly degree: number;
}

/** Every place of some degrees (semitones over the root, in whatever octave), thickest string first, then up the neck. */
export function findDegrees(
  neck: Neck,
  root: Note,
  degrees: readonly number[],
): readonly DegreePosition[] {
  const rootClass = pitchClassOf(root);
  return findPositions(
    neck,
    degrees.map((degree) => rootClass + degree),
  ).map((position) => {
    const midi = (neck.midi[position.string] ?? 0) + position.fret;
    return { ...position, midi, degree: pitchClass(midi - rootClass) };
  });
}
