import { pitchClass, type PitchClass } from "@/core/pitch";
import { type Neck } from "./neck";

/** A place on the neck: string index from the thickest (0), fret from the capo (0 is open). */
export interface Position {
  readonly string: number;
  readonly fret: number;
}

/** Every place where one of the pitch classes sounds, thickest string first, then up the neck. */
export function findPositions(
  neck: Neck,
  pitchClasses: readonly PitchClass[],
): readonly Position[] {
  const wanted = new Set(pitchClasses.map(pitchClass));
  return neck.midi.flatMap((open, string) =>
    Array.from({ length: neck.frets + 1 }, (_, fret) => ({ string, fret })).filter(({ fret }) =>
      wanted.has(pitchClass(open + fret)),
    ),
  );
}
