import { DEFAULT_DOWN_STROKES_BPM } from "@/core/arrangement";
import { DEFAULT_HAND, DEFAULT_SCHOOL, type Hand, type School } from "@/core/hand";
import { DEFAULT_LEVEL, type Level } from "@/core/motion";
import { A4_HZ, type Accidentals } from "@/core/pitch";
import { DEFAULT_TENSION_LIMITS, type TensionLimits } from "@/core/strings";
import { DEFAULT_PRACTICE, type PracticeSettings } from "./practice";

/** Chords named by sound, or by shape as in the tuning's parent (drop C as if in drop D). */
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
  /** The player's level, which sets how long a change takes. */
  readonly level: Level;
  /** Down strokes in eighths beyond this tempo, in quarters a minute, are more than the hand can do. */
  readonly downStrokesBpm: number;
  /** A bass player covers the low notes. */
  readonly withBass: boolean;
  /** Whether the player's pins shift what is put first, and from which pin on: those up to it are left alone. */
  readonly learnsFromPins: boolean;
  readonly pinsLearntAfter: number;
  readonly practice: PracticeSettings;
}

export const DEFAULT_PROFILE: Profile = {
  ...DEFAULT_HAND,
  school: DEFAULT_SCHOOL,
  accidentals: "mixed",
  a4Hz: A4_HZ,
  naming: "sounding",
  limits: DEFAULT_TENSION_LIMITS,
  level: DEFAULT_LEVEL,
  downStrokesBpm: DEFAULT_DOWN_STROKES_BPM,
  withBass: false,
  learnsFromPins: true,
  pinsLearntAfter: 0,
  practice: DEFAULT_PRACTICE,
};
