import { fingertipMm, type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { type RequestedChord } from "./requestedChord";
import { FREE_WEIGHTS, VOICING_WEIGHTS } from "./fittedPreference";
import { type Tilt } from "./tilt";
import {
  BODY_FRET,
  bySize,
  CHORD_STRINGS,
  FIRST_HIGH_FRET,
  FIRST_LOW_FRET,
  LOW_E,
  MAX_DOUBLED,
  stringsFromBass,
} from "./traits";

/** What is known of a fretting whose thicker strings are chosen; what is open yet can only add to it. */
export interface PreferenceSketch {
  /** The first string that sounds; -1 where that is not settled yet. */
  readonly thickest: number;
  /** Whether that one is open, or may still be. */
  readonly isBassOpen: boolean;
  /** As many strings may sound in the end, and as many different degrees. */
  readonly maxNotes: number;
  readonly maxDegrees: number;
  /** How often root and fifth may sound in the end beyond once each. */
  readonly maxDoubled: number;
  readonly pressed: number;
  /** Of the pressed strings; equal, whatever they are, where none is. */
  readonly lowestFret: number;
  readonly highestFret: number;
  /** No further string can be pressed lower; 0 where that is not known, Infinity where none can be pressed. */
  readonly lowestFretToCome: number;
  /** Open strings so far, and as many as there may be in the end. */
  readonly open: number;
  readonly maxOpen: number;
  /** Silent strings between sounding ones, as far as that is certain. */
  readonly inner: number;
  /** Silent strings past the last that sounds, as far as that is certain. */
  readonly thin: number;
  /** Pitches that repeat another, and strings that sound lower than the thicker one before. */
  readonly same: number;
  readonly falling: number;
  /** The lowest note so far, Infinity without any, and the lowest that may still come. */
  readonly lowest: Midi;
  readonly lowestToCome: Midi;
  /** The lowest note will surely be another than the chord asks for. */
  readonly isBassWrong: boolean;
  /** Whether it may yet be a form that players know, or lie under one bar. */
  readonly mayBeForm: boolean;
  readonly mayBeBar: boolean;
  /** Notes so far on strings that are thicker than the six that chords are laid out over. */
  readonly beyondSix: number;
}

/** Bounds on what players' preference adds. */
export interface PreferenceBounds {
  readonly of: PreferenceBound;
  /** By fret: what pressing it adds at least to the bound of a fretting in which nothing is pressed yet. */
  readonly byFret: readonly number[];
}

/** Effort points that no preference of a fretting so sketched, or of one that grows from it, falls below. */
export type PreferenceBound = (sketch: PreferenceSketch) => number;

const HIGHEST_MIDI: Midi = 127;

/** `reachMm` is the furthest that two pressed strings may lie apart. */
export function makePreferenceBound(
  neck: Neck,
  requested: RequestedChord,
  tilts: readonly Tilt[],
  reachMm: number,
): PreferenceBounds {
  const lowestBeside = lowestFretsBeside(neck, reachMm);
  const strings = Math.min(neck.midi.length, CHORD_STRINGS);
  const ownBound =
    requested.kind === "voicing"
      ? voicingBound(neck.midi.length)
      : freeBound(neck, requested, strings);
  const of: PreferenceBound = (sketch) => {
    const { pressed, highestFret, lowestFretToCome } = sketch;
    const lowestFret =
      pressed === 0
        ? 0
        : Math.min(sketch.lowestFret, Math.max(lowestFretToCome, lowestBeside[highestFret] ?? 0));
    let points = ownBound(sketch, lowestFret);
    for (const tilt of tilts) points += minTilt(tilt, sketch, lowestFret, neck.frets);
    return points;
  };
  return { of, byFret: lowestBeside.map((lowest, fret) => heightPoints(requested, lowest, fret)) };
}

/** What the place on the neck adds by itself; tilts may take it off again and are left out. */
function heightPoints(requested: RequestedChord, lowestFret: number, highestFret: number): number {
  const beyond = Math.max(0, highestFret - BODY_FRET);
  if (requested.kind === "voicing") {
    const { "lowest fret": lowest, "fret beyond the body": body } = VOICING_WEIGHTS;
    return lowest * lowestFret + body * beyond;
  }
  const w = FREE_WEIGHTS;
  const min = Math.min(
    w["lowest fret"] * lowestFret + w["highest fret"] * highestFret,
    w[bySize("fret of a form", requested)] * lowestFret,
    w["fret of one bar"] * lowestFret,
  );
  return min + w["fret beyond the body"] * beyond;
}

function voicingBound(strings: number) {
  const w = VOICING_WEIGHTS;
  return (sketch: PreferenceSketch, lowestFret: number): number => {
    const { thickest, highestFret, open, inner, falling } = sketch;
    return (
      w["lowest fret"] * lowestFret +
      w["fret beyond the body"] * Math.max(0, highestFret - BODY_FRET) +
      w["string thinner than the thickest"] * Math.max(0, thickest) +
      w["string from the bass strings"] * (thickest < 0 ? 0 : stringsFromBass(strings, thickest)) +
      w["silent string between"] * inner +
      w["tone on a thicker string"] * falling +
      open *
        (w["open string past low frets"] * Math.max(0, lowestFret - FIRST_LOW_FRET) +
          w["open string past the first frets"] * Math.max(0, highestFret - FIRST_HIGH_FRET)) +
      w["fret of span past three"] * Math.max(0, spanOf(sketch) - 3)
    );
  };
}

function freeBound(neck: Neck, requested: RequestedChord, strings: number) {
  const w = FREE_WEIGHTS;
  const { isTriad } = requested;
  const noForm = w[bySize("no form", requested)];
  const formFret = w[bySize("fret of a form", requested)];
  const silentBetween = w[bySize("silent string between", requested)];
  const thinnestSilent = w[bySize("thinnest string silent", requested)];
  const furtherSilent = w[bySize("further thin string silent", requested)];

  /** What silent strings add to a grip that is no form of a chord from sevenths up. */
  const thinPoints = (thin: number) => (thin > 0 ? thinnestSilent + furtherSilent * (thin - 1) : 0);
  const innerPoints = ({ inner, open }: PreferenceSketch) =>
    inner === 0
      ? 0
      : silentBetween * inner + (open > 0 ? w["silent string between, beside open ones"] : 0);
  const pastPoints = (sketch: PreferenceSketch, lowestFret: number) => {
    if (sketch.open === 0) return 0;
    const low = Math.max(0, lowestFret - FIRST_LOW_FRET);
    return (
      sketch.open * w["open string past low frets"] * low +
      sketch.open *
        w["open string past the first frets"] *
        Math.max(0, sketch.highestFret - FIRST_HIGH_FRET) +
      (sketch.isBassOpen ? w["open bass past low frets"] * low : 0)
    );
  };

  /** The least of what a known form, one bar and any other grip add, as far as each is possible. */
  const shapePoints = (sketch: PreferenceSketch, lowestFret: number): number => {
    const { highestFret, inner, thin } = sketch;
    const unknown = innerPoints(sketch) + thinPoints(thin);
    let min =
      noForm +
      w["lowest fret"] * lowestFret +
      w["highest fret"] * highestFret +
      unknown +
      pastPoints(sketch, lowestFret);
    if (sketch.isBassWrong || requested.bass !== requested.root) return min;
    if (sketch.mayBeBar) min = Math.min(min, w["fret of one bar"] * lowestFret + unknown);
    if (sketch.mayBeForm) {
      const silent = isTriad ? thinPoints(thin) : w["string silent in a form"] * (inner + thin);
      min = Math.min(min, formFret * lowestFret + silent);
    }
    return min;
  };

  return (sketch: PreferenceSketch, lowestFret: number): number => {
    const { thickest, highestFret, open, same, falling } = sketch;
    let points =
      shapePoints(sketch, lowestFret) +
      w["note beyond six strings"] * sketch.beyondSix +
      w["fret beyond the body"] * Math.max(0, highestFret - BODY_FRET) +
      w["pitch sounds twice"] * same +
      w["tone on a thicker string"] * falling +
      w["degree left out"] * Math.max(0, requested.degrees - sketch.maxDegrees);
    if (isTriad) {
      const doubled = Math.min(MAX_DOUBLED, sketch.maxDoubled);
      points += w["root or fifth not doubled"] * (MAX_DOUBLED - doubled);
      if (sketch.maxDoubled < 1) points += w["fifth not doubled"];
      if (sketch.maxNotes < strings) points += w["not all strings sound"];
      if (sketch.maxNotes < strings - 1) points += w["two strings or more silent"];
    }
    if (open > 0) points += w["open strings at all"];
    if (thickest >= 0) {
      const bassString = neck.midi.length - thickest;
      const isTooThin = bassString < strings - 1;
      if (isTooThin || sketch.isBassWrong) points += w["no root on a bass string"];
      if (!sketch.isBassOpen || sketch.isBassWrong) points += w["no open root in the bass"];
      if (bassString >= strings) points += w["bass on the thickest string"];
      if (sketch.isBassWrong) {
        points += Math.min(
          w["bass is another tone"],
          w["fifth in the bass"] +
            (bassString < strings ? w["fifth in the bass over a silent string"] : 0),
        );
      }
    }
    const span = spanOf(sketch);
    if (span > 2) points += w["three frets or more apart"];
    if (span > 3) {
      points += w["four frets or more apart"] + w["fret of span past three"] * (span - 3);
    }
    return points;
  };
}

function spanOf({ pressed, lowestFret, highestFret }: PreferenceSketch): number {
  return pressed > 1 ? highestFret - lowestFret : 0;
}

function lowestEver({ lowest, lowestToCome }: PreferenceSketch): Midi {
  return Math.min(lowest, lowestToCome, HIGHEST_MIDI);
}

/** What a tilt adds at least, or takes off at most. */
function minTilt(
  { perOpenString = 0, perSemitone = 0, perFret = 0 }: Tilt,
  sketch: PreferenceSketch,
  lowestFret: number,
  frets: number,
): number {
  const open = perOpenString < 0 ? sketch.maxOpen : sketch.open;
  const lowest = perSemitone < 0 ? Math.min(sketch.lowest, HIGHEST_MIDI) : lowestEver(sketch);
  const fret = perFret < 0 ? (sketch.pressed > 0 ? sketch.lowestFret : frets) : lowestFret;
  return (
    perOpenString * open + (perSemitone === 0 ? 0 : perSemitone * (lowest - LOW_E)) + perFret * fret
  );
}

/** What no preference falls below on a neck whose strings are tuned to `lowest` or higher. */
export function minPreference(
  tilts: readonly Tilt[],
  {
    lowest,
    strings,
    frets,
  }: { readonly lowest: Midi; readonly strings: number; readonly frets: number },
): number {
  return tilts.reduce((sum, { perOpenString = 0, perSemitone = 0, perFret = 0 }) => {
    const from = perSemitone < 0 ? HIGHEST_MIDI : lowest;
    const ringing = Math.min(0, perOpenString) * strings;
    return sum + ringing + perSemitone * (from - LOW_E) + Math.min(0, perFret) * frets;
  }, 0);
}

/** By the highest fret of a fretting: the lowest that any other string may be pressed at. */
function lowestFretsBeside(neck: Neck, reachMm: number): readonly number[] {
  const strings = neck.midi.map((_, string) => string);
  return Array.from({ length: neck.frets + 1 }, (_, highest) => {
    if (highest === 0) return 0;
    const nearestMm = Math.min(...strings.map((string) => fingertipMm(neck, string, highest)));
    for (let fret = 1; fret < highest; fret++) {
      const furthestMm = Math.max(...strings.map((string) => fingertipMm(neck, string, fret)));
      if (nearestMm - furthestMm <= reachMm) return fret;
    }
    return highest;
  });
}
