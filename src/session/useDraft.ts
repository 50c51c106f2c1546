"use client";

import { useCallback, useMemo, useState, useSyncExternalStore } from "react";

/** Drafts of an earlier shape are not read. */
const PREFIX = "tenon draft 1 ";
const listeners = new Set<() => void>();
/** Where the browser keeps nothing, drafts last as long as the page. */
const fallback = new Map<string, string>();

/**
 * What is typed into a form but not saved: it is there again when the player comes back to the form, after a reload
 * too. Answers the draft (`first` where there is none), how to change it, and how to forget it.
 */
export function useDraft<T>(
  name: string,
  first: T,
): readonly [draft: T, set: (draft: T) => void, forget: () => void] {
  const key = PREFIX + name;
  const text = useSyncExternalStore(
    subscribe,
    () => read(key),
    () => null,
  );
  const draft = useMemo(() => (text === null ? first : (JSON.parse(text) as T)), [text, first]);
  const set = useCallback((next: T) => write(key, JSON.stringify(next)), [key]);
  const forget = useCallback(() => write(key, null), [key]);
  return [draft, set, forget];
}

/**
 * Whether a page that was loaded found a draft of that name: false as it is first drawn, when that cannot be known yet,
 * and true from then on. A form that takes its values only once begins anew with it.
 */
export function useFoundDraft(name: string): boolean {
  const [isFound] = useState(() => typeof window !== "undefined" && read(PREFIX + name) !== null);
  const isAlive = useSyncExternalStore(
    subscribe,
    () => true,
    () => false,
  );
  return isAlive && isFound;
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

function read(key: string): string | null {
  try {
    return sessionStorage.getItem(key);
  } catch {
    return fallback.get(key) ?? null;
  }
}

function write(key: string, text: string | null): void {
  try {
    if (text === null) sessionStorage.removeItem(key);
    else sessionStorage.setItem(key, text);
  } catch {
    if (text === null) fallback.delete(key);
    else fallback.set(key, text);
  }
  for (const listener of listeners) listener();
}
