"use client";

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
} from "react";

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

/** Holds notices back until the returned function is called. */
type HoldBack = () => () => void;

/** Separate contexts, so that a notice re-renders only itself: `tell` and `holdBack` never change. */
const TellContext = createContext<Tell | null>(null);
const HoldBackContext = createContext<HoldBack | null>(null);
const ShownContext = createContext<ShownNotice | null>(null);

interface NoticesProps {
  readonly first: Notice | null;
  readonly children: ReactNode;
}

export function Notices({ first, children }: NoticesProps) {
  const [notice, setNotice] = useState(first);
  const [holders, setHolders] = useState(0);
  const holdBack = useCallback(() => {
    setHolders((old) => old + 1);
    return () => setHolders((old) => old - 1);
  }, []);
  const shown = useMemo(
    () => ({ notice: holders > 0 ? null : notice, dismiss: () => setNotice(null) }),
    [notice, holders],
  );
  return (
    <TellContext.Provider value={setNotice}>
      <HoldBackContext.Provider value={holdBack}>
        <ShownContext.Provider value={shown}>{children}</ShownContext.Provider>
      </HoldBackContext.Provider>
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

/** Holds notices back while `isHeld`, so that none covers the playing view. */
export function useNoticesHeld(isHeld: boolean): void {
  const holdBack = useContext(HoldBackContext);
  if (!holdBack) throw new Error("useNoticesHeld outside of Notices");
  useEffect(() => (isHeld ? holdBack() : undefined), [isHeld, holdBack]);
}
