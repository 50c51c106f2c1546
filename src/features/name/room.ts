import { type Room } from "../room";

export const NAME: Room = {
  path: "/name",
  name: "Name",
  keys: async () => (await import("./nameKeyList")).NAME_KEY_LIST,
};
