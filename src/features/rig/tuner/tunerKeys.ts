import { type KeyTable } from "@/ui/controls";

/** Strings as players count them, from the thinnest; a page-turn pedal sends the arrows. */
export const TUNER_KEYS = {
  string: ["1", "2", "3", "4", "5", "6", "7", "8", "9", "0"],
  nearest: ["x"],
  thinner: ["ArrowUp", "PageUp"],
  thicker: ["ArrowDown", "PageDown"],
  hear: ["h"],
} satisfies KeyTable;
