import { type Drill } from "@/core/drill";
import { type Neck } from "@/core/neck";
import { type Guitar } from "@/state";

/** A drill and the neck that it is meant for: a song may be on another guitar than the one in hand. */
export interface PlacedDrill {
  readonly drill: Drill;
  readonly guitar: Guitar;
  readonly neck: Neck;
  readonly songId: number | null;
}
