import { type Room } from "../room";

export const NECK: Room = {
  path: "/",
  name: "Neck",
  keys: async () => (await import("./neckKeyList")).NECK_KEY_LIST,
};
