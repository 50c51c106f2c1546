import { type Midi } from "@/core/pitch";
import { nameTuning } from "./nameTuning";
import { samePitches, usualMidi, type Tuning } from "./tuning";

/** The tuning whose chord names a player thinks in, and how far the current one is above it. */
interface Parent {
  readonly tuning: Tuning;
  /** Semitones from the parent's pitches to the current ones; -2 for drop C, whose parent is drop D. */
  readonly semitones: number;
}

/**
 * The standard or drop tuning of which a tuning is a transposition of the whole guitar (standard,
 * drop D, double drop D, seven-string standard...); the tuning itself where there is none.
 *
 * @example parentOf([36, 43, 48, 53, 57, 62]) // { tuning: drop D, semitones: -2 }
 */
export function parentOf(midi: readonly Midi[]): Parent {
  for (const parent of parents(midi.length)) {
    const semitones = (midi[0] ?? 0) - (parent[0] ?? 0);
    if (
      samePitches(
        midi,
        parent.map((pitch) => pitch + semitones),
      )
    ) {
      return { tuning: nameTuning(parent), semitones };
    }
  }
  return { tuning: nameTuning(midi), semitones: 0 };
}

function parents(strings: number): readonly (readonly Midi[])[] {
  const usual = usualMidi(strings);
  const drop = usual.map((midi, string) => (string === 0 ? midi - 2 : midi));
  const double = drop.map((midi, string) => (string === strings - 1 ? midi - 2 : midi));
  return [usual, drop, double];
}
