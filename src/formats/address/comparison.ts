import { DEFAULT_CHORD_OPTIONS } from "@/core/chart";
import { DEFAULT_WEIGHTS, type Weights } from "@/core/compare";
import { type Fretting } from "@/core/fretting";
import { type Midi } from "@/core/pitch";
import { type Stack } from "@/core/stack";

/** What stays the same while the tuning changes. */
export const HOLDS = ["chord", "pitches", "shape"] as const;
export type Hold = (typeof HOLDS)[number];

/** A tuning on one of the player's guitars. */
export interface ComparedColumn {
  readonly guitarId: number;
  readonly midi: readonly Midi[];
}

export const MOST_COLUMNS = 6;

/** All that Compare shows, so that it can be kept and shared. */
export interface Comparison {
  readonly columns: readonly ComparedColumn[];
  /** Chords as they were typed. */
  readonly chords: string;
  /** What fives are played as. */
  readonly fiveStack: Stack;
  /** Every chord is reduced to its five. */
  readonly allAsFives: boolean;
  /** Other chords sound on at least so many strings. */
  readonly leastNotes: number;
  readonly hold: Hold;
  /** The shape of which pitches or frets are held, in the first column's tuning; null for its first grip. */
  readonly shape: Fretting | null;
  readonly weights: Weights;
  /** How long turning one string takes on stage. */
  readonly minutesPerString: number;
}

/** A comparison before anything was chosen, but for its tunings and chords. */
export const FIRST_COMPARISON: Omit<Comparison, "columns" | "chords"> = {
  ...DEFAULT_CHORD_OPTIONS,
  hold: "chord",
  shape: null,
  weights: DEFAULT_WEIGHTS,
  minutesPerString: 0.5,
};
