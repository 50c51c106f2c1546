"use client";

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from "react";
import { makeNeck, type Neck } from "@/core/neck";
import { parseNote, type Midi, type Note } from "@/core/pitch";
import { type Result } from "@/core/result";
import { nameTuning, type Tuning } from "@/core/tuning";
import { pinFingering, unpinFingering } from "@/server/actions";
import { type Choice, type Guitar, type Pin, type PinContent, type Start } from "@/server/types";
import { type Notice } from "./notice";
import { useSavedChoice } from "./useSavedChoice";

interface WorkspaceValue {
  readonly guitars: readonly Guitar[];
  readonly pins: readonly Pin[];
  readonly choice: Choice;
  readonly guitar: Guitar;
  readonly tuning: Tuning;
  readonly neck: Neck;
  readonly root: Note;
  readonly notice: Notice | null;
  /** Changes a part of the choice; a new root, stack or tuning goes back to the easiest grip. */
  readonly choose: (part: Partial<Choice>) => void;
  readonly chooseGuitar: (guitar: Guitar) => void;
  /** Takes a tuning, on another guitar where this one has a different number of strings. */
  readonly chooseTuning: (midi: readonly Midi[]) => void;
  readonly pin: (content: PinContent) => void;
  readonly unpin: (pin: Pin) => void;
  readonly dismissNotice: () => void;
}

const WorkspaceContext = createContext<WorkspaceValue | null>(null);

/** What every screen shares: the guitar, its tuning, the chord at hand, and the pins. */
export function Workspace({ start, children }: { start: Start; children: ReactNode }) {
  const { guitars } = start;
  const [choice, setChoice] = useState(start.choice);
  const [pins, setPins] = useState(start.pins);
  const [notice, setNotice] = useState<Notice | null>(null);
  const dismissNotice = useCallback(() => setNotice(null), []);
  useSavedChoice(choice, setNotice);

  const guitar = guitars.find(({ id }) => id === choice.guitarId) ?? guitars[0];
  const tuning = useMemo(() => nameTuning(choice.tuningMidi), [choice.tuningMidi]);
  const neck = useMemo(() => neckOf(guitar, choice.tuningMidi), [guitar, choice.tuningMidi]);
  const root = useMemo(() => noteOf(choice.root), [choice.root]);

  const actions = useMemo(() => {
    const choose = (part: Partial<Choice>) =>
      setChoice((old) => ({ ...old, ...(changesGrips(part) ? { chosen: null } : {}), ...part }));
    const take = async (work: Promise<Result<readonly Pin[]>>, done: Notice) => {
      try {
        const result = await work;
        if (result.ok) setPins(result.value);
        setNotice(result.ok ? done : { text: result.problem.message });
      } catch {
        setNotice({ text: "Tenon does not answer. Is it still running?" });
      }
    };
    const pin = (content: PinContent) => void take(pinFingering(content), { text: "Pinned." });
    const unpin = ({ id, ...content }: Pin) =>
      void take(unpinFingering(id), { text: "Unpinned.", undo: () => pin(content) });
    return {
      choose,
      chooseGuitar: ({ id, usualMidi }: Guitar) => choose({ guitarId: id, tuningMidi: usualMidi }),
      pin,
      unpin,
    };
  }, []);

  const chooseTuning = useCallback(
    (midi: readonly Midi[]) => {
      const fitting = guitarFor(guitars, guitar, midi.length);
      if (fitting) actions.choose({ guitarId: fitting.id, tuningMidi: midi });
    },
    [actions, guitar, guitars],
  );

  const value = useMemo(
    () => ({
      guitars,
      pins,
      choice,
      guitar,
      tuning,
      neck,
      root,
      notice,
      chooseTuning,
      dismissNotice,
      ...actions,
    }),
    [
      guitars,
      pins,
      choice,
      guitar,
      tuning,
      neck,
      root,
      notice,
      chooseTuning,
      dismissNotice,
      actions,
    ],
  );
  return <WorkspaceContext.Provider value={value}>{children}</WorkspaceContext.Provider>;
}

export function useWorkspace(): WorkspaceValue {
  const value = useContext(WorkspaceContext);
  if (!value) throw new Error("useWorkspace outside of Workspace");
  return value;
}

/** The guitar to play so many strings on: the present one if it can, else the first that can. */
export function guitarFor(
  guitars: readonly Guitar[],
  present: Guitar,
  strings: number,
): Guitar | undefined {
  return [present, ...guitars].find(({ usualMidi }) => usualMidi.length === strings);
}

/** The guitar's neck in a tuning. Guitars and tunings were checked when they came in. */
export function neckOf(guitar: Guitar, midi: readonly Midi[]): Neck {
  const { frets, scaleMm, trebleScaleMm, perpendicularFret, nutMm, bridgeMm } = guitar;
  const neck = makeNeck({
    midi,
    frets,
    scaleMm,
    trebleScaleMm,
    perpendicularFret,
    nutMm,
    bridgeMm,
  });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
}

/** The pin that holds this fingering, if any. */
export function findPin(pins: readonly Pin[], content: PinContent): Pin | undefined {
  const key = keyOf(content);
  return pins.find((pin) => keyOf(pin) === key);
}

function keyOf({ guitarId, tuningMidi, root, stack, fretting, fingers }: PinContent): string {
  return JSON.stringify([guitarId, tuningMidi, root, stack, fretting, fingers]);
}

function changesGrips(part: Partial<Choice>): boolean {
  return "root" in part || "stack" in part || "tuningMidi" in part || "guitarId" in part;
}

function noteOf(text: string): Note {
  const note = parseNote(text);
  if (!note.ok) throw new Error(note.problem.message);
  return note.value;
}
