import { type KeyTable } from "@/ui/controls";

/** Keys of the plan for today. */
export const TODAY_KEYS = {
  start: ["Enter", " ", "PageDown"],
  minutes: ["1", "2", "3", "4"],
} satisfies KeyTable;

/** Keys while a drill is played; a page-turn pedal sends Page up and down. */
export const PLAYED_KEYS = {
  forward: [" ", "PageDown", "ArrowRight"],
  back: ["PageUp", "ArrowLeft"],
  judge: ["1", "2", "3"],
  slower: ["-"],
  faster: ["+", "="],
  easier: ["e"],
} satisfies KeyTable;

/** Keys while a question is asked. */
export const QUESTION_KEYS = {
  note: ["c", "d", "e", "f", "g", "a", "b"],
  sharp: ["#", "s"],
  flat: ["l"],
  choice: ["1", "2", "3", "4", "5", "6"],
  again: ["h"],
  forward: [" ", "PageDown"],
} satisfies KeyTable;

/** Keys of the whole sitting. */
export const SITTING_KEYS = {
  undo: ["u"],
  pause: ["p"],
  next: ["n"],
  leave: ["Escape"],
} satisfies KeyTable;
