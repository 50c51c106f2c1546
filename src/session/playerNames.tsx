"use client";

import { useMemo, type ReactNode } from "react";
import {
  noteText,
  noteTexts,
  pitchClassOf,
  pitchText,
  pitchTexts,
  spellPitchClass,
} from "@/core/pitch";
import { nameChord } from "@/core/voicing";
import { parentOf } from "@/core/tuning";
import { NamesProvider, type Names } from "@/ui/names";
import { useInstrument } from "./instrument";
import { useRig } from "./rig";

/** Names notes and chords as this player does, for everything inside. */
export function PlayerNames({ children }: { readonly children: ReactNode }) {
  const { accidentals, naming } = useRig().profile;
  const { tuning, root } = useInstrument();
  const names = useMemo((): Names => {
    const parent = parentOf(tuning.midi);
    const shift = naming === "shape" ? parent.semitones : 0;
    const shownRoot = shift === 0 ? root : spellPitchClass(pitchClassOf(root) - shift, accidentals);
    return {
      shift,
      shapeShift: parent.semitones,
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
      strings: (midi) => pitchTexts(midi, accidentals),
      letters: (midi) => noteTexts(midi, accidentals).join(" "),
    };
  }, [accidentals, naming, root, tuning.midi]);
  return <NamesProvider value={names}>{children}</NamesProvider>;
}
