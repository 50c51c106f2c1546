/** How many sounds a beat has, how they fall, which are louder, and bars in which it is silent. */
export interface Metronome {
  readonly perBeat: 1 | 2 | 3 | 4;
  /** Swung: the second of each pair comes at two thirds of it. */
  readonly feel: "straight" | "swung";
  readonly accents: "first" | "backbeat" | "none";
  /** Bars that sound, then bars to keep time through in silence; no silent ones for none. */
  readonly soundBars: number;
  readonly silentBars: number;
}

export const PER_BEAT = [1, 2, 3, 4] as const;
export const CLICK_FEELS = ["straight", "swung"] as const;
export const CLICK_ACCENTS = ["first", "backbeat", "none"] as const;
export const MAX_GAP_BARS = 8;

/** A click on every beat, the first of a bar louder. */
export const PLAIN_METRONOME: Metronome = {
  perBeat: 1,
  feel: "straight",
  accents: "first",
  soundBars: 1,
  silentBars: 0,
};

export interface Click {
  /** Quarters from the beginning of the bar. */
  readonly at: number;
  readonly strength: ClickStrength;
}

export type ClickStrength = "accent" | "beat" | "between";

const ROUNDING = 1e-9;
const SWUNG_SHARE = 2 / 3;

/**
 * The clicks of a bar; none in one that is silent. A bar shorter than its meter, as a pick-up is, ends as a whole one
 * does.
 *
 * @param beats the length of the bar, in quarters
 * @param beat the meter's beat, in quarters
 * @param bar from the first that the metronome sounds in, 0
 */
export function clicksOf(
  { perBeat, feel, accents, soundBars, silentBars }: Metronome,
  meter: string,
  beats: number,
  beat: number,
  bar: number,
): readonly Click[] {
  if (bar % (soundBars + silentBars) >= soundBars) return [];
  const [counts = 4, unit = 4] = meter.split("/").map(Number);
  const whole = (counts * 4) / unit;
  const missing = Math.max(0, whole - beats);
  const clicks: Click[] = [];
  for (let index = 0; index * beat < whole - ROUNDING; index++) {
    const isAccented =
      accents === "first" ? index === 0 : accents === "backbeat" ? index % 2 === 1 : false;
    for (let part = 0; part < perBeat; part++) {
      const at = (index + shareOf(part, perBeat, feel)) * beat;
      if (at < missing - ROUNDING || at >= whole - ROUNDING) continue;
      const strength = part > 0 ? "between" : isAccented ? "accent" : "beat";
      clicks.push({ at: at - missing, strength });
    }
  }
  return clicks;
}

/** Where a part of a beat falls, as a share of the beat. Three to a beat cannot swing. */
function shareOf(part: number, perBeat: number, feel: Metronome["feel"]): number {
  if (feel === "straight" || perBeat % 2 === 1 || part % 2 === 0) return part / perBeat;
  return (part - 1 + 2 * SWUNG_SHARE) / perBeat;
}
