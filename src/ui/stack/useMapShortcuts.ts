"use client";

import { degreesOf } from "@/core/stack";
import { type Shortcuts } from "@/ui/controls";
import { useWorkspace } from "@/ui/workspace";
import { toggleDegree } from "./DegreePicker";

/** The twelve keys of the digit row, in order; with Shift they stand for the twelve degrees. */
const DIGIT_ROW = [
  ...[1, 2, 3, 4, 5, 6, 7, 8, 9, 0].map((digit) => `Digit${digit}`),
  "Minus",
  "Equal",
];

/** Shift and the digit row put degrees on the map, by semitones from the root, and take them off. */
export function useMapShortcuts(): Shortcuts {
  const { choice, choose } = useWorkspace();
  const { mapped, naturals, stack } = choice;
  const shown = naturals ? [] : (mapped ?? degreesOf(stack));
  return Object.fromEntries(
    DIGIT_ROW.map((code, degree): [string, () => void] => [
      `Shift+${code}`,
      () => choose(toggleDegree(shown, degree)),
    ]),
  );
}
