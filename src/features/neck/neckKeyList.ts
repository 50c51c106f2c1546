import { listKeys } from "@/ui/controls";
import { NECK_KEYS } from "./neckKeys";

/** What each key does, for the list of keys. */
export const NECK_KEY_LIST = [
  listKeys("Neck", NECK_KEYS, {
    root: "Root",
    rootStep: "Root up, down a half step",
    voicing: "Voicing; 0 is the tenth",
    next: "Next grip",
    previous: "Previous grip",
    order: "Order of the grips",
    keepShape: "Keep the chosen shape when the root changes, or take the usual grip",
    strumSafe: "Only strum-safe grips",
    alongNeck: "The same grip up, down the neck",
    acrossStrings: "The same grip on thinner, thicker strings",
    otherTones: "Its inversion, one note more, one less",
    otherFingers: "Other fingers for this grip",
    pin: "Pin or unpin the grip",
    hear: "Hear it: strummed, picked, palm-muted, choked",
    gain: "Clean, or with gain",
    stage: "Stage view: neck and grip alone, large",
    mapOnly: "Show the neck without the grip; leave the stage view",
    degrees: "The twelve degrees on the map, from the root up",
    labels: "Marks show degree, note, finger, fret or octave",
  }),
];
