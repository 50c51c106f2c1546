import { useMemo } from "react";
import {
  noteText,
  pitchClassOf,
  pitchText,
  spellPitchClass,
  type Midi,
  type Note,
} from "@/core/pitch";
import { nameChord } from "@/core/stack";
import { parentOf } from "@/core/tuning";
import { useWorkspace } from "./Workspace";

/** How this player calls things: their accidentals, and chords by sound or by the parent's shape. */
export interface Names {
  /** Semitones from the name shown to what sounds: 0, or -2 for drop C called as drop D. */
  readonly shift: number;
  /** The name of the tuning by which chords are called, where that is not the present one. */
  readonly parentName: string | null;
  /** The root as this player calls it. */
  readonly shownRoot: Note;
  /** The root that sounds when this player says `pitchClass`. */
  readonly rootFor: (pitchClass: number) => string;
  /** A chord by its sounding pitches. */
  readonly chord: (sounding: readonly Midi[]) => string;
  readonly note: (midi: Midi) => string;
  readonly pitch: (midi: Midi) => string;
}

export function useNames(): Names {
  const { profile, choice, root } = useWorkspace();
  const { accidentals, naming } = profile;
  const { tuningMidi } = choice;
  return useMemo(() => {
    const parent = parentOf(tuningMidi);
    const shift = naming === "shape" ? parent.semitones : 0;
    const shownRoot = shift === 0 ? root : spellPitchClass(pitchClassOf(root) - shift, accidentals);
    return {
      shift,
      parentName: shift === 0 ? null : parent.tuning.name,
      shownRoot,
      rootFor: (pitchClass) => noteText(spellPitchClass(pitchClass + shift, accidentals)),
      chord: (sounding) =>
        nameChord(
          sounding.map((midi) => midi - shift),
          shownRoot,
        ).name,
      note: (midi) => noteText(spellPitchClass(midi, accidentals)),
      pitch: (midi) => pitchText(midi, accidentals),
    };
  }, [accidentals, naming, root, tuningMidi]);
}
