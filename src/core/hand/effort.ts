import { type Fretting } from "../fretting";
import { type Neck } from "../neck";
import { type Press } from "./assign";
import { type DampingPlan } from "./damping";
import { type Hand, type School } from "./hand";
import { countParts, PART_NAMES, TERM_OF_PART, TERMS, type Term } from "./parts";
import { followsSchool } from "./school";
import { WEIGHTS } from "./weights";

/**
 * The parts of an effort, all in effort points (2 is an index finger put down). They add up to the
 * effort, so that a figure can always be explained.
 */
export interface EffortTerms extends Readonly<Record<Term, number>> {
  /** Silent strings that nothing keeps silent. */
  readonly risk: number;
  /** Less where the player's own school would do it so. */
  readonly school: number;
}

/** Points for a silent string that the pick must miss, and for one that it cannot (judgements). */
const PICK_MUST_MISS = 0.5;
const SOUNDS_ANYWAY = 3;
/** Points off for a fingering of the player's own school (a judgement). */
const SCHOOL = -5;

const WEIGHT_OF_PART = Float64Array.from(PART_NAMES, (name) => WEIGHTS[name]);

export function effortTerms(
  neck: Neck,
  fretting: Fretting,
  presses: readonly Press[],
  damping: DampingPlan,
  hand: Hand,
  school: School,
): EffortTerms {
  const sums = new Float64Array(TERMS.length);
  countParts(neck, fretting, presses, hand, (part, amount) => {
    const term = TERM_OF_PART[part] ?? 0;
    sums[term] = (sums[term] ?? 0) + (WEIGHT_OF_PART[part] ?? 0) * amount;
  });
  const [
    fingers = 0,
    barre = 0,
    reach = 0,
    stretch = 0,
    spacing = 0,
    across = 0,
    interior = 0,
    arch = 0,
    access = 0,
  ] = sums;
  return {
    fingers,
    barre,
    reach,
    stretch,
    spacing,
    across,
    interior,
    arch,
    access,
    risk: riskOf(damping),
    school: followsSchool(fretting, presses, school) ? SCHOOL : 0,
  };
}

function riskOf({ silent }: DampingPlan): number {
  let risk = 0;
  for (const { first } of silent) {
    if (first.by === "pick") risk += PICK_MUST_MISS;
    else if (first.by === "nothing") risk += SOUNDS_ANYWAY;
  }
  return risk;
}

export function totalEffort(terms: EffortTerms): number {
  const { fingers, barre, reach, stretch, spacing, across } = terms;
  const { interior, arch, access, risk, school } = terms;
  const holding = fingers + barre + reach + stretch + spacing + across;
  return holding + interior + arch + access + risk + school;
}
