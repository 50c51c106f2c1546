import { type Room } from "../room";

export const RIG = {
  path: "/rig",
  name: "Rig",
  keys: async () => (await import("./rigKeyList")).RIG_KEY_LIST,
  tabs: [
    { path: "/rig", name: "Guitars" },
    { path: "/rig/tunings", name: "Tunings" },
    { path: "/rig/retune", name: "Retune" },
    { path: "/rig/tuner", name: "Tuner" },
    { path: "/rig/player", name: "You" },
    { path: "/rig/data", name: "Data" },
  ],
} as const satisfies Room;
