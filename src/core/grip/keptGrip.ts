import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { type Note } from "@/core/pitch";
import { type Voicing } from "@/core/voicing";

/** A grip that a player keeps, with the voicing that it plays. */
export interface KeptGrip {
  readonly neck: Neck;
  readonly root: Note;
  readonly voicing: Voicing;
  readonly fretting: Fretting;
}

/**
 * Only the newest pins count, up to this many. In a file of its own: the page asks for no more of the grips than this,
 * and whatever else stood here would be sent with it.
 */
export const MAX_PINS = 12;
