import { findQuality } from "@/core/chart";
import {
  noteText,
  pitchClass,
  SEMITONES_PER_OCTAVE,
  spellDegree,
  spellPitchClass,
  type Midi,
  type PitchClass,
} from "@/core/pitch";

/** A note without a string; times in quarters. */
export interface DetectedNote {
  readonly start: number;
  readonly beats: number;
  readonly midi: Midi;
}

/** A chord that notes say, and how sure it is: the share of what sounds that belongs to it, less where its root is not lowest. */
interface DetectedChord {
  readonly name: string;
  readonly start: number;
  readonly beats: number;
  /** 0 to 1. */
  readonly sure: number;
}

/** Kinds of chords that are looked for; with more tones a kind must explain more to be taken. */
const KINDS = [
  "5 . m sus4 sus2 dim aug 5(b5)",
  "7 m7 maj7 6 m6 7sus4 m7(b5) dim7 (add9) m(add9) m(maj7)",
  "9 m9 maj9",
]
  .join(" ")
  .split(" ")
  .flatMap((suffix) => {
    const quality = findQuality(suffix === "." ? "" : suffix);
    return quality ? [quality] : [];
  })
  .map(({ suffix, semitones }) => {
    const tones = semitones.map(pitchClass);
    // A perfect fifth goes without saying in chords of four notes and more (common practice).
    const required = tones.length > 3 ? tones.filter((tone) => tone !== 7) : tones;
    return { suffix, tones, required };
  });

/** Judgements, tuned on the worked examples of the tests. */
const OUTSIDE_COST = 1.5;
const TONE_COST = 0.08;
const ROOT_LOWEST = 0.15;
const CHORD_COST = 0.3;
/** Two sets of notes struck one after the other, neither part of the other, are hardly one chord. */
const MIXED_COST = 0.3;
const MIN_FIT = 0.55;
const NOT_ROOT_SURE = 0.9;
/** Strums may leave a gap of so many quarters and be one chord. */
const LONGEST_GAP = 0.5;
const MAX_SLICES = 96;
const ROUNDING = 1e-6;

/** A stretch in which the same notes sound. */
interface Slice {
  readonly start: number;
  readonly end: number;
  readonly weights: readonly number[];
  readonly lowest: Midi;
}

interface Reading {
  readonly root: PitchClass;
  readonly suffix: string;
  readonly bass: PitchClass;
  readonly score: number;
  readonly sure: number;
}

/**
 * The chords of a bar: every stretch in which its notes say one, block chords as well as broken ones. Single notes and what is
 * no chord are left silent.
 */
export function detectChords(
  notes: readonly DetectedNote[],
  beats: number,
): readonly DetectedChord[] {
  const slices = slicesOf(notes, beats);
  // best[k]: the most that the first k slices explain, and where the last stretch begins.
  const best: { score: number; from: number; reading: Reading | null }[] = [
    { score: 0, from: 0, reading: null },
  ];
  for (let end = 1; end <= slices.length; end++) {
    let max = { score: best[end - 1]?.score ?? 0, from: end - 1, reading: null as Reading | null };
    let stretch = NOTHING;
    for (let from = end - 1; from >= 0; from--) {
      const first = slices[from];
      if (!first || (isSilent(first) && first.end - first.start > LONGEST_GAP)) break;
      stretch = longer(stretch, first);
      if (isSilent(first) || isSilent(slices[end - 1])) continue;
      const reading = readingOf(stretch);
      const score = (best[from]?.score ?? 0) + (reading?.score ?? -Infinity);
      if (reading && score > max.score + ROUNDING) max = { score, from, reading };
    }
    best.push(max);
  }
  const found: DetectedChord[] = [];
  for (let end = slices.length; end > 0;) {
    const { from = 0, reading = null } = best[end] ?? {};
    const [first, last] = [slices[from], slices[end - 1]];
    if (reading && first && last) {
      const { start } = first;
      found.push({ name: nameOf(reading), start, beats: last.end - start, sure: reading.sure });
    }
    end = from;
  }
  return joined(found.reverse());
}

function slicesOf(notes: readonly DetectedNote[], beats: number): readonly Slice[] {
  const within = notes
    .map(({ start, beats: length, midi }) => ({
      start: Math.max(0, start),
      end: Math.min(beats, start + length),
      midi,
    }))
    .filter(({ start, end }) => end > start + ROUNDING);
  const edges = within.flatMap(({ start, end }) => [start, end]).sort((a, b) => a - b);
  const distinct = edges.filter((edge, at) => at === 0 || edge > (edges[at - 1] ?? 0) + ROUNDING);
  return distinct
    .slice(0, -1)
    .slice(0, MAX_SLICES)
    .map((start, at) => {
      const end = distinct[at + 1] ?? start;
      const sounding = within.filter(
        (note) => note.start < end - ROUNDING && note.end > start + ROUNDING,
      );
      const weights = Array.from({ length: SEMITONES_PER_OCTAVE }, () => 0);
      for (const { midi } of sounding) {
        const tone = pitchClass(midi);
        weights[tone] = (weights[tone] ?? 0) + end - start;
      }
      return { start, end, weights, lowest: Math.min(...sounding.map(({ midi }) => midi)) };
    });
}

function isSilent(slice: Slice | undefined): boolean {
  return slice?.lowest === Infinity;
}

/** What sounds in some slices together. */
interface Stretch {
  readonly weights: readonly number[];
  readonly lowest: Midi;
  /** For how long anything does. */
  readonly sounding: number;
  /** The largest set of notes that sounded together, as bits. */
  readonly largest: number;
  /** Whether another set did that is no part of it. */
  readonly isMixed: boolean;
}

const NOTHING: Stretch = {
  weights: Array.from({ length: SEMITONES_PER_OCTAVE }, () => 0),
  lowest: Infinity,
  sounding: 0,
  largest: 0,
  isMixed: false,
};

function longer(stretch: Stretch, slice: Slice): Stretch {
  const { weights, lowest, sounding, largest, isMixed } = stretch;
  const own = slice.weights.reduce(
    (bits, weight, tone) => (weight > 0 ? bits | (1 << tone) : bits),
    0,
  );
  const isPart = (own & ~largest) === 0;
  const isWhole = (largest & ~own) === 0;
  // Single notes mix with anything: they are how chords are broken.
  const isSet = (own & (own - 1)) !== 0;
  return {
    largest: isSet && isWhole ? own : largest,
    isMixed: isMixed || (isSet && !isPart && !isWhole),
    weights: weights.map((weight, tone) => weight + (slice.weights[tone] ?? 0)),
    lowest: Math.min(lowest, slice.lowest),
    sounding: sounding + (isSilent(slice) ? 0 : slice.end - slice.start),
  };
}

/** The chord that explains a stretch best; null where none does. */
function readingOf({ weights, lowest, sounding, isMixed }: Stretch): Reading | null {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const present = weights.filter((weight) => weight > 0).length;
  if (present < 2) return null;
  const bass = pitchClass(lowest);
  let best: Reading | null = null;
  for (let root = 0; root < SEMITONES_PER_OCTAVE; root++) {
    if (!weights[root]) continue;
    for (const { suffix, tones, required } of KINDS) {
      if (!required.every((tone) => weights[(root + tone) % SEMITONES_PER_OCTAVE])) continue;
      const inside = tones.reduce(
        (sum, tone) => sum + (weights[(root + tone) % SEMITONES_PER_OCTAVE] ?? 0),
        0,
      );
      const share = inside / total;
      const isLowest = bass === root;
      const fit =
        share -
        OUTSIDE_COST * (1 - share) -
        TONE_COST * (tones.length - 2) -
        (isMixed ? MIXED_COST : 0) +
        (isLowest ? ROOT_LOWEST : 0);
      const score = sounding * fit - CHORD_COST;
      if (fit < MIN_FIT || score <= (best?.score ?? -Infinity) + ROUNDING) continue;
      const sure = Math.round(100 * share * (isLowest ? 1 : NOT_ROOT_SURE)) / 100;
      const isInChord = tones.includes(pitchClass(bass - root));
      best = { root, suffix, bass: isInChord ? bass : root, score, sure };
    }
  }
  return best;
}

function nameOf({ root, suffix, bass }: Reading): string {
  const note = spellPitchClass(root);
  const under = bass === root ? "" : `/${noteText(spellDegree(note, bass - root))}`;
  return `${noteText(note)}${suffix}${under}`;
}

/** Chords that follow one another after no more than a strum's gap; a chord lasts until the next is struck. */
function joined(chords: readonly DetectedChord[]): readonly DetectedChord[] {
  return chords.map((chord, at) => {
    const next = chords[at + 1];
    const gap = next ? next.start - chord.start - chord.beats : Infinity;
    return gap <= LONGEST_GAP / 2 ? { ...chord, beats: chord.beats + gap } : chord;
  });
}
