import {
  DIRECTIONS,
  fretToFret,
  MOVED_VOICINGS,
  type Direction,
  type DrillRig,
  type MovedVoicing,
} from "@/core/drill";
import { type Guitar } from "@/state";
import { type PlacedDrill } from "@/features/practice/state";

/** The key of a move from fret to fret, as the core writes it. */
export function moveKey(
  rig: DrillRig,
  string: number,
  from: number,
  to: number,
  direction: Direction,
  voicing: MovedVoicing,
): string {
  return fretToFret(rig, string, from, to, direction, voicing)[0]?.key ?? "";
}

const MOVE = /^move:fret-to-fret:(\d+)-\d+:(\d+)-(\d+):(\w+?)(?::([\w-]+))?$/;

/** The move of a key, made anew for this neck; undefined where it is no such key, or cannot be held. */
export function ownMove(rig: DrillRig, guitar: Guitar, key: string): PlacedDrill | undefined {
  const [, number, from, to, way, slug] = MOVE.exec(key) ?? [];
  const direction = DIRECTIONS.find((each) => each === way);
  const voicing =
    slug === undefined ? "R 5" : MOVED_VOICINGS.find((each) => each.replaceAll(" ", "-") === slug);
  if (number === undefined || !direction || !voicing) return undefined;
  const { neck } = rig;
  const string = neck.midi.length - Number(number);
  const [drill] = fretToFret(rig, string, Number(from), Number(to), direction, voicing);
  return drill && { drill, guitar, neck, songId: null };
}
