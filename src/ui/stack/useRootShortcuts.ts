"use client";

import { parseNote, pitchClassOf } from "@/core/pitch";
import { useNames, useWorkspace } from "@/ui/workspace";
import { type Shortcuts } from "@/ui/controls";

const LETTERS = ["a", "b", "c", "d", "e", "f", "g"];

/** A to G choose the root, as this player calls it; ] and [ raise and lower it by a semitone. */
export function useRootShortcuts(): Shortcuts {
  const { choose } = useWorkspace();
  const { shownRoot, rootFor } = useNames();
  const take = (pitchClass: number) => choose({ root: rootFor(pitchClass) });
  const letters = LETTERS.map((key) => {
    const note = parseNote(key);
    return [key, () => note.ok && take(pitchClassOf(note.value))] as const;
  });
  return {
    ...Object.fromEntries(letters),
    "]": () => take(pitchClassOf(shownRoot) + 1),
    "[": () => take(pitchClassOf(shownRoot) - 1),
  };
}
