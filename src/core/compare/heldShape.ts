import { type Fretting } from "@/core/fretting";
import { type Accidentals, type Midi } from "@/core/pitch";
import { findChord, nameChord } from "@/core/voicing";
import { fitShape } from "./shapes";

/** What the same frets sound in another tuning. */
export interface HeldShape {
  readonly fretting: Fretting;
  /** Whether a string that sounds is not there. */
  readonly isCut: boolean;
  /** Sounding pitches, thickest string first. */
  readonly midi: readonly Midi[];
  /** The chord's name, or its notes; null for silence. */
  readonly name: string | null;
  /** Whether it has a chord's name. */
  readonly isNamed: boolean;
  /** Per string: semitones from what it sounded before; null where it is not played. */
  readonly changes: readonly (number | null)[];
}

/** Holds the frets of a shape and changes the strings under them, matched from the thinnest. */
export function holdShape(
  fretting: Fretting,
  from: readonly Midi[],
  to: readonly Midi[],
  accidentals?: Accidentals,
): HeldShape {
  const fitted = fitShape(fretting, to.length);
  const midi = fitted.fretting.flatMap((fret, string) =>
    fret === null ? [] : [(to[string] ?? 0) + fret],
  );
  const named = midi.length > 0 ? findChord(midi, undefined, accidentals) : null;
  const changes = fitted.fretting.map((fret, string) => {
    const before = from.at(string - to.length);
    return fret === null || before === undefined ? null : (to[string] ?? 0) - before;
  });
  const name = midi.length > 0 ? (named ?? nameChord(midi)).name : null;
  return { ...fitted, midi, name, isNamed: named !== null, changes };
}
