import { useCallback, useMemo, useState } from "react";

interface History<T> {
  readonly past: readonly T[];
  readonly current: T;
  readonly future: readonly T[];
}

/** Undo and redo through a document. */
export interface Steps {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** A document with its own history. */
export interface Undoable<T> {
  readonly value: T;
  /** Changes a part; `isStep` says whether undo returns to what was before. */
  readonly change: (part: (old: T) => Partial<T>, isStep: boolean) => void;
  /** Fields that another page changed: no step of this one's takes them back. */
  readonly takeOver: (fields: Partial<T>) => void;
  readonly steps: Steps;
}

const MAX_STEPS = 200;

/** Whether a value has all of these fields already. */
function isSameIn<T extends object>(value: T, fields: Partial<T>): boolean {
  return Object.entries(fields).every(([name, field]) => {
    const before: unknown = value[name as keyof T];
    if (field === before) return true;
    // Different strings need no further comparison, and a chart may be very long.
    return typeof field === "object" && JSON.stringify(field) === JSON.stringify(before);
  });
}

/** `kept` are the keys that undo and redo leave alone. */
export function useHistory<T extends object>(first: T, kept: readonly (keyof T)[]): Undoable<T> {
  const [{ past, current, future }, setHistory] = useState<History<T>>({
    past: [],
    current: first,
    future: [],
  });
  const change = useCallback<Undoable<T>["change"]>((part, isStep) => {
    setHistory((old) => {
      const changed = part(old.current);
      const next = { ...old.current, ...changed };
      // A change to the same value leaves nothing to undo.
      return isStep && !isSameIn(old.current, changed)
        ? { past: [...old.past, old.current].slice(-MAX_STEPS), current: next, future: [] }
        : { ...old, current: next };
    });
  }, []);
  const takeOver = useCallback((fields: Partial<T>) => {
    setHistory(({ past, current, future }) => ({
      past: past.map((each) => ({ ...each, ...fields })),
      current: { ...current, ...fields },
      future: future.map((each) => ({ ...each, ...fields })),
    }));
  }, []);
  const undo = useCallback(() => {
    setHistory((old) => {
      const last = old.past.at(-1);
      if (!last) return old;
      return {
        past: old.past.slice(0, -1),
        current: keep(last, old.current, kept),
        future: [old.current, ...old.future],
      };
    });
  }, [kept]);
  const redo = useCallback(() => {
    setHistory((old) => {
      const [next, ...later] = old.future;
      if (!next) return old;
      return {
        past: [...old.past, old.current],
        current: keep(next, old.current, kept),
        future: later,
      };
    });
  }, [kept]);
  const [canUndo, canRedo] = [past.length > 0, future.length > 0];
  const steps = useMemo(() => ({ canUndo, canRedo, undo, redo }), [canUndo, canRedo, undo, redo]);
  return { value: current, change, takeOver, steps };
}

function keep<T extends object>(value: T, current: T, kept: readonly (keyof T)[]): T {
  return { ...value, ...Object.fromEntries(kept.map((key) => [key, current[key]])) };
}
