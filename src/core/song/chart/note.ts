import { pitchText, type Midi } from "@/core/pitch";
import { type TextPlace } from "./place";

/**
 * How a note is reached or sounds: hammered on, pulled off, slid to from below or above, bent, with vibrato, palm-muted,
 * dead.
 */
export const NOTE_MARKS = ["h", "p", "/", "\\", "b", "~", "m", "x"] as const;
export type NoteMark = (typeof NOTE_MARKS)[number];

/** How a note sounds without the pick: by another finger on its string, or by the same finger along it. */
export type Slur = "hammer" | "slide";

const SLURS: Readonly<Record<string, Slur>> = {
  h: "hammer",
  p: "hammer",
  "/": "slide",
  "\\": "slide",
};

/** The slur of a mark; null for marks of notes that are picked, and for none. */
export function slurOfMark(mark: NoteMark | null): Slur | null {
  return mark === null ? null : (SLURS[mark] ?? null);
}

/** The slur that all notes struck together share; null if some of them are picked. */
export function slurOf(notes: readonly ChartNote[]): Slur | null {
  const [first = null, ...others] = notes.map(({ mark }) => slurOfMark(mark));
  return others.every((slur) => slur === first) ? first : null;
}

/** The note of a group that is played on a string (from 0, the thickest, of so many): its own, or one whose string Tenon picked. */
export function noteOnString(
  notes: readonly ChartNote[],
  string: number,
  strings: number,
): ChartNote | undefined {
  return (
    notes.find((note) => note.string === strings - string) ??
    notes.find((note) => note.string === null)
  );
}

/** A note as a chart writes it, without its marks: "6:3", "6:x", "@E2". */
export function noteName({
  string,
  fret,
  midi,
  mark,
}: Pick<ChartNote, "string" | "fret" | "midi" | "mark">): string {
  if (string === null) return `@${pitchText(midi ?? 0)}`;
  return `${string}:${mark === "x" ? "x" : (fret ?? 0)}`;
}

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
