"use client";

import { createContext, useContext, useMemo, useRef, useState, type ReactNode } from "react";
import { type Choice, type Pin, type PinContent, type Rig, type Settings } from "@/state";
import {
  actOnRig,
  mergeEffect,
  nextId,
  shownPins,
  type Act,
  type Change,
  type Origin,
  type Outcome,
} from "@/wire";
import { useEvent } from "@/ui/controls";
import { useTell, type Notice } from "./notices";
import { overwritten, SavingProvider, useOutbox, withOwn, type OwnFields } from "./saving";

/**
 * Does something to what the player owns: shown at once, saved as soon as the server answers. `done` is said once it
 * is saved, or with a word that it waits. Answers the last outcome, null where something was refused; while it waits
 * there is no answer yet.
 */
type MakeChange = (acts: KeyedAct | readonly KeyedAct[], done?: Notice) => Promise<Outcome | null>;

/** An act, perhaps under a key that its page made already. */
type KeyedAct = Act & { readonly key?: string };

interface RigState extends Rig {
  /** Of the data that the page was made from. */
  readonly identity: string;
  readonly change: MakeChange;
  readonly pin: (content: PinContent) => void;
  readonly unpin: (pin: Pin) => void;
}

const RigContext = createContext<RigState | null>(null);
const SettingsFromOthersContext = createContext<Partial<Settings> | null>(null);
const AdoptedContext = createContext<readonly Change[]>([]);

/** How long a change may take to be saved before the player is told that it waits. */
const SOON_MS = 1500;
const WAITS = "Not saved yet: it will be, as soon as Tenon answers.";

interface RigProviderProps {
  readonly start: Rig;
  readonly origin: Origin;
  readonly children: ReactNode;
}

/** A number for something that this page makes. */
export function newId(): number {
  return nextId(Date.now(), Math.random());
}

/** What the player owns: as the server last answered, with this page's changes on top. */
export function RigProvider({ start, origin, children }: RigProviderProps) {
  const tell = useTell();
  const [saved, setSaved] = useState(start);
  const [settingsHeard, setSettingsHeard] = useState<Partial<Settings> | null>(null);
  const [adopted, setAdopted] = useState<readonly Change[]>([]);
  const own = useRef<OwnFields>(new Map());
  const heardOf = useRef(new Map<string, number>());
  const requested = useRef(new Map<string, (outcome: Outcome) => void>());

  const sending = useOutbox(origin, {
    onEffects: useEvent((effects, made, waiting) => {
      own.current = withOwn(own.current, made);
      const news = effects.filter(({ kind, id, revision }) => {
        const place = `${kind} ${id}`;
        const isNew = revision >= (heardOf.current.get(place) ?? 0);
        if (isNew) heardOf.current.set(place, revision);
        return isNew;
      });
      const others = overwritten(own.current, news, waiting);
      own.current = others.own;
      setSaved((old) => news.reduce(mergeEffect, old));
      const choice = news.find((effect) => effect.kind === "choice");
      const isOwn = [...made, ...waiting].some(({ kind }) => kind === "choice");
      if (choice && !isOwn) setSettingsHeard(choice.value);
      const [text] = others.told;
      if (text !== undefined) tell({ text });
    }),
    onOutcome: useEvent((outcome) => {
      const settle = requested.current.get(outcome.key);
      requested.current.delete(outcome.key);
      const text = outcome.problem?.message ?? outcome.notice;
      settle?.(outcome);
      if (text !== undefined) tell({ text });
    }),
    onAdopted: useEvent(setAdopted),
  });
  const { send, waiting, state } = sending;
  const isAway = state.kind !== "in touch";
  const { readOnly } = origin;

  const change = useEvent(
    async (acts: KeyedAct | readonly KeyedAct[], done?: Notice): Promise<Outcome | null> => {
      const changes = [acts].flat().map((act) => ({ ...act, key: act.key ?? crypto.randomUUID() }));
      if (readOnly !== null) {
        tell({ text: `Nothing can be saved: ${readOnly}.` });
        return null;
      }
      const outcomes = Promise.all(
        changes.map(
          ({ key }) => new Promise<Outcome>((resolve) => requested.current.set(key, resolve)),
        ),
      );
      send(changes);
      // The notice still on screen would undo an earlier change.
      if (done) tell(null);
      const waits = () => done && tell({ ...done, text: `${done.text} ${WAITS}` });
      if (isAway) waits();
      const timer = isAway ? undefined : setTimeout(waits, SOON_MS);
      const all = await outcomes;
      clearTimeout(timer);
      const isTaken = all.every(({ problem }) => problem === null);
      if (isTaken && done && !isAway && all.every(({ notice }) => notice === undefined)) tell(done);
      return isTaken ? (all.at(-1) ?? null) : null;
    },
  );

  const rig = useMemo(() => {
    const shown = waiting.reduce<Rig>(actOnRig, saved);
    return { ...shown, pins: shownPins(shown) };
  }, [saved, waiting]);
  const actions = useMemo(() => {
    const pin = (content: PinContent) => {
      const id = newId();
      const undo = () => void change({ act: "delete", kind: "pin", id });
      void change({ act: "add", kind: "pin", id, value: content }, { text: "Pinned.", undo });
    };
    const unpin = ({ id }: Pin) => {
      const undo = () => void change({ act: "restore", kind: "pin", id });
      void change({ act: "delete", kind: "pin", id }, { text: "Unpinned.", undo });
    };
    return { change, pin, unpin };
  }, [change]);
  const { identity } = origin;
  const value = useMemo(() => ({ ...rig, ...actions, identity }), [rig, actions, identity]);
  return (
    <SavingProvider sending={sending} readOnly={readOnly}>
      <SettingsFromOthersContext.Provider value={settingsHeard}>
        <AdoptedContext.Provider value={adopted}>
          <RigContext.Provider value={value}>{children}</RigContext.Provider>
        </AdoptedContext.Provider>
      </SettingsFromOthersContext.Provider>
    </SavingProvider>
  );
}

/** What the player owns, and how to change it. */
export function useRig(): RigState {
  const rig = useContext(RigContext);
  if (!rig) throw new Error("useRig outside of RigProvider");
  return rig;
}

/** What an earlier page chose and could not save, fields alone; null where there is none. */
export function useResumed(): Partial<Choice> | null {
  const adopted = useContext(AdoptedContext);
  return useMemo(() => choiceIn(adopted), [adopted]);
}

/** What an earlier page did and could not send; it is sent from here. */
export function useAdopted(): readonly Change[] {
  return useContext(AdoptedContext);
}

function choiceIn(changes: readonly Change[]): Partial<Choice> | null {
  return changes.reduce<Partial<Choice> | null>(
    (fields, change) => (change.kind === "choice" ? { ...fields, ...change.fields } : fields),
    null,
  );
}

/** The settings that another window changed last; null until one does. */
export function useSettingsFromOthers(): Partial<Settings> | null {
  return useContext(SettingsFromOthersContext);
}
