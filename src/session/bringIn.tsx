"use client";

import { createContext, useContext, useMemo, useState, type ReactNode } from "react";

/** A file that the player brings in; null before one is chosen. */
interface BroughtIn {
  readonly file: File | null;
}

interface BringInState {
  readonly broughtIn: BroughtIn | null;
  readonly close: () => void;
}

/** Two contexts, so that rooms with a button for it are not drawn anew when it is used. */
const BringInContext = createContext<((file?: File) => void) | null>(null);
const BroughtInContext = createContext<BringInState | null>(null);

export function BringInProvider({ children }: { readonly children: ReactNode }) {
  const [broughtIn, setBroughtIn] = useState<BroughtIn | null>(null);
  const open = useMemo(() => (file?: File) => setBroughtIn({ file: file ?? null }), []);
  const state = useMemo(() => ({ broughtIn, close: () => setBroughtIn(null) }), [broughtIn]);
  return (
    <BringInContext.Provider value={open}>
      <BroughtInContext.Provider value={state}>{children}</BroughtInContext.Provider>
    </BringInContext.Provider>
  );
}

/** Begins to bring in a file: the one that is given, or one to be chosen. */
export function useBringIn(): (file?: File) => void {
  const open = useContext(BringInContext);
  if (!open) throw new Error("useBringIn outside of BringInProvider");
  return open;
}

/** For the one place that shows what is brought in. */
export function useBroughtIn(): BringInState {
  const state = useContext(BroughtInContext);
  if (!state) throw new Error("useBroughtIn outside of BringInProvider");
  return state;
}
