import { type Midi } from "@/core/pitch";
import { type TextPlace } from "./place";

/**
 * How a note is reached or sounds: hammered on, pulled off, slid to from below or above, bent, with vibrato, palm-muted,
 * dead.
 */
export const NOTE_MARKS = ["h", "p", "/", "\\", "b", "~", "m", "x"] as const;
export type NoteMark = (typeof NOTE_MARKS)[number];

/** A single note of a riff in a bar. */
export interface ChartNote {
  /** In quarters from the beginning of the bar. */
  readonly startBeat: number;
  readonly beats: number;
  /** As players count: 1 is the thinnest. Null where Tenon picks the string. */
  readonly string: number | null;
  /** From the capo; 0 where the string is dead; null where Tenon picks the string. */
  readonly fret: number | null;
  /** The pitch of a note whose string Tenon picks; null for all others. */
  readonly midi: Midi | null;
  /** A mark of how a note is reached belongs to the note reached. */
  readonly mark: NoteMark | null;
  /** How it is played, in words that `readTexture` reads; null where nothing is said. */
  readonly texture: string | null;
  /** Where its slot stands in the text. */
  readonly place: TextPlace;
}
