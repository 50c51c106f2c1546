import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";

export const MOVES = ["up", "down", "thinner", "thicker"] as const;
/** A fret up or down the neck, or a string towards the thin or the thick side. */
export type ShapeMove = (typeof MOVES)[number];

/** What a shape keeps when it moves across strings: its frets, or its notes relative to each other. */
export type KeptAcross = "frets" | "chord";

/**
 * A whole shape moved by one fret or one string. Along the neck, open strings keep ringing;
 * null where it would leave the neck, and where nothing is pressed that could move along it. Across strings as a chord
 * its lowest note keeps its fret, as far as no other note would fall off the nut.
 */
export function moveShape(
  neck: Neck,
  fretting: Fretting,
  move: ShapeMove,
  keeps: KeptAcross = "frets",
): Fretting | null {
  if (move === "up" || move === "down") {
    const by = move === "up" ? 1 : -1;
    const moved = fretting.map((fret) => (fret ? fret + by : fret));
    const isOn = moved.every((fret, string) => !fretting[string] || isPressed(neck, fret));
    return isOn && fretting.some(Boolean) ? moved : null;
  }
  const [leaving] = move === "thinner" ? fretting.slice(-1) : fretting;
  if (leaving !== null || fretting.every((fret) => fret === null)) return null;
  const moved =
    move === "thinner" ? [null, ...fretting.slice(0, -1)] : [...fretting.slice(1), null];
  return keeps === "frets" ? moved : asSameChord(neck, fretting, moved);
}

/** A moved shape with its frets adjusted so that its notes lie to each other as before. */
function asSameChord(neck: Neck, from: Fretting, moved: Fretting): Fretting | null {
  const before = soundingByString(neck, from).filter((midi) => midi !== null);
  const after = soundingByString(neck, moved);
  const first = after.find((midi) => midi !== null) ?? 0;
  let at = 0;
  const adjusted = moved.map((fret, string) => {
    if (fret === null) return null;
    const wanted = first + (before[at++] ?? 0) - (before[0] ?? 0);
    return fret + wanted - (after[string] ?? 0);
  });
  const lowest = Math.min(...adjusted.flatMap((fret) => fret ?? []));
  const raised = adjusted.map((fret) => (fret === null ? null : fret - Math.min(0, lowest)));
  return raised.every((fret) => fret === null || fret <= neck.frets) ? raised : null;
}

function soundingByString({ midi }: Neck, fretting: Fretting): readonly (number | null)[] {
  return fretting.map((fret, string) => (fret === null ? null : (midi[string] ?? 0) + fret));
}

function isPressed(neck: Neck, fret: number | null | undefined): boolean {
  return typeof fret === "number" && fret >= 1 && fret <= neck.frets;
}
