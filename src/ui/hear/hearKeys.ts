import { MANNERS, type Manner } from "@/audio";

/** The keys that sound a grip, in the order of the manners. */
export const HEAR_KEYS = {
  hear: ["p", "u", "y", "x"],
  gain: ["w"],
};

export const MANNER_NAMES: Readonly<Record<Manner, string>> = {
  strum: "Strum",
  pick: "Pick",
  mute: "Mute",
  choke: "Choke",
};

export function mannerKey(manner: Manner): string | undefined {
  return HEAR_KEYS.hear[MANNERS.indexOf(manner)];
}
