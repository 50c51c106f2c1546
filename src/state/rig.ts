import { type Midi } from "@/core/pitch";
import { type Comparison } from "./comparison";
import { type Guitar } from "./guitar";
import { type OwnVoicing } from "./ownVoicing";
import { type OwnTuning } from "./ownTuning";
import { type Placed } from "./place";
import { type Pin } from "./pin";
import { type Profile } from "./profile";
import { type SavedSong } from "./song";

/** A saved comparison, as lists show it. */
export interface SavedComparison {
  readonly id: number;
  readonly name: string;
  readonly revision: number;
}

/** A saved comparison that was opened. */
export interface OpenedComparison extends SavedComparison {
  readonly comparison: Comparison;
}

/** A favourite tuning. */
interface Favourite extends Placed {
  readonly id: number;
  readonly midi: readonly Midi[];
}

/** Everything the player owns. */
export interface Rig {
  readonly guitars: readonly [Guitar, ...Guitar[]];
  readonly pins: readonly Pin[];
  readonly ownTunings: readonly OwnTuning[];
  /** In the player's order. */
  readonly ownVoicings: readonly OwnVoicing[];
  /** In the player's order. */
  readonly favourites: readonly Favourite[];
  /** The newest first. */
  readonly comparisons: readonly SavedComparison[];
  /** The newest first. */
  readonly songs: readonly SavedSong[];
  readonly profile: Profile;
}
