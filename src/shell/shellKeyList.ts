import { listKeys } from "@/ui/controls";
import { SHELL_KEYS } from "./shellKeys";

/** What each key does, for the list of keys. */
export const SHELL_KEY_LIST = [
  listKeys("Everywhere", SHELL_KEYS, {
    tuning: "Tuning",
    undo: "Undo the last change",
    redo: "Redo it",
    help: "This list",
  }),
];
