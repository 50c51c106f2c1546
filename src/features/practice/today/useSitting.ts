import { useEffect, useRef, useState } from "react";
import {
  addRound,
  beginSitting,
  blockOf,
  goOn,
  pass,
  undoRound,
  type PlannedBlock,
  type Sitting,
  type SittingRound,
} from "@/core/practice";
import { newId, useRig, useTell } from "@/session";
import { type RoundContent } from "@/state";
import { useEvent } from "@/ui/controls";
import { keepSitting, keptSitting } from "./keptSitting";
import { RESULT_WORDS } from "@/features/practice/state";

export interface SittingState {
  /** Null where there is none, or it is over. */
  readonly sitting: Sitting | null;
  /** The sitting is on screen; otherwise it waits. */
  readonly isOpen: boolean;
  readonly begin: (blocks: readonly PlannedBlock[]) => void;
  readonly carryOn: () => void;
  readonly leave: () => void;
  readonly end: () => void;
  readonly next: () => void;
  readonly setPaused: (isPaused: boolean) => void;
  /** Keeps a round in the log and in the sitting. */
  readonly record: (round: RoundContent) => void;
  /** Takes the last round out of both. */
  readonly undo: () => void;
}

const TICK_MS = 1000;
const MS_A_SECOND = 1000;

/** A sitting that survives a reload, a crash, and the server's going away. */
export function useSitting(): SittingState {
  const { change } = useRig();
  const tell = useTell();
  const [sitting, setSitting] = useState<Sitting | null>(null);
  const [isOpen, setIsOpen] = useState(false);
  const isRestored = useRef(false);
  // The first paint is the server's, which knows nothing of this browser.
  useEffect(() => {
    let isHere = true;
    void keptSitting().then((kept) => {
      if (!isHere) return;
      isRestored.current = true;
      setSitting((old) => old ?? kept);
    });
    return () => {
      isHere = false;
    };
  }, []);
  useEffect(() => {
    if (isRestored.current) keepSitting(sitting);
  }, [sitting]);

  const isRunning = isOpen && sitting !== null && !sitting.isPaused;
  useEffect(() => {
    if (!isRunning) return;
    // The page's own clock: the one on the wall may be set back.
    let before = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      const seconds = (now - before) / MS_A_SECOND;
      before = now;
      setSitting((old) => old && pass(old, seconds));
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [isRunning]);

  const record = useEvent((value: RoundContent) => {
    const id = newId();
    void change({ act: "add", kind: "round", id, value });
    const { drill, result, bpm, roomQuarters, step, card } = value;
    const round: SittingRound = { id, drill, result, bpm, roomQuarters, step, card };
    setSitting((old) => old && addRound(old, round));
  });
  const undo = useEvent(() => {
    const last = sitting?.rounds.at(-1);
    if (!last) {
      tell({ text: "There is no round in this sitting to undo." });
      return;
    }
    void change(
      { act: "delete", kind: "round", id: last.id },
      { text: `The last round (${RESULT_WORDS[last.result].toLowerCase()}) undone.` },
    );
    setSitting((old) => old && undoRound(old));
  });
  const finish = (next: Sitting) => (blockOf(next) ? next : null);
  return {
    sitting,
    isOpen: isOpen && sitting !== null,
    begin: (blocks) => {
      setSitting(beginSitting(blocks));
      setIsOpen(true);
    },
    carryOn: () => {
      setSitting((old) => old && { ...old, isPaused: false });
      setIsOpen(true);
    },
    leave: () => setIsOpen(false),
    end: () => {
      setSitting(null);
      setIsOpen(false);
    },
    next: () => setSitting((old) => old && finish(goOn(old))),
    setPaused: (isPaused) => setSitting((old) => old && { ...old, isPaused }),
    record,
    undo,
  };
}
