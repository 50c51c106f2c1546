import { transform, type Complex } from "./fourier";
import { SPEAKER_TOP_HZ, type Partial } from "./spectrum";

/** How hard the clipper is driven by one string alone: 1 barely, 10 a high-gain amplifier (judgement). */
export const DEFAULT_DRIVE = 10;
/** A guitar cabinet passes little below this, in Hz (common practice; adjustable). */
export const DEFAULT_CABINET_HZ = 75;

const SAMPLE_HZ = 16_384;
/** Four seconds: pitches are rounded to a quarter Hz, so that every partial fills one bin exactly. */
const SAMPLES = 65_536;
const BIN_HZ = SAMPLE_HZ / SAMPLES;
/** Partials within one Hz count as one of their power: slower beats swell, they do not rub. */
const MERGED_BINS = 4;
/** Partials more than 50 dB under the strongest are left out. */
const FLOOR = 3e-3;
/** The fractional golden ratio spreads the phases, as strings struck together are spread. */
const PHASE_STEP = 0.6180339887498949;

interface GainOptions {
  readonly drive?: number | undefined;
  readonly cabinetHz?: number | undefined;
}

/**
 * What comes out of a gained-up amplifier and its cabinet: the notes are summed, put through a soft
 * clipper, tanh(drive x), and only then taken apart again, so that intermodulation between the
 * notes is really there. Each note is a list of partials, its fundamental first; a struck string
 * has about unit amplitude.
 */
export function throughGain(
  notes: readonly (readonly Partial[])[],
  { drive = DEFAULT_DRIVE, cabinetHz = DEFAULT_CABINET_HZ }: GainOptions = {},
): readonly Partial[] {
  const signal = synthesise(notes);
  for (let n = 0; n < SAMPLES; n++) {
    signal.re[n] = Math.tanh(drive * (signal.re[n] as number));
    signal.im[n] = 0;
  }
  transform(signal);
  return peaksOf(signal, cabinetHz);
}

/** The sum of the notes as a periodic signal of four seconds. */
function synthesise(notes: readonly (readonly Partial[])[]): Complex {
  const spectrum: Complex = { re: new Float64Array(SAMPLES), im: new Float64Array(SAMPLES) };
  let count = 0;
  for (const partials of notes) {
    const fundamentalHz = partials[0]?.hz ?? 0;
    const bin = Math.round(fundamentalHz / BIN_HZ);
    for (const { hz, amplitude } of partials) {
      const phase = 2 * Math.PI * ((PHASE_STEP * count++) % 1);
      const at = bin * Math.round(hz / fundamentalHz);
      spectrum.re[at] = (spectrum.re[at] as number) + amplitude * Math.cos(phase);
      spectrum.im[at] = (spectrum.im[at] as number) + amplitude * Math.sin(phase);
    }
  }
  // One-sided, so the real part of the transform is the signal (run backwards, which sounds the same).
  transform(spectrum);
  return spectrum;
}

function peaksOf({ re, im }: Complex, cabinetHz: number): readonly Partial[] {
  const found: Partial[] = [];
  for (let first = 1; first * BIN_HZ <= SPEAKER_TOP_HZ; first += MERGED_BINS) {
    let power = 0;
    let moment = 0;
    for (let bin = first; bin < first + MERGED_BINS; bin++) {
      const passed = (re[bin] as number) ** 2 + (im[bin] as number) ** 2;
      power += passed;
      moment += passed * bin;
    }
    if (power === 0) continue;
    const hz = (BIN_HZ * moment) / power;
    found.push({ hz, amplitude: Math.sqrt(power) * highPass(hz, cabinetHz) });
  }
  const strongest = found.reduce((max, { amplitude }) => Math.max(max, amplitude), 0);
  return found.filter(({ amplitude }) => amplitude > FLOOR * strongest);
}

/** A second-order Butterworth high-pass: what is left of an amplitude at a frequency. */
function highPass(hz: number, cornerHz: number): number {
  const share = (hz / cornerHz) ** 2;
  return share / Math.sqrt(1 + share * share);
}
