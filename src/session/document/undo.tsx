"use client";

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from "react";
import { type Steps } from "./useHistory";

interface Undo extends Steps {
  /** Whether undo walks through the neck's view, rather than a document of the room. */
  readonly isNeck: boolean;
  /** Undoes the last change of the neck's view, whatever is in front. */
  readonly undoNeck: () => void;
}

/** Apart from each other, so that a room which brings its document is not drawn again for every step. */
const FocusContext = createContext<((steps: Steps | null) => void) | null>(null);
const UndoContext = createContext<Undo | null>(null);

interface UndoProviderProps {
  /** The way back through the neck's view, which every room shows a part of. */
  readonly neck: Steps;
  readonly children: ReactNode;
}

/** One history for each document; undo and redo walk through the document of the room in front. */
export function UndoProvider({ neck, children }: UndoProviderProps) {
  const [focused, focus] = useState<Steps | null>(null);
  const value = useMemo(
    () => ({ ...(focused ?? neck), isNeck: focused === null, undoNeck: neck.undo }),
    [focused, neck],
  );
  return (
    <FocusContext.Provider value={focus}>
      <UndoContext.Provider value={value}>{children}</UndoContext.Provider>
    </FocusContext.Provider>
  );
}

/** While the calling room is on screen, undo and redo walk through its document. */
export function useUndoThrough(steps: Steps): void {
  const focus = useContext(FocusContext);
  if (!focus) throw new Error("useUndoThrough outside of UndoProvider");
  useEffect(() => {
    focus(steps);
    return () => focus(null);
  }, [focus, steps]);
}

/** For what offers undo and redo. */
export function useUndo(): Undo {
  const undo = useContext(UndoContext);
  if (!undo) throw new Error("useUndo outside of UndoProvider");
  return undo;
}
