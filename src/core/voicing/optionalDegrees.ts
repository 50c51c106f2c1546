import { pitchClass } from "@/core/pitch";
import { type Voicing } from "./voicing";

/** Chords of which the same degrees may be left out. */
interface OptionalDegrees {
  /** As semitones over the root, extensions above the octave. */
  readonly chords: readonly Voicing[];
  /** Degrees that a player may leave out, 0 to 11 semitones over the root. */
  readonly optional: readonly number[];
  readonly reason: string;
}

const FIFTH = 7;
const NINTH = 2;

/** Which degrees may be left out of every kind of chord that is read (common practice). */
export const OPTIONAL_DEGREES: readonly OptionalDegrees[] = [
  {
    chords: [
      [0, 7],
      [0, 4],
      [0, 3],
      [0, 6],
      [0, 8],
    ],
    optional: [],
    reason: "Two notes: without either it is no chord.",
  },
  {
    chords: [
      [0, 4, 7],
      [0, 3, 7],
      [0, 3, 6],
      [0, 4, 8],
      [0, 5, 7],
      [0, 2, 7],
    ],
    optional: [],
    reason: "Three notes, each of which tells the chord from another.",
  },
  {
    chords: [
      [0, 4, 11],
      [0, 7, 11],
      [0, 4, 10],
      [0, 3, 10],
      [0, 7, 10],
    ],
    optional: [],
    reason: "The name says already what is left out.",
  },
  {
    chords: [
      [0, 4, 7, 10],
      [0, 3, 7, 10],
      [0, 4, 7, 11],
      [0, 3, 7, 11],
    ],
    optional: [FIFTH],
    reason: "Root, third and seventh say it all: the open C7 is x 3 2 3 1 0.",
  },
  {
    chords: [
      [0, 5, 7, 10],
      [0, 2, 7, 10],
      [0, 2, 7, 11],
      [0, 5, 7, 11],
    ],
    optional: [FIFTH],
    reason: "Root, suspended note and seventh say it all.",
  },
  {
    chords: [
      [0, 4, 7, 9],
      [0, 3, 7, 9],
      [0, 4, 7, 9, 14],
      [0, 3, 7, 9, 14],
    ],
    optional: [FIFTH],
    reason: "The sixth takes the fifth's place: the open C6 is x 3 2 2 1 0.",
  },
  {
    chords: [
      [0, 4, 7, 14],
      [0, 3, 7, 14],
      [0, 4, 5, 7],
      [0, 3, 5, 7],
      [0, 2, 5, 7],
    ],
    optional: [FIFTH],
    reason: "The added note and the third (or both suspended notes) carry the name.",
  },
  {
    chords: [[0, 3, 7, 8]],
    optional: [],
    reason: "Without its fifth Cm(b6) is Ab over C.",
  },
  {
    chords: [
      [0, 4, 7, 10, 14],
      [0, 3, 7, 10, 14],
      [0, 4, 7, 11, 14],
      [0, 3, 7, 11, 14],
      [0, 5, 7, 10, 14],
    ],
    optional: [FIFTH],
    reason: "Root, third (or fourth), seventh and ninth: C9 is x 3 2 3 3 x.",
  },
  {
    chords: [
      [0, 7, 10, 14, 17],
      [0, 3, 7, 10, 14, 17],
    ],
    optional: [FIFTH, NINTH],
    reason: "The eleventh is what is named; fifth and ninth are extras under it.",
  },
  {
    chords: [
      [0, 4, 7, 10, 14, 21],
      [0, 3, 7, 10, 14, 21],
      [0, 4, 7, 11, 14, 21],
      [0, 5, 7, 10, 14, 21],
    ],
    optional: [FIFTH, NINTH],
    reason: "The 13th is what is named; fifth and ninth are extras under it: G13 is 3 x 3 4 5 x.",
  },
  {
    chords: [
      [0, 4, 7, 10, 13],
      [0, 4, 7, 10, 15],
      [0, 4, 7, 10, 18],
      [0, 4, 7, 11, 18],
      [0, 5, 7, 10, 13],
    ],
    optional: [FIFTH],
    reason: "The altered note is what is named: C7#9 is x 3 2 3 4 x.",
  },
  {
    chords: [
      [0, 4, 7, 10, 14, 18],
      [0, 4, 7, 11, 14, 18],
      [0, 4, 7, 10, 13, 20],
      [0, 4, 7, 10, 13, 21],
    ],
    optional: [FIFTH],
    reason: "Both notes above the seventh are named.",
  },
  {
    chords: [
      [0, 4, 10, 20],
      [0, 4, 8, 10],
      [0, 4, 6, 10],
      [0, 4, 8, 11],
      [0, 4, 6, 11],
      [0, 4, 8, 10, 14],
      [0, 4, 6, 10, 14],
      [0, 4, 8, 10, 15],
      [0, 4, 8, 10, 13],
    ],
    optional: [],
    reason: "An altered fifth, or the flat 13th in its place, is what is named.",
  },
  {
    chords: [
      [0, 3, 6, 9],
      [0, 3, 6, 10],
      [0, 3, 6, 11],
      [0, 3, 6, 10, 14],
    ],
    optional: [],
    reason: "The diminished fifth tells it from the minor chord.",
  },
];

const BY_DEGREES = new Map(
  OPTIONAL_DEGREES.flatMap(({ chords, optional }) =>
    chords.map((chord) => [keyOf(chord), optional] as const),
  ),
);

/** The degrees that may be left out of a chord; of one that is in no list, the perfect fifth of four or more. */
export function optionalDegrees(voicing: Voicing): readonly number[] {
  const known = BY_DEGREES.get(keyOf(voicing));
  if (known) return known;
  return new Set(voicing.map(pitchClass)).size >= 4 && !voicing.includes(8) ? [FIFTH] : [];
}

/** Chords of the same notes are told apart by what lies above the octave. */
function keyOf(voicing: Voicing): string {
  return [...new Set(voicing)].sort((a, b) => a - b).join();
}
