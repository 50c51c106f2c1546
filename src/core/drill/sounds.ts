import { type PlayedDrill } from "./drill";
import { powerChordAt, firstString, threeAt, type DrillRig } from "./grips";
import { drillOf } from "./sequence";

const [SLOW_BPM, EASY_BPM] = [50, 70];

/** Drills of sound: what must sound, what must not, and the picking hand. */
export function soundDrills(rig: DrillRig): readonly PlayedDrill[] {
  const low = firstString(rig);
  const five = (fret: number, texture?: string) => {
    const grip = powerChordAt(rig, low, fret);
    return grip && (texture ? { ...grip, texture } : grip);
  };
  const three = threeAt(rig, low, 5) ?? powerChordAt(rig, low, 5);
  const kind = "sound" as const;
  return [
    ...drillOf(
      {
        key: "sound:string-by-string",
        kind,
        name: "String by string",
        say: "Pick one string after the other. Does each of them sound, to its end?",
        startBpm: SLOW_BPM,
      },
      [three, three],
      "eighths picked",
    ),
    ...drillOf(
      {
        key: "sound:strum-all",
        kind,
        name: "Strum all strings",
        say: "Strum every string there is. Only the grip may sound; all others stay silent.",
        startBpm: SLOW_BPM,
        showsSilence: true,
      },
      [three, three],
    ),
    ...drillOf(
      {
        key: "sound:muted-to-open",
        kind,
        name: "Palm-muted to open, and back",
        say: "A bar with the palm down on the bridge, a bar with it off. The grip stays.",
        startBpm: EASY_BPM,
      },
      [five(5, "muted eighths"), five(5, "eighths"), five(5, "muted eighths"), five(5, "eighths")],
    ),
    ...drillOf(
      {
        key: "sound:choked",
        kind,
        name: "Choked hits between",
        say: "Let the grip go without leaving the strings between two strums: a hit, no note.",
        startBpm: EASY_BPM,
      },
      [five(3), five(5), five(3), five(7)],
      "choked quarters",
    ),
    ...drillOf(
      {
        key: "sound:three-three-two",
        kind,
        name: "Picked three, three and two",
        say: "Low, middle, high; low, middle, high; low, high. Count to eight.",
        startBpm: SLOW_BPM,
      },
      [three, three],
      "picked",
    ),
    ...drillOf(
      {
        key: "sound:down-strokes",
        kind,
        name: "Eighths, down strokes only",
        say: "All down, all alike. Let the wrist fall; stop if the forearm tires.",
        startBpm: EASY_BPM,
      },
      [five(3), five(5), five(3), five(5)],
      "eighths down",
    ),
  ];
}
