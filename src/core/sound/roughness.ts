import { type Partial } from "./spectrum";

// The inner loop runs some hundred thousand times; a local name avoids a global lookup.
const { exp } = Math;

/** Constants of Sethares' fit to Plomp and Levelt's curves (from memory). */
const SLOW_DECAY = 3.51;
const FAST_DECAY = 5.75;
const PEAK = 0.24;
const BAND_PER_HZ = 0.0207;
const BAND_HZ = 18.96;
/** Beyond this scaled difference two partials no longer rub: exp(-3.51 * 2) is under 1e-3. */
const FAR_APART = 2;

/**
 * Sensory roughness of a sound: over all pairs of partials, Plomp and Levelt's dissonance curve in
 * the form of Sethares, "Local consonance and the relationship between timbre and scale", J.
 * Acoust. Soc. Am. 94(3), 1993. As there, the amplitudes multiply; so it grows with power, and
 * sounds are compared at unit power. No unit.
 */
export function roughness(partials: readonly Partial[]): number {
  const sorted = [...partials].sort((a, b) => a.hz - b.hz);
  let sum = 0;
  for (let low = 0; low < sorted.length; low++) {
    const lower = sorted[low];
    if (!lower) break;
    const scale = PEAK / (BAND_PER_HZ * lower.hz + BAND_HZ);
    for (let high = low + 1; high < sorted.length; high++) {
      const higher = sorted[high];
      if (!higher) break;
      const apart = scale * (higher.hz - lower.hz);
      if (apart > FAR_APART) break;
      const rub = exp(-SLOW_DECAY * apart) - exp(-FAST_DECAY * apart);
      sum += lower.amplitude * higher.amplitude * rub;
    }
  }
  return sum;
}
