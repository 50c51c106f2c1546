import { type ChordForm } from "@/core/voicing";
import { type Placed } from "./place";

/** A voicing, or a chord form for free mode, that the player made. */
export interface OwnVoicingContent extends ChordForm {
  readonly name: string;
}

export interface OwnVoicing extends OwnVoicingContent, Placed {
  readonly id: number;
}
