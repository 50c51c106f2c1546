"use client";

import { createContext, useCallback, useContext, useMemo, type ReactNode } from "react";
import { type Neck } from "@/core/neck";
import { parseNote, type Midi, type Note } from "@/core/pitch";
import { nameTuning, type Tuning } from "@/core/tuning";
import { guitarFor, neckOf, type Guitar } from "@/state";
import { useView } from "./documents";
import { useRig } from "./rig";

interface Instrument {
  readonly guitar: Guitar;
  /** The tuning looked at; what the guitar is tuned to now is `guitar.tunedMidi`. */
  readonly tuning: Tuning;
  readonly neck: Neck;
  readonly root: Note;
  readonly chooseGuitar: (guitar: Guitar) => void;
  /** Takes a tuning, on another guitar where this one has a different number of strings. */
  readonly chooseTuning: (midi: readonly Midi[]) => void;
}

const InstrumentContext = createContext<Instrument | null>(null);

/** The guitar in hand, its tuning, its neck and the root, as the core knows them. */
export function InstrumentProvider({ children }: { readonly children: ReactNode }) {
  const { guitars, profile } = useRig();
  const { view, show } = useView();
  const { guitarId, tuningMidi } = view;
  const { accidentals } = profile;
  const guitar = guitars.find(({ id }) => id === guitarId) ?? guitars[0];
  const tuning = useMemo(() => nameTuning(tuningMidi, accidentals), [tuningMidi, accidentals]);
  const neck = useMemo(() => neckOf(guitar, tuningMidi), [guitar, tuningMidi]);
  const root = useMemo(() => noteOf(view.root), [view.root]);

  const chooseGuitar = useCallback(
    ({ id, tunedMidi }: Guitar) => show({ guitarId: id, tuningMidi: tunedMidi }),
    [show],
  );
  const chooseTuning = useCallback(
    (midi: readonly Midi[]) => {
      const fitting = guitarFor(guitars, guitar, midi.length);
      if (fitting) show({ guitarId: fitting.id, tuningMidi: midi });
    },
    [show, guitar, guitars],
  );
  const value = useMemo(
    () => ({ guitar, tuning, neck, root, chooseGuitar, chooseTuning }),
    [guitar, tuning, neck, root, chooseGuitar, chooseTuning],
  );
  return <InstrumentContext.Provider value={value}>{children}</InstrumentContext.Provider>;
}

export function useInstrument(): Instrument {
  const instrument = useContext(InstrumentContext);
  if (!instrument) throw new Error("useInstrument outside of InstrumentProvider");
  return instrument;
}

/** Roots were checked when they came in. */
function noteOf(text: string): Note {
  const note = parseNote(text);
  if (!note.ok) throw new Error(note.problem.message);
  return note.value;
}
