import { type Fretting } from "@/core/fretting";
import { DEFAULT_HAND, DEFAULT_SCHOOL, type Finger, type Hand, type School } from "@/core/hand";
import { type NeckMeasures } from "@/core/neck";
import { A4_HZ, type Accidentals, type Midi } from "@/core/pitch";
import { type Stack } from "@/core/stack";
import { DEFAULT_TENSION_LIMITS, type StringSpec, type TensionLimits } from "@/core/tuning";

/** What holds the strings at the body: on a floating bridge every string shifts all others. */
export const BRIDGES = ["fixed", "floating", "locking"] as const;
export type Bridge = (typeof BRIDGES)[number];

/** What a guitar is. Everything per string runs from the thickest. */
export interface GuitarContent extends NeckMeasures {
  readonly name: string;
  /** Frets on the neck, counted from the nut. */
  readonly frets: number;
  /** The tuning it usually hangs in, for which its strings are made. */
  readonly usualMidi: readonly Midi[];
  readonly leftHanded: boolean;
  readonly bridge: Bridge;
  readonly strings: readonly StringSpec[];
}

/** A guitar that the player owns. */
export interface Guitar extends GuitarContent {
  readonly id: number;
  /** What it hangs in now; the tuning that is looked at is a choice. */
  readonly tunedMidi: readonly Midi[];
}

/** A tuning that the player named. */
export interface OwnTuning {
  readonly id: number;
  readonly name: string;
  readonly midi: readonly Midi[];
}

/** Chords called as they sound, or as the shape is called in the tuning's parent (drop C: drop D). */
export const NAMINGS = ["sounding", "shape"] as const;
export type Naming = (typeof NAMINGS)[number];

/** The player, as far as answers depend on them. */
export interface Profile extends Hand {
  readonly school: School;
  readonly accidentals: Accidentals;
  /** Reference frequency of A4. */
  readonly a4Hz: number;
  readonly naming: Naming;
  readonly limits: TensionLimits;
}

export const DEFAULT_PROFILE: Profile = {
  ...DEFAULT_HAND,
  school: DEFAULT_SCHOOL,
  accidentals: "mixed",
  a4Hz: A4_HZ,
  naming: "sounding",
  limits: DEFAULT_TENSION_LIMITS,
};

/** A fingering that the player keeps, with all it takes to show it again. */
export interface PinContent {
  readonly guitarId: number;
  readonly tuningMidi: readonly Midi[];
  /** Root as plain text: "C#". */
  readonly root: string;
  readonly stack: Stack;
  readonly fretting: Fretting;
  readonly fingers: readonly (Finger | 0)[];
}

export interface Pin extends PinContent {
  readonly id: number;
}

export const MARK_LABELS = ["degree", "note", "finger", "fret", "octave"] as const;
export type MarkLabel = (typeof MARK_LABELS)[number];

export const THEMES = ["system", "light", "dark"] as const;
export type Theme = (typeof THEMES)[number];

/** Everything that is there again when the player comes back. */
export interface Choice {
  readonly guitarId: number;
  readonly tuningMidi: readonly Midi[];
  /** Root as plain text: "C#". */
  readonly root: string;
  readonly stack: Stack;
  readonly labels: MarkLabel;
  readonly theme: Theme;
  /** The fingering on the neck; null shows the map alone. */
  readonly chosen: {
    readonly fretting: Fretting;
    readonly fingers: readonly (Finger | 0)[];
  } | null;
  /** The tuning that Compare holds against the present one; null until the player takes one. */
  readonly comparedMidi: readonly Midi[] | null;
}

/** Everything the player owns. */
export interface Rig {
  readonly guitars: readonly [Guitar, ...Guitar[]];
  readonly pins: readonly Pin[];
  readonly ownTunings: readonly OwnTuning[];
  /** The tunings kept at hand, by their pitches, in the player's order. */
  readonly favourites: readonly (readonly Midi[])[];
  readonly profile: Profile;
}

/** What a page needs to begin: what the player owns, and where they left off. */
export interface Start {
  readonly rig: Rig;
  readonly choice: Choice;
}
