import { type Taste } from "@/core/grip";
import { type EffortBook } from "@/core/hand";
import { type TimingConstants } from "@/core/motion";
import { type Neck } from "@/core/neck";
import { type RouteMemo } from "@/core/plan";
import { type Arrangement } from "./arrange";

/** A song on a neck, in a player's hands. */
export interface SongRequest {
  readonly arrangement: Arrangement;
  readonly neck: Neck;
  readonly player: Taste;
  readonly constants: TimingConstants;
  /** Down strokes in eighths beyond this tempo are more than the player's hand can do. */
  readonly downStrokesBpm: number;
  /** The efforts of this neck and player, where they are known already. */
  readonly book?: EffortBook;
  /** What is known of the same neck and player from songs before. */
  readonly memo?: RouteMemo;
}
