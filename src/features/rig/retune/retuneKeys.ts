import { type KeyTable } from "@/ui/controls";

/** A page-turn pedal sends the arrows or Page up and down. */
export const RETUNE_KEYS = {
  next: ["Enter", "ArrowDown", "ArrowRight", "PageDown"],
  previous: ["ArrowUp", "ArrowLeft", "PageUp"],
  hear: ["h"],
} satisfies KeyTable;
