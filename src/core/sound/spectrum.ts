/** One sine wave of a sound. Amplitudes are relative to the others of the same sound. */
export interface Partial {
  readonly hz: number;
  readonly amplitude: number;
}

/** Where a pick meets the string, as a share of its length: partials with a node there are missing. */
const PLUCK_SHARE = 1 / 7;
const MAX_PARTIALS = 20;
/** A guitar loudspeaker passes little above this, in Hz (common practice). */
export const SPEAKER_TOP_HZ = 5000;

/**
 * A plucked string's partials at the pickup: the ideal string's sin(n pi p) / n^2 (Fletcher and
 * Rossing, The Physics of Musical Instruments, from memory), times n because a pickup answers to
 * speed. Stiffness and decay are left out.
 */
export function pluckedPartials(fundamentalHz: number): readonly Partial[] {
  const partials: Partial[] = [];
  for (let n = 1; n <= MAX_PARTIALS && n * fundamentalHz <= SPEAKER_TOP_HZ; n++) {
    const amplitude = Math.abs(Math.sin(n * Math.PI * PLUCK_SHARE)) / n;
    partials.push({ hz: n * fundamentalHz, amplitude });
  }
  return partials;
}

/** The same sound at unit power, so that sounds of any number of notes can be compared. */
export function atUnitPower(partials: readonly Partial[]): readonly Partial[] {
  const power = partials.reduce((sum, { amplitude }) => sum + amplitude * amplitude, 0);
  const scale = power > 0 ? 1 / Math.sqrt(power) : 0;
  return partials.map(({ hz, amplitude }) => ({ hz, amplitude: amplitude * scale }));
}
