import { DEFAULT_CHORD_OPTIONS } from "@/core/chart";
import { type Fretting } from "@/core/fretting";
import { DEFAULT_WEIGHTS, NO_GRIP_LIMITS, type GripLimits, type Weights } from "@/core/gripSearch";
import { type Midi } from "@/core/pitch";
import { type Voicing } from "@/core/voicing";

/** What stays the same while the tuning changes. */
export const HOLDS = ["chord", "pitches", "shape"] as const;
export type ComparedBy = (typeof HOLDS)[number];

/** A tuning on one of the player's guitars. */
interface ComparedColumn {
  readonly guitarId: number;
  readonly midi: readonly Midi[];
}

export const MAX_COLUMNS = 6;

/** Taking longer than this per string is not retuning on stage. */
export const MAX_MINUTES = 10;

/** All that Compare shows, so that it can be kept and shared. */
export interface Comparison {
  readonly columns: readonly ComparedColumn[];
  /** Chords as they were typed. */
  readonly chords: string;
  /** What power chords are played as. */
  readonly powerChordVoicing: Voicing;
  /** Every chord is reduced to its power chord. */
  readonly allAsPowerChords: boolean;
  /** Other chords sound on at least this many strings. */
  readonly minNotes: number;
  readonly hold: ComparedBy;
  /** The shape of which pitches or frets are held, in the first column's tuning; null for its first grip. */
  readonly shape: Fretting | null;
  readonly weights: Weights;
  /** What grips must keep, as a song brings it along. */
  readonly limits: GripLimits;
  /** How long turning one string takes on stage. */
  readonly minutesPerString: number;
}

/** The default comparison, without tunings and chords. */
export const DEFAULT_COMPARISON: Omit<Comparison, "columns" | "chords"> = {
  ...DEFAULT_CHORD_OPTIONS,
  hold: "chord",
  shape: null,
  weights: DEFAULT_WEIGHTS,
  limits: NO_GRIP_LIMITS,
  minutesPerString: 0.5,
};
