import { A4_HZ, frequencyHz, type Midi } from "@/core/pitch";
import { roughness } from "./roughness";
import { atUnitPower, pluckedPartials } from "./spectrum";

/** A pair is asked for with every grip that is weighed; MIDI numbers stay below this. */
const MAX_MIDI = 160;
const known = new Float64Array(MAX_MIDI * MAX_MIDI).fill(-1);

/** The plain fifth on the lowest string of standard tuning. */
const PLAIN_FIFTH = [40, 47] as const;

/**
 * Sensory roughness of two clean plucked notes at unit power, as a multiple of the plain fifth E2 B2,
 * at A4 = 440 Hz. Summed over its pairs it stands for a grip's where thousands are weighed: what a
 * clipper adds between three notes and more is left to `describeSound`.
 */
export function pairRoughness(a: Midi, b: Midi): number {
  const [low, high] = a < b ? [a, b] : [b, a];
  const place = low * MAX_MIDI + high;
  const found = known[place];
  if (found !== undefined && found >= 0) return found;
  const ratio = measure(low, high) / measure(...PLAIN_FIFTH);
  known[place] = ratio;
  return ratio;
}

function measure(low: Midi, high: Midi): number {
  const notes = [low, high].flatMap((midi) => pluckedPartials(frequencyHz(midi, A4_HZ)));
  return roughness(atUnitPower(notes));
}
