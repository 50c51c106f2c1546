import { type Tuning } from "@/core/tuning";
import { type FormatProblem } from "@/formats/score";
import { type Comparison, type KeptGuitar, type SongContent } from "@/state";

/** A line of a text, and whether it was understood. */
export interface PreviewLine {
  readonly text: string;
  /** Music, words that are kept, or something that was not understood. */
  readonly state: "music" | "words" | "problem" | "blank";
  readonly message: string | null;
}

/** A song as a file holds it. */
export interface SongPreview {
  readonly kind: "song";
  /** The kind of file: "musicxml". */
  readonly from: string;
  readonly song: Omit<SongContent, "guitarId">;
  readonly capo: number;
  readonly bars: number;
  readonly chords: number;
  /** Chords that the file plays at a place of their own. */
  readonly grips: number;
  readonly tempoBpm: number | null;
  /** Of a text; empty for what is none. */
  readonly lines: readonly PreviewLine[];
}

/** What a file holds, before anything of it is kept. */
export type FilePreview = {
  /** What was not understood, the first of it. */
  readonly problems: readonly FormatProblem[];
  /** How much more was not. */
  readonly furtherProblems: number;
} & (
  | SongPreview
  | { readonly kind: "tunings"; readonly tunings: readonly Tuning[] }
  | { readonly kind: "guitar"; readonly guitar: KeptGuitar }
  | { readonly kind: "comparison"; readonly name: string; readonly comparison: Comparison }
);
