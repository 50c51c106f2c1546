import { type Fretting } from "@/core/fretting";
import { type Grip } from "@/core/grip";
import { DEFAULT_HAND, gradeReach, type Hand } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { pitchClass } from "@/core/pitch";
import { type FilterName, type GripFilter } from "./gripFilter";

/** How many grips would be there again if one condition were dropped. */
export interface Loosening {
  readonly filter: FilterName;
  readonly count: number;
}

export interface Filtered {
  readonly grips: readonly Grip[];
  /** The conditions that keep grips out, those that keep the most out first. */
  readonly loosenings: readonly Loosening[];
}

type Test = (grip: Grip) => boolean;

/** In semitones. */
const FIFTH = 7;

/** The grips that meet every condition, in their order, and what each condition costs. */
export function filterGrips(
  neck: Neck,
  grips: readonly Grip[],
  filter: GripFilter,
  hand: Hand = DEFAULT_HAND,
): Filtered {
  const tests = testsOf(neck, filter, hand);
  const passing: Grip[] = [];
  const keptOutBy = new Map<FilterName, number>();
  for (const grip of grips) {
    const failed = tests.filter(([, test]) => !test(grip));
    const [only] = failed;
    if (!only) passing.push(grip);
    else if (failed.length === 1) keptOutBy.set(only[0], (keptOutBy.get(only[0]) ?? 0) + 1);
  }
  const loosenings = [...keptOutBy].map(([name, count]) => ({ filter: name, count }));
  return { grips: passing, loosenings: loosenings.sort((a, b) => b.count - a.count) };
}

/** The conditions that ask for something. */
function testsOf(
  neck: Neck,
  filter: GripFilter,
  hand: Hand,
): readonly (readonly [FilterName, Test])[] {
  const { bassString, lowestNote, frets, openStrings, barre, maxFingers, notes, through } = filter;
  const all: Readonly<Record<FilterName, Test | null>> = {
    bassString: bassString === null ? null : ({ fretting }) => thickestOf(fretting) === bassString,
    lowestNote:
      lowestNote === "any"
        ? null
        : ({ tones }) => lowestDegree(tones) === (lowestNote === "root" ? 0 : FIFTH),
    frets:
      frets === null
        ? null
        : ({ fretting }) =>
            fretting.every((fret) => !fret || (fret >= frets[0] && fret <= frets[1])),
    openStrings:
      openStrings === "any"
        ? null
        : ({ fretting }) => fretting.includes(0) === (openStrings === "with"),
    barre:
      barre === "any"
        ? null
        : ({ best }) =>
            best.presses.some(({ hold }) => hold.strings.length > 1) === (barre === "with"),
    strumSafe: filter.strumSafe ? ({ best }) => best.damping.strumSafe : null,
    comfortable: filter.comfortable
      ? ({ best }) => gradeReach(neck, best.fretting, best.presses, hand).grade === "comfortable"
      : null,
    maxFingers: maxFingers === null ? null : ({ best }) => best.presses.length <= maxFingers,
    notes: notes === null ? null : ({ midi }) => midi.length === notes,
    through: through === null ? null : ({ fretting }) => fretting[through.string] === through.fret,
  };
  return (Object.entries(all) as [FilterName, Test | null][]).flatMap(([name, test]) =>
    test ? [[name, test] as const] : [],
  );
}

/** The lowest note as semitones over the root, 0 to 11. */
function lowestDegree(tones: Grip["tones"]): number {
  return pitchClass(Math.min(...tones.flatMap((tone) => (tone === null ? [] : [tone]))));
}

function thickestOf(fretting: Fretting): number {
  return fretting.findIndex((fret) => fret !== null);
}
