import { listKeys } from "@/ui/controls";
import { PLAY_KEYS, SONG_KEYS } from "@/features/song/state";

/** What each key does, for the list of keys. */
export const SONG_KEY_LIST = [
  listKeys("Song", SONG_KEYS, {
    next: "Next chord",
    previous: "Previous chord",
    worst: "The change that breaks first",
    takeAdvice: "Take the advice of that number",
    routeKind: "Next route, previous route",
    section: "Next section",
    write: "Write the chart",
    limits: "Limits",
    play: "Play, stop",
    stage: "Stage view",
  }),
  listKeys("Song on stage", PLAY_KEYS, {
    forward: "Start; then the next section",
    back: "Stop; then the section's start",
    play: "Play, stop",
    slower: "Slower",
    faster: "Faster",
    smaller: "Smaller text",
    larger: "Larger text",
    leave: "Leave the stage",
  }),
];
