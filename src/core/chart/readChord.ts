import {
  noteText,
  parseNote,
  pitchClassOf,
  plainSigns,
  spellPitchClass,
  type Note,
} from "@/core/pitch";
import { failure, success, type Result } from "@/core/result";
import { type Voicing } from "@/core/voicing";
import { freeTones, type Chord } from "./chord";
import { powerChordOf } from "./powerChord";
import { type ChordParts } from "./parts";
import { findQuality } from "./qualities";

/** How a chart's chords are played. */
export interface ChordOptions {
  /** What a power chord, "D5", is played as: [0, 7, 12] is root, fifth and octave. */
  readonly powerChordVoicing: Voicing;
  /** Whether every chord is reduced to that, whatever its quality. */
  readonly allAsPowerChords: boolean;
  /** Other chords sound on at least this many strings, in any doubling. */
  readonly minNotes: number;
}

export const DEFAULT_CHORD_OPTIONS: ChordOptions = {
  powerChordVoicing: [0, 7, 12],
  allAsPowerChords: false,
  minNotes: 4,
};

const ROOT = /^([A-Ga-g](?:#{1,2}|b{1,2})?)(.*)$/;

/** Takes a chord's name apart: "D5", "F#m7", "Bbsus4", "C/G", "G(add9)"; null for anything else. */
export function parseChord(text: string): ChordParts | null {
  const [, rootText = "", rest = ""] = ROOT.exec(plainSigns(text.trim())) ?? [];
  const root = parseNote(rootText);
  const kind = root.ok ? readKind(rest) : null;
  return root.ok && kind ? { root: root.value, ...kind } : null;
}

/** Reads a chord as charts write it: "D5", "F#m7", "Bbsus4", "C/G", "G(add9)". */
export function readChord(
  text: string,
  options: ChordOptions = DEFAULT_CHORD_OPTIONS,
  field = "chord",
): Result<Chord> {
  const parts = parseChord(text);
  const [, rootText = ""] = ROOT.exec(plainSigns(text.trim())) ?? [];
  const onRoot = parseNote(rootText);
  // Reduced to power chords, a chord of any kind is known by its root.
  if (options.allAsPowerChords && onRoot.ok) return success(powerChordOn(onRoot.value, options));
  if (!parts) {
    return failure(
      field,
      `'${text}' is no chord; write a root from A to G and its kind, like D5, F#m7, Gsus4 or C/E`,
    );
  }
  const { root, quality, bass } = parts;
  if (quality.suffix === "5" && bass === null) return success(powerChordOn(root, options));
  if (quality.suffix.startsWith("5"))
    return success(powerChordOf(parts, options.powerChordVoicing));
  const over = bass === null ? null : pitchClassOf(bass) - pitchClassOf(root);
  return success({
    name: `${noteText(root)}${quality.suffix}${bass === null ? "" : `/${noteText(bass)}`}`,
    root,
    tones: freeTones(quality.semitones, Math.max(options.minNotes, 2), over),
  });
}

/** The power chord on a pitch class, for callers that give roots as numbers. */
export function powerChordOnPitchClass(pitchClass: number, options: ChordOptions): Chord {
  return powerChordOn(spellPitchClass(pitchClass), options);
}

function powerChordOn(root: Note, { powerChordVoicing }: ChordOptions): Chord {
  return {
    name: `${noteText(root)}5`,
    root,
    tones: { kind: "voicing", voicing: powerChordVoicing },
  };
}

/** The kind, and the bass after a slash; "6/9" is a kind of its own. */
function readKind(text: string) {
  const whole = findQuality(text);
  if (whole) return { quality: whole, bass: null };
  const slash = text.lastIndexOf("/");
  if (slash < 0) return null;
  const quality = findQuality(text.slice(0, slash));
  const bass = parseNote(text.slice(slash + 1));
  return quality && bass.ok ? { quality, bass: bass.value } : null;
}
