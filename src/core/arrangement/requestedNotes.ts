import { type Chord } from "@/core/chart";
import { type GripLimits } from "@/core/gripSearch";
import { type Help, type Mark, type PlayLimits } from "./settings";

/** A chord with as few of its notes as help and marks say. */
export function thinChord(chord: Chord, marks: readonly Mark[], help: Help): Chord {
  const thin = marks.find((mark) => mark.act === "thin");
  const said = thin?.act === "thin" ? thin.notes : Infinity;
  const helped = help === "root" ? 1 : help === "two" ? 2 : Infinity;
  const notes = Math.min(said, helped);
  if (notes === 1) return { ...chord, tones: { kind: "voicing", voicing: [0] } };
  if (notes === 2) return { ...chord, tones: { kind: "voicing", voicing: twoOf(chord) } };
  return chord;
}

const FIFTHS = [7, 6, 8];

/** The root and its fifth; of a voicing the two lowest. */
export function twoOf({ tones }: Chord): readonly number[] {
  if (tones.kind === "voicing") return tones.voicing.slice(0, 2);
  const fifth = FIFTHS.find((tone) => tones.allowed.includes(tone));
  return [0, fifth ?? tones.allowed.find((tone) => tone > 0) ?? 0];
}

/** Limits as the search for grips takes them; open strings that are wanted are a matter of weight. */
export function gripLimitsOf({
  frets,
  rootStrings,
  openStrings,
  maxNotes,
}: PlayLimits): GripLimits {
  return { frets, rootStrings, openStrings: openStrings === "none" ? "none" : "any", maxNotes };
}
