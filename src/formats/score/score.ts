import { type Fretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { type Midi } from "@/core/pitch";
import { type ChartNote, type KeptLine } from "@/core/song";
import { type Tuning } from "@/core/tuning";

/** How a note is reached or damped, written as tablature writes it; several stand together, "pm h". */
export const MARKS = ["h", "p", "/", "\\", "pm", "x", "b", "~"] as const;

/** A note on a string; times in quarters. */
export interface ScoreNote {
  /** From the beginning of its bar; negative where it comes before it. */
  readonly startBeat: number;
  readonly beats: number;
  /** From 0, the thickest. */
  readonly string: number;
  /** From the capo; 0 is open. */
  readonly fret: number;
  /** Marks between spaces; null for none. */
  readonly mark: string | null;
}

/** A chord in a bar; as `ChartChord`, with the grip that plays it. */
export interface ScoreChord {
  readonly name: string;
  readonly reducedTo: string | null;
  readonly leftOut: readonly string[];
  readonly startBeat: number;
  readonly beats: number;
  readonly texture: string | null;
  readonly fretting: Fretting | null;
  readonly fingers: readonly (Finger | 0)[] | null;
  /** Notes of a riff that are struck here in place of a chord; the name is theirs, "6:3". */
  readonly riff?: readonly ChartNote[];
  /** How sure it is that the notes say this chord, 0 to 1; only where it was found in notes. */
  readonly sure?: number;
}

export interface ScoreBar {
  readonly meter: string;
  /** Its length in quarters. */
  readonly beats: number;
  /** Said at its beginning, in the meter's own beat; null where the one before goes on. */
  readonly tempoBpm: number | null;
  readonly chords: readonly ScoreChord[];
  readonly notes: readonly ScoreNote[];
  /** The line that it stands in, from 1: of the text that it was read from, or of the chart that it becomes. */
  readonly line?: number;
}

export interface ScoreSection {
  readonly name: string;
  /** Given only where it differs from the score's. */
  readonly tuning?: Tuning;
  readonly bars: readonly ScoreBar[];
}

/** A line of a text that is no music. */
export type ScoreLine = KeptLine;

/** A song as formats hand it on: the chart, how it is strung, and where it lies on the neck. */
export interface Score {
  readonly title: string | null;
  readonly key: string | null;
  /** In the meter's own beat. */
  readonly tempoBpm: number | null;
  readonly meter: string;
  /** Pitches without the capo; null where nothing is said. */
  readonly tuning: Tuning | null;
  readonly capo: number;
  /** Whether chords over a capo are called by what sounds, or by the shape as it is without the capo. */
  readonly names: "sound" | "shape";
  readonly sections: readonly ScoreSection[];
  /** What is played, in order, repeats written out: section and bar, from 0. */
  readonly order: readonly (readonly [section: number, bar: number])[];
  readonly kept: readonly ScoreLine[];
}

/** Something that was not understood, or could not be written. */
export interface FormatProblem {
  /** From 1; null where the file has no lines. */
  readonly line: number | null;
  readonly column: number | null;
  readonly message: string;
}

/** What was read of a file. */
export interface ReadScore {
  readonly score: Score;
  /** Frets were written without a tuning; the usual one for so many strings is taken. */
  readonly isTuningGuessed?: boolean;
  readonly problems: readonly FormatProblem[];
}

/** Open strings as they sound, with the capo on. */
export function openMidi({ tuning, capo }: Pick<Score, "tuning" | "capo">): readonly Midi[] {
  return (tuning?.midi ?? []).map((midi) => midi + capo);
}

export const EMPTY_SCORE: Score = {
  title: null,
  key: null,
  tempoBpm: null,
  meter: "4/4",
  tuning: null,
  capo: 0,
  names: "sound",
  sections: [],
  order: [],
  kept: [],
};

export function problemAt(
  line: number | null,
  message: string,
  column: number | null = null,
): FormatProblem {
  return { line, column, message };
}
