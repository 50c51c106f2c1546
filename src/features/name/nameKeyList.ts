import { listKeys } from "@/ui/controls";
import { TAP_KEYS } from "@/ui/neck";
import { NAME_KEYS } from "./nameKeys";

/** What each key does, for the list of keys. */
export const NAME_KEY_LIST = [
  listKeys(
    "Name",
    { ...NAME_KEYS, ...TAP_KEYS },
    {
      along: "The whole shape a fret left, right",
      across: "The whole shape a string up, down",
      clear: "Clear the neck",
      reach: "To the notes; the arrows then move among them",
      tap: "Put a note there, or take it away",
    },
  ),
];
