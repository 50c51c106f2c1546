import { soundingMidi, type Fretting } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";

/** The lowest note of a fretting; null where nothing sounds. */
export function lowestOf(neck: Neck, fretting: Fretting): Midi | null {
  const all = soundingMidi(neck, fretting);
  return all.length > 0 ? Math.min(...all) : null;
}

/** The strings that sound, over all frettings, from the thickest. */
export function stringsOf(frettings: readonly Fretting[]): readonly number[] {
  const strings = frettings.flatMap((fretting) =>
    fretting.flatMap((fret, string) => (fret === null ? [] : [string])),
  );
  return [...new Set(strings)].sort((a, b) => a - b);
}
