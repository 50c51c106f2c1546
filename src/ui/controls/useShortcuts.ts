"use client";

import { useEffect } from "react";
import { useEvent } from "./useEvent";

export type Shortcuts = Readonly<Record<string, () => void>>;

/** Elements that answer keys themselves; shortcuts keep out of them. */
const TYPING = "input, textarea, select, [role=listbox][data-open], [role=menu]";
/** What Enter and Space already press. */
const PRESSABLE = "button, a, summary, [role=button], [aria-haspopup]";
/** What the arrows already move in. */
const MOVABLE = "[role=group] [role=button], [role=spinbutton], [role=radiogroup], [aria-haspopup]";

/**
 * Listens for single keys on the whole page, or inside the open dialog; keys are named as in
 * KeyboardEvent.key, letters small.
 */
export function useShortcuts(shortcuts: Shortcuts, where: "page" | "dialog" = "page"): void {
  const onKeyDown = useEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    const isInDialog = document.querySelector("[role=dialog]") !== null;
    if (isInDialog !== (where === "dialog")) return;
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    const run = shortcuts[key];
    if (!run || belongsToTarget(event.target, key)) return;
    event.preventDefault();
    run();
  });

  useEffect(() => {
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, [onKeyDown]);
}

function belongsToTarget(target: EventTarget | null, key: string): boolean {
  if (!(target instanceof Element)) return false;
  if (target.closest(TYPING)) return true;
  if (key === "Enter" || key === " ") return target.closest(PRESSABLE) !== null;
  return key.startsWith("Arrow") && target.closest(MOVABLE) !== null;
}
