import { type Chord } from "@/core/chart";
import { type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { pitchClass, pitchClassOf } from "@/core/pitch";

/** Strings that must go on sounding: one alone is no chord. */
const MIN_NOTES = 2;

/**
 * A grip as it is played when a bass has its low note: the thickest sounding string is left out where it has the
 * chord's root or written bass. Null where it has another note, or where too little would be left.
 */
export function withoutLowNote(
  { midi }: Neck,
  fretting: Fretting,
  { root, tones }: Chord,
): Fretting | null {
  const thickest = fretting.findIndex((fret) => fret !== null);
  const left = fretting.with(thickest < 0 ? 0 : thickest, null);
  if (left.filter((fret) => fret !== null).length < MIN_NOTES) return null;
  const low = pitchClass((midi[thickest] ?? 0) + (fretting[thickest] ?? 0));
  const bass = tones.kind === "free" ? (tones.bass ?? 0) : 0;
  return low === pitchClass(pitchClassOf(root) + bass) ? left : null;
}
