import { type Room } from "../room";

export const PRACTICE = {
  path: "/practice",
  name: "Practice",
  keys: async () => (await import("./practiceKeyList")).PRACTICE_KEY_LIST,
  tabs: [
    { path: "/practice", name: "Today" },
    { path: "/practice/log", name: "Log" },
  ],
} as const satisfies Room;
