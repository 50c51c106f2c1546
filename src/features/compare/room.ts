import { type Room } from "../room";

export const COMPARE: Room = {
  path: "/compare",
  name: "Compare",
  keys: async () => (await import("./compareKeyList")).COMPARE_KEY_LIST,
};
