import { soundingMidi, type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { spellPitchClass, type Note } from "@/core/pitch";
import { type ArrangedChord } from "./arrange";

/** The root that a grip's degrees count from: its chord's, or the lowest of the notes of a riff. */
export function rootOfGrip(
  { chord, notes }: Pick<ArrangedChord, "chord" | "notes">,
  neck: Neck,
  fretting: Fretting,
): Note {
  const sounding = notes ? soundingMidi(neck, fretting) : [];
  return sounding.length > 0 ? spellPitchClass(Math.min(...sounding)) : chord.root;
}
