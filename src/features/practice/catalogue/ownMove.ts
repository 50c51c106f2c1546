import { fretToFret, DIRECTIONS, type Direction, type DrillRig } from "@/core/drill";
import { type Guitar } from "@/state";
import { type PlacedDrill } from "@/features/practice/state";

/** The key of a move from fret to fret, as the core writes it. */
export function moveKey(
  rig: DrillRig,
  string: number,
  from: number,
  to: number,
  direction: Direction,
): string {
  return fretToFret(rig, string, from, to, direction)[0]?.key ?? "";
}

const MOVE = /^move:fret-to-fret:(\d+)-\d+:(\d+)-(\d+):(\w+)$/;

/** The move of a key, made anew for this neck; undefined where it is no such key, or cannot be held. */
export function ownMove(rig: DrillRig, guitar: Guitar, key: string): PlacedDrill | undefined {
  const [, number, from, to, way] = MOVE.exec(key) ?? [];
  const direction = DIRECTIONS.find((each) => each === way);
  if (number === undefined || !direction) return undefined;
  const { neck } = rig;
  const string = neck.midi.length - Number(number);
  const [drill] = fretToFret(rig, string, Number(from), Number(to), direction);
  return drill && { drill, guitar, neck, songId: null };
}
