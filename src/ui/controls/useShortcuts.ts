"use client";

import { useEffect } from "react";
import { useEvent } from "./useEvent";

export type Shortcuts = Readonly<Record<string, () => void>>;

/** Elements that handle keys themselves; shortcuts leave them alone. */
const TYPING =
  "input, textarea, select, [contenteditable=true], [role=listbox][data-open], [role=menu]";
/** What Enter and Space already press. */
const PRESSABLE = "button, a, summary, [role=button], [aria-haspopup]";
/** What the arrows already move in. */
const MOVABLE =
  "[role=group] [role=button], [role=slider], [role=spinbutton], [role=radiogroup], [aria-haspopup]";

/**
 * Listens for keys on the whole page, or inside the open dialog. Single keys are named as in
 * KeyboardEvent.key, letters small; "Ctrl+z" stands for Command too; "Shift+Digit1" names a place on
 * the keyboard, whatever is printed there. With `spaceOverButtons`, Space runs its shortcut even while a
 * button has the focus; Enter still presses the button.
 */
export function useShortcuts(
  shortcuts: Shortcuts,
  where: "page" | "dialog" = "page",
  spaceOverButtons = false,
): void {
  const onKeyDown = useEvent((event: KeyboardEvent) => {
    if (event.altKey || event.defaultPrevented) return;
    const isInDialog = document.querySelector("[role=dialog]") !== null;
    if (isInDialog !== (where === "dialog")) return;
    const key = keyName(event);
    const run = shortcuts[key];
    const isOwnSpace = spaceOverButtons && key === " " && !isInField(event.target);
    if (!run || (!isOwnSpace && belongsToTarget(event.target, key))) return;
    event.preventDefault();
    run();
  });

  useEffect(() => {
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, [onKeyDown]);
}

function keyName(event: KeyboardEvent): string {
  const { key, code, shiftKey } = event;
  const plain = key.length === 1 ? key.toLowerCase() : key;
  if (event.ctrlKey || event.metaKey) return `Ctrl+${shiftKey ? "Shift+" : ""}${plain}`;
  // Where digits themselves need Shift, they stay digits.
  const isOnDigitRow = /^(Digit\d|Minus|Equal)$/.test(code);
  return shiftKey && isOnDigitRow && !/^\d$/.test(key) ? `Shift+${code}` : plain;
}

/** Elements that use Space themselves. */
const SPACED =
  "[role=slider], [role=option], [role^=menuitem], [role=tab], [role=radio], [role=checkbox], [role=switch], summary";

function isInField(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest(`${TYPING}, ${SPACED}`) !== null;
}

function belongsToTarget(target: EventTarget | null, key: string): boolean {
  if (!(target instanceof Element)) return false;
  if (target.closest(TYPING)) return true;
  if (key === "Enter" || key === " ") return target.closest(PRESSABLE) !== null;
  return key.startsWith("Arrow") && target.closest(MOVABLE) !== null;
}
