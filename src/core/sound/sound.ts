import { A4_HZ, frequencyHz, type Midi } from "@/core/pitch";
import { DEFAULT_CABINET_HZ, DEFAULT_DRIVE, throughGain } from "./gain";
import { impliedNote, type ImpliedNote } from "./impliedNote";
import { beatsOf, type Beat } from "./intervals";
import { roughness } from "./roughness";
import { atUnitPower, pluckedPartials } from "./spectrum";

export interface SoundOptions {
  readonly a4Hz?: number | undefined;
  readonly drive?: number | undefined;
  readonly cabinetHz?: number | undefined;
}

/** How a grip sounds, computed from its pitches. */
export interface Sound {
  readonly register: Register;
  /** The low note that the sounding ones point to; null where they point to none. */
  readonly implied: ImpliedNote | null;
  /** Every two notes near a simple ratio, from the low ones up. */
  readonly beats: readonly Beat[];
  /** Sensory roughness at equal power, as a multiple of the plain fifth E2 B2 heard the same way. */
  readonly roughness: { readonly clean: number; readonly gain: number };
  readonly weight: SoundScore<WeightPart>;
  readonly clarity: SoundScore<ClarityPart>;
}

interface Register {
  readonly lowest: Midi;
  readonly highest: Midi;
  readonly lowestHz: number;
  readonly highestHz: number;
  /** Sounding fundamentals that the cabinet hardly passes. */
  readonly underCabinet: readonly Midi[];
}

/** Sensory roughness at unit power at one setting of the gain, beside the plain fifth E2 B2. */
export interface RoughnessAtDrive {
  readonly drive: number;
  readonly roughness: number;
  readonly fifth: number;
}

/** A figure and what it is the sum of, in points. */
interface SoundScore<Part extends string> {
  readonly points: number;
  readonly parts: Readonly<Record<Part, number>>;
}

export type WeightPart = "lowest note" | "implied note" | "notes";
export type ClarityPart = "start" | "clean" | "gain" | "beating";

/** Weight, in points (judgements): per octave of the lowest note below A3. */
const LOW_PER_OCTAVE = 12;
const LOW_FROM_HZ = 220;
/** Per octave that the implied note lies below the lowest sounding one; nothing below hearing. */
const IMPLIED_PER_OCTAVE = 8;
/** Per further note. */
const PER_NOTE = 3;

/** Clarity, in points (judgements): what a sound without any roughness has. */
const CLEAR = 100;
/** Off per doubling of 1 + roughness, clean and under gain. */
const CLEAN_PER_DOUBLING = 8;
const GAIN_PER_DOUBLING = 16;
/** Off per Hz of beating between difference tones; more than `FASTEST_BEAT_HZ` is heard as roughness. */
const PER_BEAT_HZ = 2;
const FASTEST_BEAT_HZ = 8;

/** The plain fifth on the lowest string of standard tuning. */
const PLAIN_FIFTH: readonly Midi[] = [40, 47];

/** How pitches sound together; null where nothing sounds. */
export function describeSound(pitches: readonly Midi[], options: SoundOptions = {}): Sound | null {
  const { a4Hz = A4_HZ, cabinetHz = DEFAULT_CABINET_HZ } = options;
  const sorted = [...pitches].sort((a, b) => a - b);
  const lowest = sorted[0];
  const highest = sorted.at(-1);
  if (lowest === undefined || highest === undefined) return null;
  const implied = impliedNote(sorted, a4Hz, cabinetHz);
  const ratios = roughnessRatios(sorted, options);
  return {
    register: {
      lowest,
      highest,
      lowestHz: frequencyHz(lowest, a4Hz),
      highestHz: frequencyHz(highest, a4Hz),
      underCabinet: sorted.filter((midi) => frequencyHz(midi, a4Hz) < cabinetHz),
    },
    implied,
    beats: beatsOf(sorted, a4Hz),
    roughness: ratios,
    weight: weigh(frequencyHz(lowest, a4Hz), implied, sorted.length),
    clarity: clear(ratios, implied),
  };
}

/** Roughness clean and under gain, each over that of the plain fifth heard the same way. */
function roughnessRatios(pitches: readonly Midi[], options: SoundOptions): Sound["roughness"] {
  const heard = measureRoughness(pitches, options);
  const fifth = measureRoughness(PLAIN_FIFTH, options);
  return { clean: heard.clean / fifth.clean, gain: heard.gain / fifth.gain };
}

/** Roughness as the gain goes up, beside that of the plain fifth at the same gain. */
export function roughnessByDrive(
  pitches: readonly Midi[],
  drives: readonly number[],
  options: SoundOptions = {},
): readonly RoughnessAtDrive[] {
  return drives.map((drive) => {
    const at = { ...options, drive };
    const heard = measureRoughness(pitches, at).gain;
    return { drive, roughness: heard, fifth: measureRoughness(PLAIN_FIFTH, at).gain };
  });
}

/** Many grips share their pitches, and all are compared with the plain fifth. */
const measured = new Map<string, Sound["roughness"]>();
const MAX_MEASURED = 2000;

/** Sensory roughness at unit power, clean and under gain. */
export function measureRoughness(
  pitches: readonly Midi[],
  { a4Hz = A4_HZ, drive = DEFAULT_DRIVE, cabinetHz = DEFAULT_CABINET_HZ }: SoundOptions = {},
): Sound["roughness"] {
  const key = [a4Hz, drive, cabinetHz, ...pitches].join();
  const known = measured.get(key);
  if (known) return known;
  const notes = pitches.map((midi) => pluckedPartials(frequencyHz(midi, a4Hz)));
  const found = {
    clean: roughness(atUnitPower(notes.flat())),
    gain: roughness(atUnitPower(throughGain(notes, { drive, cabinetHz }))),
  };
  if (measured.size >= MAX_MEASURED) measured.clear();
  measured.set(key, found);
  return found;
}

function weigh(
  lowestHz: number,
  implied: ImpliedNote | null,
  notes: number,
): SoundScore<WeightPart> {
  const isHeard = implied && implied.audibility !== "below hearing";
  return score({
    "lowest note": LOW_PER_OCTAVE * Math.max(0, Math.log2(LOW_FROM_HZ / lowestHz)),
    "implied note": isHeard ? IMPLIED_PER_OCTAVE * Math.log2(lowestHz / implied.hz) : 0,
    notes: PER_NOTE * (notes - 1),
  });
}

function clear(
  { clean, gain }: Sound["roughness"],
  implied: ImpliedNote | null,
): SoundScore<ClarityPart> {
  return score({
    start: CLEAR,
    clean: -CLEAN_PER_DOUBLING * Math.log2(1 + clean),
    gain: -GAIN_PER_DOUBLING * Math.log2(1 + gain),
    beating: -PER_BEAT_HZ * Math.min(implied?.beatHz ?? 0, FASTEST_BEAT_HZ),
  });
}

function score<Part extends string>(parts: Readonly<Record<Part, number>>): SoundScore<Part> {
  const points = Object.values<number>(parts).reduce((sum, part) => sum + part, 0);
  return { points, parts };
}
