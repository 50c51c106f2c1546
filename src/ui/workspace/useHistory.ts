import { useCallback, useState } from "react";

interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
}

/** A value that can be taken back step by step, and brought again. */
export interface Undoable<T> {
  readonly value: T;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** Changes a part; `isStep` says whether undo comes back to what was before. */
  readonly change: (part: (old: T) => Partial<T>, isStep: boolean) => void;
  readonly undo: () => void;
  readonly redo: () => void;
}

const MOST_STEPS = 200;

/** `kept` are the keys that undo and redo leave as they are. */
export function useHistory<T extends object>(first: T, kept: readonly (keyof T)[]): Undoable<T> {
  const [{ past, present, future }, setHistory] = useState<History<T>>({
    past: [],
    present: first,
    future: [],
  });
  const change = useCallback<Undoable<T>["change"]>((part, isStep) => {
    setHistory((old) => {
      const next = { ...old.present, ...part(old.present) };
      // Asking for what is there already leaves nothing to take back.
      const isChange = JSON.stringify(next) !== JSON.stringify(old.present);
      return isStep && isChange
        ? { past: [...old.past, old.present].slice(-MOST_STEPS), present: next, future: [] }
        : { ...old, present: next };
    });
  }, []);
  const undo = useCallback(() => {
    setHistory((old) => {
      const last = old.past.at(-1);
      if (!last) return old;
      return {
        past: old.past.slice(0, -1),
        present: keep(last, old.present, kept),
        future: [old.present, ...old.future],
      };
    });
  }, [kept]);
  const redo = useCallback(() => {
    setHistory((old) => {
      const [next, ...future] = old.future;
      if (!next) return old;
      return { past: [...old.past, old.present], present: keep(next, old.present, kept), future };
    });
  }, [kept]);
  return {
    value: present,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    change,
    undo,
    redo,
  };
}

function keep<T extends object>(value: T, present: T, kept: readonly (keyof T)[]): T {
  return { ...value, ...Object.fromEntries(kept.map((key) => [key, present[key]])) };
}
