import { FIRST_VIEW, type Comparison, type View } from "@/formats/address";
import { DEFAULT_HAND, DEFAULT_SCHOOL, type Hand, type School } from "@/core/hand";
import { DEFAULT_LEVEL, type Level } from "@/core/motion";
import { type NeckMeasures } from "@/core/neck";
import { A4_HZ, type Accidentals, type Midi } from "@/core/pitch";
import { type Voicing } from "@/core/stack";
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

/** A stack, or a voicing for free mode, that the player made. */
export interface OwnStackContent extends Voicing {
  readonly name: string;
}

export interface OwnStack extends OwnStackContent {
  readonly id: number;
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
  /** How far the player has come; the time of a change depends on it. */
  readonly level: Level;
  /** A bass player has the low notes. */
  readonly withBass: boolean;
  /** Whether the player's pins shift what is put first, and from which pin on: those up to it are left alone. */
  readonly learnsFromPins: boolean;
  readonly pinsLearntAfter: number;
}

export const DEFAULT_PROFILE: Profile = {
  ...DEFAULT_HAND,
  school: DEFAULT_SCHOOL,
  accidentals: "mixed",
  a4Hz: A4_HZ,
  naming: "sounding",
  limits: DEFAULT_TENSION_LIMITS,
  level: DEFAULT_LEVEL,
  withBass: false,
  learnsFromPins: true,
  pinsLearntAfter: 0,
};

/** A fingering that the player keeps, with all it takes to show it again. */
export interface PinContent extends Pick<View, "tuningMidi" | "root" | "stack" | "leastNotes"> {
  readonly guitarId: number;
  readonly fretting: NonNullable<View["chosen"]>["fretting"];
  readonly fingers: NonNullable<View["chosen"]>["fingers"];
}

export interface Pin extends PinContent {
  readonly id: number;
}

export const THEMES = ["system", "light", "dark"] as const;
export type Theme = (typeof THEMES)[number];

/** Everything that is there again when the player comes back. */
export interface Choice extends View {
  readonly guitarId: number;
  readonly theme: Theme;
  /** What Compare shows; null until the player changes what it begins with. */
  readonly comparison: Comparison | null;
  /** Whether short hints are shown. */
  readonly hints: boolean;
  /** How grips are heard. */
  readonly hearing: Hearing;
}

/** A comparison that the player keeps. */
export interface SavedComparison {
  readonly id: number;
  readonly name: string;
  readonly comparison: Comparison;
}

/** How grips are heard. */
export interface Hearing {
  readonly gain: boolean;
  /** 0 silent to 1, the loudest Tenon goes. */
  readonly loudness: number;
  /** Whether the player has been told once to mind their ears. */
  readonly told: boolean;
}

/** What there is before the player chose anything. */
export const FIRST_CHOICE: Omit<Choice, "guitarId" | "tuningMidi"> = {
  ...FIRST_VIEW,
  theme: "system",
  comparison: null,
  hints: true,
  hearing: { gain: false, loudness: 0.5, told: false },
};

/** Everything the player owns. */
export interface Rig {
  readonly guitars: readonly [Guitar, ...Guitar[]];
  readonly pins: readonly Pin[];
  readonly ownTunings: readonly OwnTuning[];
  /** In the player's order. */
  readonly ownStacks: readonly OwnStack[];
  /** The tunings kept at hand, by their pitches, in the player's order. */
  readonly favourites: readonly (readonly Midi[])[];
  /** The newest first. */
  readonly comparisons: readonly SavedComparison[];
  readonly profile: Profile;
}

/** What a page needs to begin: what the player owns, and where they left off. */
export interface Start {
  readonly rig: Rig;
  readonly choice: Choice;
  /** Nothing was ever chosen in these data: Tenon asks for guitar and tuning first. */
  readonly isFirst: boolean;
  /** What in the address made no sense. */
  readonly problems: readonly string[];
}
