"use client";

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from "react";
import { type Neck } from "@/core/neck";
import { parseNote, type Midi, type Note } from "@/core/pitch";
import { nameTuning, type Tuning } from "@/core/tuning";
import { pinFingering, unpinFingering } from "@/server/actions";
import {
  type Choice,
  type Guitar,
  type Pin,
  type PinContent,
  type Rig,
  type Start,
} from "@/server/types";
import { neckOf } from "./neckOf";
import { type Notice } from "./notice";
import { useHistory } from "./useHistory";
import { useRig, type ChangeRig } from "./useRig";
import { usePlayer, type PlayerState } from "./usePlayer";
import { useSavedChoice } from "./useSavedChoice";

interface WorkspaceValue extends Rig, PlayerState {
  readonly choice: Choice;
  readonly guitar: Guitar;
  /** The tuning looked at; what the guitar hangs in now is `guitar.tunedMidi`. */
  readonly tuning: Tuning;
  readonly neck: Neck;
  readonly root: Note;
  readonly notice: Notice | null;
  /** Changes a part of the choice; a new root, stack or tuning goes back to the usual grip. */
  readonly choose: (part: Partial<Choice>) => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** Takes the last change of the choice back. */
  readonly undo: () => void;
  readonly redo: () => void;
  /** Nothing was ever chosen: guitar and tuning are asked for first. */
  readonly isFirst: boolean;
  readonly chooseGuitar: (guitar: Guitar) => void;
  /** Takes a tuning, on another guitar where this one has a different number of strings. */
  readonly chooseTuning: (midi: readonly Midi[]) => void;
  /** Carries out a change of what the player owns, and says so. */
  readonly change: ChangeRig;
  readonly pin: (content: PinContent) => void;
  readonly unpin: (pin: Pin) => void;
  readonly tell: (notice: Notice) => void;
  readonly dismissNotice: () => void;
}

/** What undo leaves alone: it is no part of the view on the neck. */
const NOT_UNDONE = ["theme", "hints", "hearing", "stage"] as const satisfies (keyof Choice)[];

const WorkspaceContext = createContext<WorkspaceValue | null>(null);

/** What every screen shares: the player's rig, the guitar in hand, its tuning, and the chord. */
export function Workspace({ start, children }: { start: Start; children: ReactNode }) {
  const history = useHistory(start.choice, NOT_UNDONE);
  const { value: savedChoice, change: changeChoice, canUndo, canRedo, undo, redo } = history;
  const [notice, setNotice] = useState<Notice | null>(() => firstNotice(start));
  const dismissNotice = useCallback(() => setNotice(null), []);
  const [rig, change] = useRig(start.rig, setNotice);
  const { guitars, profile, pins } = rig;
  const playerState = usePlayer(profile, pins, guitars);
  const choice = useMemo(() => fitChoice(savedChoice, guitars), [savedChoice, guitars]);
  useSavedChoice(choice, setNotice);

  const guitar = guitars.find(({ id }) => id === choice.guitarId) ?? guitars[0];
  const { accidentals } = profile;
  const tuning = useMemo(
    () => nameTuning(choice.tuningMidi, accidentals),
    [choice.tuningMidi, accidentals],
  );
  const neck = useMemo(() => neckOf(guitar, choice.tuningMidi), [guitar, choice.tuningMidi]);
  const root = useMemo(() => noteOf(choice.root), [choice.root]);

  const actions = useMemo(() => {
    const choose = (part: Partial<Choice>) =>
      changeChoice(
        () => ({ ...(changesGrips(part) ? { chosen: null } : {}), ...part }),
        Object.keys(part).some((key) => !(NOT_UNDONE as readonly string[]).includes(key)),
      );
    const pin = (content: PinContent) => void change(pinFingering(content), { text: "Pinned." });
    const unpin = ({ id, ...content }: Pin) =>
      void change(unpinFingering(id), { text: "Unpinned.", undo: () => pin(content) });
    return {
      choose,
      chooseGuitar: ({ id, tunedMidi }: Guitar) => choose({ guitarId: id, tuningMidi: tunedMidi }),
      pin,
      unpin,
    };
  }, [change, changeChoice]);

  const chooseTuning = useCallback(
    (midi: readonly Midi[]) => {
      const fitting = guitarFor(guitars, guitar, midi.length);
      if (fitting) actions.choose({ guitarId: fitting.id, tuningMidi: midi });
    },
    [actions, guitar, guitars],
  );

  const value = useMemo(
    () => ({
      ...rig,
      ...actions,
      ...playerState,
      choice,
      guitar,
      tuning,
      neck,
      root,
      canUndo,
      canRedo,
      undo,
      redo,
      // A tuning that is taken, even the same, ends the first use; another theme does not.
      isFirst: start.isFirst && savedChoice.tuningMidi === start.choice.tuningMidi,
      notice,
      chooseTuning,
      change,
      tell: setNotice,
      dismissNotice,
    }),
    [
      rig,
      actions,
      playerState,
      choice,
      savedChoice,
      start,
      guitar,
      tuning,
      neck,
      root,
      canUndo,
      canRedo,
      undo,
      redo,
      notice,
      chooseTuning,
      change,
      dismissNotice,
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

/** The pin that holds this fingering, if any. */
export function findPin(pins: readonly Pin[], content: PinContent): Pin | undefined {
  const key = keyOf(content);
  return pins.find((pin) => keyOf(pin) === key);
}

function keyOf({ guitarId, tuningMidi, root, stack, fretting, fingers }: PinContent): string {
  return JSON.stringify([guitarId, tuningMidi, root, stack, fretting, fingers]);
}

function changesGrips(part: Partial<Choice>): boolean {
  return CHOOSES_GRIPS.some((key) => key in part);
}

const CHOOSES_GRIPS = ["root", "stack", "leastNotes", "tuningMidi", "guitarId"] as const;

/** What the address said and nobody could make sense of. */
function firstNotice({ problems }: Start): Notice | null {
  return problems.length > 0 ? { text: problems.join("; ") } : null;
}

/** A guitar may have been deleted, or given other strings, since it was chosen. */
function fitChoice(choice: Choice, guitars: Rig["guitars"]): Choice {
  const guitar = guitars.find(({ id }) => id === choice.guitarId) ?? guitars[0];
  const fits =
    guitar.id === choice.guitarId && guitar.tunedMidi.length === choice.tuningMidi.length;
  return fits
    ? choice
    : { ...choice, guitarId: guitar.id, tuningMidi: guitar.tunedMidi, chosen: null };
}

function noteOf(text: string): Note {
  const note = parseNote(text);
  if (!note.ok) throw new Error(note.problem.message);
  return note.value;
}
