import { useEffect, useMemo, useSyncExternalStore } from "react";
import { type Fretting } from "@/core/fretting";

const KEY = "tenon.shapes";
const MAX_KEPT = 12;
/** A shape left in place this long was intended; those on the way to it were not. */
const MEANT_AFTER_MS = 1500;

/** The shapes that were named last in this browser, the newest first. */
export function useRecentShapes(named: Fretting | null): readonly Fretting[] {
  const text = useSyncExternalStore(listen, readText, () => NOTHING);
  const key = named?.join() ?? null;
  useEffect(() => {
    if (key === null) return;
    const shape = key.split(",").map((fret) => (fret === "" ? null : Number(fret)));
    const timer = setTimeout(() => {
      const others = parse(readText()).filter((each) => each.join() !== key);
      keep([shape, ...others].slice(0, MAX_KEPT));
    }, MEANT_AFTER_MS);
    return () => clearTimeout(timer);
  }, [key]);
  return useMemo(() => parse(text), [text]);
}

const NOTHING = "[]";
const listeners = new Set<() => void>();

function listen(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function readText(): string {
  try {
    return localStorage.getItem(KEY) ?? NOTHING;
  } catch {
    return NOTHING;
  }
}

function parse(text: string): readonly Fretting[] {
  try {
    const saved: unknown = JSON.parse(text);
    return Array.isArray(saved) ? saved.filter(isFretting) : [];
  } catch {
    return [];
  }
}

function keep(shapes: readonly Fretting[]): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(shapes));
  } catch {
    // A browser without storage can still name shapes.
  }
  for (const listener of listeners) listener();
}

function isFretting(value: unknown): value is Fretting {
  return (
    Array.isArray(value) &&
    value.every((fret) => fret === null || (Number.isInteger(fret) && fret >= 0 && fret <= 36))
  );
}
