import { listKeys } from "@/ui/controls";
import { RETUNE_KEYS } from "./retune";
import { TUNER_KEYS } from "./tuner";

/** What each key does, for the list of keys. */
export const RIG_KEY_LIST = [
  listKeys("Retune", RETUNE_KEYS, {
    next: "Next string",
    previous: "Previous string",
    hear: "Hear the string's target",
  }),
  listKeys("Tuner", TUNER_KEYS, {
    string: "String; 0 is the tenth",
    nearest: "Nearest string",
    thinner: "Thinner string",
    thicker: "Thicker string",
    hear: "Hear the target",
  }),
];
