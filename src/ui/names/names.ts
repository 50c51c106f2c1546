import { createContext, useContext } from "react";
import { type Midi, type Note } from "@/core/pitch";

/** How this player names things: their accidentals, and chords by sound or by the parent's shape. */
export interface Names {
  /** Semitones from the name shown to what sounds: 0, or -2 for drop C called as drop D. */
  readonly shift: number;
  /** The same where chords are named by shape: what naming by sound leaves out. */
  readonly shapeShift: number;
  /** The tuning that chords are named in, where that is not the current one. */
  readonly parentName: string | null;
  /** The root as this player names it. */
  readonly shownRoot: Note;
  /** The root that sounds when this player says `pitchClass`. */
  readonly rootFor: (pitchClass: number) => string;
  /** A chord by its sounding pitches. */
  readonly chord: (sounding: readonly Midi[]) => string;
  readonly note: (midi: Midi) => string;
  readonly pitch: (midi: Midi) => string;
  /** The strings of a tuning, spelled in one key. */
  readonly strings: (midi: readonly Midi[]) => readonly string[];
  /** The same without octaves, in one line: "E A D G B E". */
  readonly letters: (midi: readonly Midi[]) => string;
}

const NamesContext = createContext<Names | null>(null);

/** Gives the names to everything inside. */
export const NamesProvider = NamesContext.Provider;

/** The current names, wherever a note is written; they need not be passed down. */
export function useNames(): Names {
  const names = useContext(NamesContext);
  if (!names) throw new Error("useNames outside of NamesProvider");
  return names;
}
