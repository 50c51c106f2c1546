import { type KeyTable } from "@/ui/controls";

/** Keys of the room; a page-turn pedal sends Page up and down. */
export const SONG_KEYS = {
  next: ["ArrowRight", "PageDown"],
  previous: ["ArrowLeft", "PageUp"],
  worst: ["w"],
  takeAdvice: ["1", "2", "3", "4", "5", "6", "7", "8"],
  routeKind: ["]", "["],
  section: ["s"],
  write: ["e"],
  limits: ["l"],
  play: [" "],
  stage: ["v"],
} satisfies KeyTable;

/** Keys while the song is played along; forward starts it and goes to the next section, back stops it. */
export const PLAY_KEYS = {
  forward: ["PageDown", "ArrowRight"],
  back: ["PageUp", "ArrowLeft"],
  play: [" "],
  slower: ["ArrowDown"],
  faster: ["ArrowUp"],
  smaller: ["-"],
  larger: ["+", "="],
  leave: ["Escape", "v"],
} satisfies KeyTable;
