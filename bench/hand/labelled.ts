import { type Fretting } from "@/core/fretting";
import { makeNeck, type Neck } from "@/core/neck";
import { usualMidi } from "@/core/tuning";
import { LABELLED_POWER_CHORDS } from "./powerChords";
import { type EdgeShape } from "./limits";

/** A grip with every fingering that is right for it, each written as its fingers, thick to thin. */
export interface LabelledGrip {
  readonly neck: Neck;
  readonly fretting: Fretting;
  /** Without open and silent strings: "134". */
  readonly accepted: ReadonlySet<string>;
}

const FRETS = 24;

/** "x 1 3 x" as frets, thickest string first. */
export function readFrets(text: string): Fretting {
  return text.split(" ").map((word) => (word === "x" ? null : Number(word)));
}

/** A neck of 24 frets; a RangeError says what is wrong with it. */
export function neckFor(midi: readonly number[], scaleMm = 648): Neck {
  const neck = makeNeck({ midi, frets: FRETS, scaleMm });
  if (!neck.ok) throw new RangeError(`${neck.problem.field}: ${neck.problem.message}`);
  return neck.value;
}

export function neckOfEdge({ midi = usualMidi(6), scaleMm }: EdgeShape): Neck {
  return neckFor(midi, scaleMm);
}

/** The labelled power chords, each at each of its places. */
export function labelledGrips(): readonly LabelledGrip[] {
  return LABELLED_POWER_CHORDS.flatMap(({ midi, shape, places, accepted }) => {
    const frets = readFrets(shape);
    const lowest = Math.min(...frets.filter((fret) => fret !== null && fret > 0).map(Number));
    const neck = neckFor(midi);
    return places.map((place) => ({
      neck,
      fretting: frets.map((fret) => (fret ? fret + place - lowest : fret)),
      accepted: new Set(accepted),
    }));
  });
}
