import { type Note } from "@/core/pitch";
import { type Quality } from "./qualities";

/** A chord's name taken apart. */
export interface ChordParts {
  readonly root: Note;
  readonly quality: Quality;
  /** The note after a slash; null where there is none. */
  readonly bass: Note | null;
}
