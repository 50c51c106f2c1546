import { type Midi } from "@/core/pitch";
import { type StringSpec } from "./tension";

/** A guitar as far as retuning it goes; everything per string runs from the thickest. */
export interface StrungGuitar {
  /** What its strings are made for. */
  readonly usualMidi: readonly Midi[];
  /** Scale length of each string in mm. */
  readonly scalesMm: readonly number[];
  readonly frets: number;
  /** What is known of each string; missing ones are unknown. */
  readonly strings?: readonly StringSpec[] | undefined;
}
