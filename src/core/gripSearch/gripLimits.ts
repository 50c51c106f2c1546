import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { pitchClass, type PitchClass } from "@/core/pitch";

/** What grips are asked for beside the chord; null asks nothing. */
export interface GripLimits {
  /** Every pressed string lies between these frets; open strings always may sound. */
  readonly frets: readonly [lowest: number, highest: number] | null;
  /** The lowest sounding root lies on one of these strings, counted from the thickest, 0. */
  readonly rootStrings: readonly number[] | null;
  readonly openStrings: "any" | "none";
  readonly maxNotes: number | null;
}

export const NO_GRIP_LIMITS: GripLimits = {
  frets: null,
  rootStrings: null,
  openStrings: "any",
  maxNotes: null,
};

/** Whether a string may be played at a fret, whatever else sounds. */
export function maySound({ frets, openStrings }: GripLimits, fret: number): boolean {
  if (fret === 0) return openStrings !== "none";
  return frets === null || (fret >= frets[0] && fret <= frets[1]);
}

/** Whether a whole fretting keeps the limits. */
export function keepsLimits(
  neck: Neck,
  fretting: Fretting,
  root: PitchClass,
  limits: GripLimits,
): boolean {
  const { rootStrings, maxNotes } = limits;
  let notes = 0;
  let lowestRoot = Infinity;
  let rootString = -1;
  for (const [string, fret] of fretting.entries()) {
    if (fret === null) continue;
    if (!maySound(limits, fret)) return false;
    notes++;
    const midi = (neck.midi[string] ?? 0) + fret;
    if (pitchClass(midi) !== root || midi >= lowestRoot) continue;
    lowestRoot = midi;
    rootString = string;
  }
  if (maxNotes !== null && notes > maxNotes) return false;
  return rootStrings === null || rootStrings.includes(rootString);
}
