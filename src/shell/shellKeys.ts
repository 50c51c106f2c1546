import { type KeyTable } from "@/ui/controls";

/** The keys that work on every screen. */
export const SHELL_KEYS = {
  tuning: ["t"],
  undo: ["z", "Ctrl+z"],
  redo: ["Ctrl+y", "Ctrl+Shift+z"],
  help: ["?"],
} satisfies KeyTable;
