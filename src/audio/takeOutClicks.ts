/** So far from its time a click is looked for, in s: loudspeaker and room are never exact. */
const SEEK_S = 0.012;
/** A place that looks less like the click than this is left alone: something else sounds there. */
const MIN_LIKENESS = 0.5;

/**
 * Sound with a known click taken out wherever it was played: at each time the click is found by its likeness, and as much
 * of it is subtracted as explains the sound best.
 *
 * @param click its samples, at the same rate
 * @param timesS when it is heard, in s from the first sample
 */
export function takeOutClicks(
  samples: Float32Array,
  sampleRate: number,
  click: Float32Array,
  timesS: readonly number[],
): Float32Array<ArrayBuffer> {
  const left = Float32Array.from(samples);
  const seek = Math.round(SEEK_S * sampleRate);
  const power = click.reduce((sum, sample) => sum + sample ** 2, 0);
  for (const timeS of timesS) {
    const about = Math.round(timeS * sampleRate);
    let [best, at, likeness] = [0, about, 0];
    for (let start = about - seek; start <= about + seek; start++) {
      let [dot, own] = [0, 0];
      for (let index = 0; index < click.length; index++) {
        const sample = left[start + index] ?? 0;
        dot += sample * (click[index] ?? 0);
        own += sample ** 2;
      }
      const alike = Math.abs(dot) / Math.sqrt(power * own || 1);
      if (Math.abs(dot) > Math.abs(best)) [best, at, likeness] = [dot, start, alike];
    }
    if (likeness < MIN_LIKENESS) continue;
    const gain = best / power;
    for (let index = 0; index < click.length; index++) {
      const place = at + index;
      if (place >= 0 && place < left.length)
        left[place] = (left[place] ?? 0) - gain * (click[index] ?? 0);
    }
  }
  return left;
}
