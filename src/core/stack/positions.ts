import { findPositions, type Neck, type Position } from "../neck";
import { pitchClass, pitchClassOf, type Midi, type Note } from "../pitch";
import { type Stack } from "./stack";

/** A place on the neck where a degree of the stack sounds, in whatever octave. */
export interface DegreePosition extends Position {
  readonly midi: Midi;
  /** Semitones over the root, 0 to 11. */
  readonly degree: number;
}

/** Every place of every degree of a stack, thickest string first, then up the neck. */
export function findStackPositions(
  neck: Neck,
  root: Note,
  stack: Stack,
): readonly DegreePosition[] {
  const rootClass = pitchClassOf(root);
  return findPositions(
    neck,
    stack.map((tone) => rootClass + tone),
  ).map((position) => {
    const midi = (neck.midi[position.string] ?? 0) + position.fret;
    return { ...position, midi, degree: pitchClass(midi - rootClass) };
  });
}
