import { type ChordTones } from "@/core/chart";
import { type Playing } from "@/core/gripSearch";

/** Every set of strings on which a chord may sound, those of few strings first. */
export function stringSets(tones: ChordTones, strings: number): readonly Playing[] {
  const [fewest, max] =
    tones.kind === "voicing"
      ? [tones.voicing.length, tones.voicing.length]
      : [Math.max(Math.min(tones.minNotes, strings), tones.required.length), strings];
  const sets: Playing[][] = Array.from({ length: strings + 1 }, () => []);
  for (let mask = 1; mask < 1 << strings; mask++) {
    const playing = Array.from({ length: strings }, (_, string) => ((mask >> string) & 1) === 1);
    sets[playing.filter(Boolean).length]?.push(playing);
  }
  return sets.slice(fewest, max + 1).flat();
}
