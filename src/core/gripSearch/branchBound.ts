import { mayBeForm } from "@/core/forms";
import { type EffortBound } from "@/core/hand";
import { type PreferenceBound } from "@/core/preference";
import { type StringSet } from "./lie";
import { type NoteOptions } from "./options";
import { countBits, isBassWrong, mayBeBar, mayRingInBass, maxDoubled, type Sofar } from "./sofar";
import { lowCost, PER_RINGING, PER_ROUGHNESS, type Weights } from "./weights";

/** A branch of the search: the strings before `string` are chosen. */
export interface Branch {
  readonly sofar: Sofar;
  readonly string: number;
  readonly options: NoteOptions;
  /** Strings that may yet sound. */
  readonly left: number;
  /** Of a grip whose strings are settled. */
  readonly lie: StringSet | null;
}

/** Effort points that no grip of a branch costs less than; `toPress` of its further strings are sure to be pressed. */
export function minCost(
  { sofar, string, options, left, lie }: Branch,
  toPress: number,
  effortBound: EffortBound,
  preferenceBound: PreferenceBound,
  weights: Weights,
): number {
  const { held, lowMm, highMm, ringing, lowest } = sofar;
  const inner = lie?.inner ?? sofar.inner;
  const pressed = sofar.pressed + toPress;
  const highestFret = Math.max(
    sofar.highestFret,
    toPress > 0 ? (options.highestFrom[string] ?? 0) : 0,
  );
  const spanMm = sofar.pressed > 1 ? highMm - lowMm : 0;
  const lowestFret = sofar.pressed > 0 ? sofar.lowestFret : highestFret;
  const fingers = Math.max(held.fingers, toPress > 0 ? 1 : 0);
  const lowestToCome = options.lowestFrom[string] ?? Infinity;
  const maxOpen = ringing + (options.openFrom[string] ?? 0);
  const { ease, usual } = weights;
  let cost = ease * effortBound({ pressed, fingers, spanMm, lowestFret, highestFret, inner });
  if (usual > 0) {
    cost +=
      usual *
      preferenceBound({
        thickest: lie?.thickest ?? sofar.thickest,
        isBassOpen: sofar.notes > 0 ? sofar.isBassOpen : mayRingInBass(options, lie),
        maxNotes: sofar.notes + left,
        maxDegrees: countBits(sofar.heard) + left,
        maxDoubled: maxDoubled(sofar, options, left),
        pressed,
        lowestFret,
        highestFret,
        lowestFretToCome: left === 0 ? Infinity : 0,
        open: ringing,
        maxOpen,
        inner,
        thin: lie?.thin ?? (left === 0 ? sofar.silent + options.perString.length - string : 0),
        same: sofar.same,
        falling: sofar.falling,
        lowest,
        lowestToCome,
        isBassWrong: sofar.notes > 0 && isBassWrong(lowest, options, string),
        mayBeForm: sofar.form !== null && mayBeForm(sofar.form, sofar.silent, left === 0),
        mayBeBar: sofar.notes === 0 ? mayBeBar(lie, maxOpen) : sofar.barFret >= 0,
        beyondSix: sofar.beyondSix,
      });
  }
  return (
    cost +
    weights.low * lowCost(Math.min(lowest, lowestToCome)) +
    weights.clear * PER_ROUGHNESS * sofar.rough -
    weights.ringing * PER_RINGING * maxOpen
  );
}
