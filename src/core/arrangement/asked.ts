import { type Chord } from "@/core/chart";
import { type GripLimits } from "@/core/gripSearch";
import { type Help, type Mark, type PlayLimits } from "./settings";

/** A chord with as few of its notes as help, limits and marks say. */
export function asked(
  chord: Chord,
  { withoutLowest }: PlayLimits,
  marks: readonly Mark[],
  help: Help,
): Chord {
  const thin = marks.find((mark) => mark.act === "thin");
  const said = thin?.act === "thin" ? thin.notes : Infinity;
  const helped = help === "root" ? 1 : help === "two" ? 2 : Infinity;
  const notes = Math.min(said, helped);
  if (notes === 1) return { ...chord, tones: { kind: "stack", stack: [0] } };
  if (notes === 2) return { ...chord, tones: { kind: "stack", stack: twoOf(chord) } };
  return withoutLowest ? withoutBass(chord) : chord;
}

const FIFTHS = [7, 6, 8];

/** The root and its fifth; of a stack the two lowest. */
export function twoOf({ tones }: Chord): readonly number[] {
  if (tones.kind === "stack") return tones.stack.slice(0, 2);
  const fifth = FIFTHS.find((tone) => tones.allowed.includes(tone));
  return [0, fifth ?? tones.allowed.find((tone) => tone > 0) ?? 0];
}

/** A bass player has the lowest note: a stack without it; of a whole chord the root need not sound. */
function withoutBass(chord: Chord): Chord {
  const { tones } = chord;
  if (tones.kind === "stack") {
    return tones.stack.length > 1
      ? { ...chord, tones: { kind: "stack", stack: tones.stack.slice(1) } }
      : chord;
  }
  const low = tones.bass ?? 0;
  return {
    ...chord,
    tones: {
      ...tones,
      allowed: tones.bassIsForeign ? tones.allowed.filter((tone) => tone !== low) : tones.allowed,
      required: tones.required.filter((tone) => tone !== low),
      bass: null,
      bassIsForeign: false,
      leastNotes: Math.max(2, tones.leastNotes - 1),
    },
  };
}

/** Limits as the search for grips takes them; open strings that are wanted are a matter of weight. */
export function gripLimitsOf({
  frets,
  rootStrings,
  openStrings,
  mostNotes,
}: PlayLimits): GripLimits {
  return { frets, rootStrings, openStrings: openStrings === "none" ? "none" : "any", mostNotes };
}
