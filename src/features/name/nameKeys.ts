import { type KeyTable } from "@/ui/controls";

/** The arrows move the shape the way they point on the neck as it is drawn. */
export const NAME_KEYS = {
  along: ["ArrowLeft", "ArrowRight"],
  across: ["ArrowUp", "ArrowDown"],
  clear: ["Escape"],
} satisfies KeyTable;
