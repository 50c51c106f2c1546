import { listKeys } from "@/ui/controls";
import { COMPARE_KEYS } from "./compareKeys";

/** What each key does, for the list of keys. */
export const COMPARE_KEY_LIST = [
  listKeys("Compare", COMPARE_KEYS, {
    hold: "Hold chord, pitches or shape",
    weigh: "Weigh: what counts",
    save: "Save, print, export",
    search: "Find a tuning",
  }),
];
