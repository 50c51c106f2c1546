import { soundingMidi, tonesOverRoot, type Fretting } from "@/core/fretting";
import {
  DEFAULT_HAND,
  gradeReach,
  rankFingers,
  type Fingering,
  type Player,
  type Reach,
} from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClass, pitchClassOf, type Accidentals, type Midi, type Note } from "@/core/pitch";
import { findChord, nameChord, type Voicing } from "@/core/voicing";

/** What a shape on the neck is: its notes, its name, its fingerings, and what is one note away. */
export interface ShapeReading {
  readonly fretting: Fretting;
  /** Sounding pitches, thickest string first; never empty. */
  readonly midi: readonly Midi[];
  /** The chord's name, or its notes where it has none. */
  readonly name: string;
  /** The name by sound, where the player names chords by shape; otherwise the same. */
  readonly sounding: string;
  readonly isNamed: boolean;
  /** The root as the player names it; degrees in a drawing are spelled from it. */
  readonly root: Note;
  /** The lowest note, where it is not the root. */
  readonly bass: Midi | null;
  /** Per string, semitones over the lowest sounding root; null where not played. */
  readonly tones: readonly (number | null)[];
  /** The same as a voicing, lowest first. */
  readonly voicing: Voicing;
  /** Every way to finger it, easiest first; empty where this hand cannot hold it. */
  readonly fingerings: readonly Fingering[];
  /** How far it would reach, if reach is the only problem; null where no assignment of fingers works. */
  readonly beyond: Reach | null;
  readonly steps: readonly ShapeStep[];
}

/** What one note more or less makes of a shape. */
export interface ShapeStep {
  readonly kind: "more" | "less";
  readonly string: number;
  /** The fret that is added, or left out. */
  readonly fret: number;
  readonly fretting: Fretting;
  readonly name: string;
}

/** How a player names chords. */
export interface Calling {
  readonly accidentals?: Accidentals | undefined;
  /** Semitones from the name to what sounds: -2 where drop C is called as drop D; 0 by default. */
  readonly shift?: number | undefined;
}

/** Reads a shape that fits the neck; null where nothing sounds. */
export function readShape(
  neck: Neck,
  fretting: Fretting,
  player: Player = {},
  calling: Calling = {},
): ShapeReading | null {
  const midi = soundingMidi(neck, fretting);
  if (midi.length === 0) return null;
  const { accidentals, shift = 0 } = calling;
  const called = midi.map((pitch) => pitch - shift);
  const named = findChord(called, undefined, accidentals);
  const { name, root, kind } = named ?? nameChord(called);
  const rootClass = pitchClass(pitchClassOf(root) + shift);
  const tones = tonesOverRoot(neck, fretting, rootClass);
  const lowest = Math.min(...midi);
  const fingerings = rankFingers(neck, fretting, player);
  const [far] = fingerings.length > 0 ? [] : rankFingers(neck, fretting, player, "any");
  const { hand = DEFAULT_HAND } = player;
  return {
    fretting,
    midi,
    name,
    sounding:
      shift === 0 ? name : (findChord(midi, undefined, accidentals) ?? nameChord(midi)).name,
    isNamed: kind !== "notes",
    root,
    bass: pitchClass(lowest) === rootClass ? null : lowest,
    tones,
    voicing: tones.filter((tone) => tone !== null).sort((a, b) => a - b),
    fingerings,
    beyond: far ? gradeReach(neck, fretting, far.presses, hand) : null,
    steps: [
      ...lessSteps(neck, fretting, name, calling),
      ...moreSteps(neck, fretting, name, player, calling),
    ],
  };
}

/** Every other chord that is left when one string falls silent. */
function lessSteps(
  neck: Neck,
  fretting: Fretting,
  name: string,
  calling: Calling,
): readonly ShapeStep[] {
  const steps = new Map<string, ShapeStep>();
  for (const [string, fret] of fretting.entries()) {
    if (fret === null) continue;
    const less = fretting.with(string, null);
    const left = nameOf(neck, less, calling);
    if (left === null || left === name || steps.has(left)) continue;
    steps.set(left, { kind: "less", string, fret, fretting: less, name: left });
  }
  return [...steps.values()];
}

/** Every other chord that one more string makes, each where it is easiest; what cannot be held is left out. */
function moreSteps(
  neck: Neck,
  fretting: Fretting,
  name: string,
  player: Player,
  calling: Calling,
): readonly ShapeStep[] {
  const steps = new Map<string, ShapeStep & { readonly effort: number }>();
  for (const [string, played] of fretting.entries()) {
    if (played !== null) continue;
    for (let fret = 0; fret <= neck.frets; fret++) {
      const more = fretting.with(string, fret);
      const made = nameOf(neck, more, calling);
      if (made === null || made === name) continue;
      const effort = rankFingers(neck, more, player)[0]?.effort ?? Infinity;
      if (effort >= (steps.get(made)?.effort ?? Infinity)) continue;
      steps.set(made, { kind: "more", string, fret, fretting: more, name: made, effort });
    }
  }
  return [...steps.values()].sort((a, b) => a.effort - b.effort);
}

/** A chord's name; null for single notes and for what has none. */
function nameOf(
  neck: Neck,
  fretting: Fretting,
  { accidentals, shift = 0 }: Calling,
): string | null {
  const called = soundingMidi(neck, fretting).map((midi) => midi - shift);
  return called.length > 1 ? (findChord(called, undefined, accidentals)?.name ?? null) : null;
}
