import { pitchClass, pitchClassOf, SEMITONES_PER_OCTAVE, type Midi, type Note } from "@/core/pitch";
import { retuningCost, usualMidi } from "./tuning";

/**
 * The families a tuning's name can speak of, each a shape of semitones that can lie anywhere.
 * A function returns the places where the shape's named note is `note`, nearest to the guitar's
 * usual tuning first; places that cost over half as much again are left out.
 */
export type Family = (note: Note, strings: number) => readonly (readonly Midi[])[];

const SHOWN_COST_RATIO = 1.5;

export const standardFamily: Family = (note, strings) => {
  const usual = usualMidi(strings);
  return places([{ shape: usual, named: usual[0] ?? 0 }], note, usual);
};

export const dropFamily: Family = (note, strings) => {
  const usual = usualMidi(strings);
  const shape = usual.map((midi, string) => (string === 0 ? midi - 2 : midi));
  return places([{ shape, named: shape[0] ?? 0 }], note, usual);
};

export const doubleDropFamily: Family = (note, strings) => {
  const usual = usualMidi(strings);
  const last = strings - 1;
  const shape = usual.map((midi, string) => (string === 0 || string === last ? midi - 2 : midi));
  return places([{ shape, named: shape[0] ?? 0 }], note, usual);
};

export type OpenQuality = "major" | "minor" | "sus2" | "sus4";

/**
 * Open chords as semitones over the root, by where the root lies (common practice): root on
 * string 6 (D A D F# A D), root on string 5 (D G D G B D), and the wide one (C G C G C E).
 */
const OPEN_SHAPES: Readonly<Record<OpenQuality, readonly (readonly number[])[]>> = {
  major: [
    [0, 7, 12, 16, 19, 24],
    [-5, 0, 7, 12, 16, 19],
    [0, 7, 12, 19, 24, 28],
  ],
  minor: [
    [0, 7, 12, 15, 19, 24],
    [-5, 0, 7, 12, 15, 19],
    [0, 7, 12, 19, 24, 27],
  ],
  sus2: [
    [0, 7, 12, 14, 19, 24],
    [-5, 0, 7, 12, 14, 19],
    [0, 7, 12, 19, 24, 26],
  ],
  sus4: [
    [0, 7, 12, 17, 19, 24],
    [-5, 0, 7, 12, 17, 19],
  ],
};

/** Open tunings by name need six strings or more; further low strings go on in roots and fifths. */
export const MIN_OPEN_STRINGS = 6;

export function openFamily(quality: OpenQuality): Family {
  return (note, strings) => {
    const shapes = OPEN_SHAPES[quality].map((shape) => ({
      shape: extendDown(shape, strings),
      named: 0,
    }));
    return places(shapes, note, usualMidi(strings));
  };
}

function extendDown(shape: readonly number[], strings: number): readonly number[] {
  const longer = [...shape];
  while (longer.length < strings) {
    const lowest = longer[0] ?? 0;
    longer.unshift(lowest - (pitchClass(lowest) === 0 ? 5 : 7));
  }
  return longer;
}

/** Strings at one constant interval, the thickest being `note`. */
export function regularFamily(semitones: number): Family {
  return (note, strings) => {
    const shape = Array.from({ length: strings }, (_, string) => string * semitones);
    return places([{ shape, named: 0 }], note, usualMidi(strings));
  };
}

interface Shape {
  readonly shape: readonly number[];
  /** The number in the shape's own terms that the tuning is named after. */
  readonly named: number;
}

function places(
  shapes: readonly Shape[],
  note: Note,
  usual: readonly Midi[],
): readonly (readonly Midi[])[] {
  const all = shapes.flatMap(({ shape, named }) => {
    const centre = pitchClass(pitchClassOf(note) - named);
    return Array.from({ length: 9 }, (_, octave) => {
      const midi = shape.map(
        (semitones) => semitones + centre + (octave - 3) * SEMITONES_PER_OCTAVE,
      );
      return { midi, cost: retuningCost(usual, midi) };
    });
  });
  all.sort((a, b) => a.cost - b.cost || (a.midi[0] ?? 0) - (b.midi[0] ?? 0));
  const min = all[0]?.cost ?? 0;
  return all.filter((place) => place.cost <= min * SHOWN_COST_RATIO).map((place) => place.midi);
}
