import { type Press } from "./assign";
import { type DampingMethod, type Silence } from "./dampers";
import { type DampingPlan } from "./damping";
import { EFFORT_WEIGHTS } from "./fittedEffort";
import { type School } from "./hand";
import { countParts, EFFORT_PARTS } from "./parts";
import { EFFORT_TERMS, TERM_OF_PART, type EffortTerm } from "./partTerms";
import { followsSchool } from "./school";

/**
 * The parts of an effort, all in effort points (2 is an index finger put down). They add up to the
 * effort, so that a figure can always be explained.
 */
export interface EffortTerms extends Readonly<Record<EffortTerm, number>> {
  /** Silent strings between sounding ones, by what damps them. */
  readonly interior: number;
  /** Outer silent strings that only the pick avoids. */
  readonly risk: number;
  /** Negative where it matches the player's own school. */
  readonly school: number;
  /** For an index finger on a thinner string than a higher finger on the same fret. */
  readonly crossed: number;
}

/** Points for a silent string between sounding ones, by what damps it (judgements). */
export const INTERIOR: Readonly<Partial<Record<DampingMethod, number>>> = {
  underside: 3,
  "lying over": 3,
  tip: 6,
  leaning: 8,
  nothing: 12,
};
/** Points for a silent string that the pick must miss (a judgement). */
const PICK_MUST_MISS = 0.5;
/** Points off for a fingering in the player's own school (judgements). */
export const SCHOOL: Readonly<Record<School, number>> = {
  "ring and little": 0,
  "ring barre": -8,
  "index and little": -8,
  "thumb allowed": -16,
};

/** The terms by number, and the term's number of each part by the part's. */
const NUMBER = Object.fromEntries(EFFORT_TERMS.map((term, number) => [term, number])) as Readonly<
  Record<EffortTerm, number>
>;
const TERM_NUMBER = EFFORT_PARTS.map((name) => NUMBER[TERM_OF_PART[name]]);
const WEIGHT_OF_PART = Float64Array.from(EFFORT_PARTS, (name) => EFFORT_WEIGHTS[name]);

export function effortTerms(
  silence: Silence,
  presses: readonly Press[],
  damping: DampingPlan,
  school: School,
  crossed: number,
): EffortTerms {
  const { neck, fretting, hand } = silence;
  // One for each of EFFORT_TERMS: numbers in the inner loop, where names would take a tenth longer.
  const sums = [0, 0, 0, 0, 0, 0, 0, 0, 0];
  countParts(neck, fretting, presses, hand, (part, amount) => {
    const term = TERM_NUMBER[part] ?? 0;
    sums[term] = (sums[term] ?? 0) + (WEIGHT_OF_PART[part] ?? 0) * amount;
  });
  let interior = 0;
  let risk = 0;
  for (const { string, first } of damping.silent) {
    if (string > silence.thickest && string < silence.thinnest) interior += INTERIOR[first.by] ?? 0;
    else if (first.by === "pick") risk += PICK_MUST_MISS;
  }
  return {
    fingers: sums[NUMBER.fingers] ?? 0,
    barre: sums[NUMBER.barre] ?? 0,
    reach: sums[NUMBER.reach] ?? 0,
    stretch: sums[NUMBER.stretch] ?? 0,
    spacing: sums[NUMBER.spacing] ?? 0,
    across: sums[NUMBER.across] ?? 0,
    arch: sums[NUMBER.arch] ?? 0,
    access: sums[NUMBER.access] ?? 0,
    crowding: sums[NUMBER.crowding] ?? 0,
    interior,
    risk,
    school: followsSchool(fretting, presses, school) ? SCHOOL[school] : 0,
    crossed,
  };
}

export function totalEffort(terms: EffortTerms): number {
  const { fingers, barre, reach, stretch, spacing, across } = terms;
  const { interior, arch, access, crowding, risk, school, crossed } = terms;
  const holding = fingers + barre + reach + stretch + spacing + across;
  return holding + interior + arch + access + crowding + risk + school + crossed;
}
