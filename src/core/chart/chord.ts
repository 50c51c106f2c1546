import { pitchClass, pitchClassOf, type Midi, type Note } from "@/core/pitch";
import {
  degreesOf,
  nameChord,
  requiredDegrees,
  type Voicing,
  type ChordForm,
} from "@/core/voicing";

/** A chord of a chart, with what may be played for it. */
export interface Chord {
  /** As a chart writes it: "D5", "F#m7", "C/B". */
  readonly name: string;
  readonly root: Note;
  readonly tones: ChordTones;
}

export type ChordTones =
  /** A voicing as it stands, on a root in any octave. */
  | { readonly kind: "voicing"; readonly voicing: Voicing }
  /** Any doubling of some degrees; all numbers are semitones over the root, 0 to 11. */
  | {
      readonly kind: "free";
      readonly allowed: readonly number[];
      readonly required: readonly number[];
      /** The degree that must be the lowest note; null where any may be. */
      readonly bass: number | null;
      /** The bass is no tone of the chord: it sounds once, at the bottom. */
      readonly bassIsForeign: boolean;
      readonly minNotes: number;
    };

/** A placeholder in a list of chords where the notes of a riff are played; only its name means anything. */
export function riffChord(name: string): Chord {
  return { name, root: { letter: "C", accidental: 0 }, tones: { kind: "voicing", voicing: [0] } };
}

/** The chord of a root and a voicing, named by what sounds. */
export function chordOf(root: Note, { voicing, minNotes }: ChordForm): Chord {
  const lowest = 48 + pitchClassOf(root);
  const { name } = nameChord(
    voicing.map((tone) => lowest + tone),
    root,
  );
  if (minNotes === null) return { name, root, tones: { kind: "voicing", voicing } };
  return { name, root, tones: freeTones(voicing, minNotes) };
}

/** Free mode over a chord's semitones, perhaps with a certain lowest note. */
export function freeTones(
  semitones: readonly number[],
  minNotes: number,
  bass: number | null = null,
): ChordTones {
  const own = degreesOf(semitones);
  const required = requiredDegrees(semitones);
  const low = bass === null ? null : pitchClass(bass);
  const bassIsForeign = low !== null && !own.includes(low);
  return {
    kind: "free",
    allowed: low !== null && bassIsForeign ? [...own, low] : own,
    required: low !== null && !required.includes(low) ? [...required, low] : required,
    bass: low,
    bassIsForeign,
    minNotes,
  };
}

/** Whether the lowest of some pitches is the one that the chord asks for, and sounds as often as it may. */
export function hasItsBass({ root, tones }: Chord, sounding: readonly Midi[]): boolean {
  if (tones.kind === "voicing" || tones.bass === null) return true;
  const bassClass = pitchClass(pitchClassOf(root) + tones.bass);
  if (pitchClass(Math.min(...sounding)) !== bassClass) return false;
  return (
    !tones.bassIsForeign || sounding.filter((midi) => pitchClass(midi) === bassClass).length === 1
  );
}
