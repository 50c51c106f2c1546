"use client";

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from "react";
import { type Sending } from "./useOutbox";

/** What the header says about what the player did. */
type SavingNews =
  | { readonly kind: "saved" }
  | { readonly kind: "not saved yet" }
  /** Changes wait until the server answers or can save again. */
  | {
      readonly kind: "waiting";
      readonly count: number;
      readonly reason: string;
      readonly sinceMs: number;
    }
  | { readonly kind: "away"; readonly reason: string }
  | { readonly kind: "read-only"; readonly reason: string }
  | { readonly kind: "updated" }
  | { readonly kind: "other data" };

const SAVED: SavingNews = { kind: "saved" };
const SavingContext = createContext<SavingNews>(SAVED);

/** What is saved within a moment is not worth a word. */
const MOMENT_MS = 600;

interface SavingProviderProps {
  readonly sending: Sending;
  readonly readOnly: string | null;
  readonly children: ReactNode;
}

/** How it stands with saving, apart from what is saved, so that only the header is drawn again for it. */
export function SavingProvider({ sending, readOnly, children }: SavingProviderProps) {
  const { waiting, state, isOutdated } = sending;
  const count = waiting.length;
  const waitsLong = useLasting(count > 0);
  const [reason, sinceMs] =
    state.kind === "trouble" ? [state.reason, state.sinceMs] : ([null, 0] as const);
  const isOther = state.kind === "other data";
  const news = useMemo((): SavingNews => {
    if (readOnly !== null) return { kind: "read-only", reason: readOnly };
    if (isOther) return { kind: "other data" };
    if (isOutdated) return { kind: "updated" };
    if (count > 0 && reason !== null) return { kind: "waiting", count, reason, sinceMs };
    if (count > 0 && waitsLong) return { kind: "not saved yet" };
    return reason === null ? SAVED : { kind: "away", reason };
  }, [readOnly, isOther, isOutdated, count, waitsLong, reason, sinceMs]);
  return <SavingContext.Provider value={news}>{children}</SavingContext.Provider>;
}

/** For what shows how it stands with saving. */
export function useSavingNews(): SavingNews {
  return useContext(SavingContext);
}

/** Whether something has been so for a moment without a break. */
function useLasting(isSo: boolean): boolean {
  const [lasts, setLasts] = useState(false);
  useEffect(() => {
    if (!isSo) return;
    const timer = setTimeout(() => setLasts(true), MOMENT_MS);
    return () => {
      clearTimeout(timer);
      setLasts(false);
    };
  }, [isSo]);
  return lasts;
}
