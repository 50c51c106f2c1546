import { type Level } from "@/core/motion";

/** Each level in a player's words, with what it can do; core/arrangement/anchors.test.ts checks these claims. */
export const LEVEL_WORDS: readonly (readonly [level: Level, name: string, can: string])[] = [
  [
    "first",
    "First months",
    "Power chords change on the beat at 120 bpm; a full barre needs more than a beat at 100.",
  ],
  [
    "steady",
    "A few years",
    "Power chords change between eighths at 120 bpm; a full barre comes within a beat at 140.",
  ],
  [
    "fluent",
    "I play for a living",
    "Power chords change between eighths at 180 bpm, and so does a full barre at 140.",
  ],
];
