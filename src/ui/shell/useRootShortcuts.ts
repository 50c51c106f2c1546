"use client";

import { noteText, pitchClassOf, spellPitchClass } from "@/core/pitch";
import { useWorkspace } from "@/ui/workspace";
import { type Shortcuts } from "./useShortcuts";

const LETTERS = ["a", "b", "c", "d", "e", "f", "g"];

/** A to G choose the root; ] and [ raise and lower it by a semitone. */
export function useRootShortcuts(): Shortcuts {
  const { root, choose } = useWorkspace();
  const move = (semitones: number) =>
    choose({ root: noteText(spellPitchClass(pitchClassOf(root) + semitones)) });
  const letters = LETTERS.map((key) => [key, () => choose({ root: key.toUpperCase() })] as const);
  return { ...Object.fromEntries(letters), "]": () => move(1), "[": () => move(-1) };
}
