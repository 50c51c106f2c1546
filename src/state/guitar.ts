import { DEFAULT_FRETS, makeNeck, stringScaleMm, type Neck, type NeckMeasures } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { UNKNOWN_STRING, type StringSpec, type StrungGuitar } from "@/core/strings";
import { usualMidi } from "@/core/tuning";

/** The bridge; on a floating one, turning one string shifts all the others. */
export const BRIDGES = ["fixed", "floating", "locking"] as const;
export type Bridge = (typeof BRIDGES)[number];

/** What a guitar is. Everything per string runs from the thickest. */
export interface GuitarContent extends NeckMeasures {
  readonly name: string;
  /** Frets on the neck, counted from the nut. */
  readonly frets: number;
  /** Its usual tuning, which its strings are made for. */
  readonly usualMidi: readonly Midi[];
  readonly leftHanded: boolean;
  readonly bridge: Bridge;
  readonly strings: readonly StringSpec[];
}

/** A guitar that the player owns. */
export interface Guitar extends GuitarContent {
  readonly id: number;
  /** What it is tuned to now; the tuning on screen is part of the view. */
  readonly tunedMidi: readonly Midi[];
}

/** What is described of a guitar: all but its id and its current tuning. */
export function contentOf({ id: _id, tunedMidi: _tuned, ...content }: Guitar): GuitarContent {
  return content;
}

/** A plain electric guitar with this many strings. */
export function newGuitar(strings: number, name = `${strings} strings`): GuitarContent {
  const made = makeNeck({ midi: usualMidi(strings) });
  if (!made.ok) throw new Error(made.problem.message);
  const { midi, ...measures } = made.value;
  return {
    ...measures,
    name,
    usualMidi: midi,
    frets: DEFAULT_FRETS,
    leftHanded: false,
    bridge: "fixed",
    strings: midi.map(() => UNKNOWN_STRING),
  };
}

/** The guitar's neck in a tuning. Guitars and tunings were checked when they came in. */
export function neckOf(guitar: GuitarContent, midi: readonly Midi[]): Neck {
  const neck = makeNeck({ ...guitar, midi });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
}

/** A guitar as far as its strings go. */
export function strungGuitar(guitar: GuitarContent): StrungGuitar {
  const { usualMidi: usual, frets, strings } = guitar;
  const neck = neckOf(guitar, usual);
  return {
    usualMidi: usual,
    frets,
    strings,
    scalesMm: usual.map((_, string) => stringScaleMm(neck, string)),
  };
}

/** A guitar with this many strings: the current one if possible, else the first. */
export function guitarFor(
  guitars: readonly Guitar[],
  current: Guitar,
  strings: number,
): Guitar | undefined {
  return [current, ...guitars].find((each) => each.usualMidi.length === strings);
}
