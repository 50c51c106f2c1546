import { type Room } from "../room";

export const SONG: Room = {
  path: "/song",
  name: "Song",
  keys: async () => (await import("./songKeyList")).SONG_KEY_LIST,
};
