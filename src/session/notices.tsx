"use client";

import { createContext, useContext, useMemo, useState, type ReactNode } from "react";

/** A short message to the player that disappears by itself, with an undo where there is one. */
export interface Notice {
  readonly text: string;
  readonly undo?: () => void;
}

/** Shows a notice in place of the last one; null only takes the last one away. */
export type Tell = (notice: Notice | null) => void;

interface ShownNotice {
  readonly notice: Notice | null;
  readonly dismiss: () => void;
}

/** Two contexts, so that a notice re-renders only itself: `tell` never changes. */
const TellContext = createContext<Tell | null>(null);
const ShownContext = createContext<ShownNotice | null>(null);

interface NoticesProps {
  readonly first: Notice | null;
  readonly children: ReactNode;
}

export function Notices({ first, children }: NoticesProps) {
  const [notice, setNotice] = useState(first);
  const shown = useMemo(() => ({ notice, dismiss: () => setNotice(null) }), [notice]);
  return (
    <TellContext.Provider value={setNotice}>
      <ShownContext.Provider value={shown}>{children}</ShownContext.Provider>
    </TellContext.Provider>
  );
}

/** For whatever has a notice to show. */
export function useTell(): Tell {
  const tell = useContext(TellContext);
  if (!tell) throw new Error("useTell outside of Notices");
  return tell;
}

/** For the one place that shows notices. */
export function useShownNotice(): ShownNotice {
  const shown = useContext(ShownContext);
  if (!shown) throw new Error("useShownNotice outside of Notices");
  return shown;
}
