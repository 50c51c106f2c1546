import { chordKey } from "./memo";
import { termsAt, type RouteRequest, type RouteRecipe } from "./request";
import { type GripStop } from "./stops";
import { type Chord } from "@/core/chart";
import { areDistinct, shapeOf } from "@/core/fretting";
import { makeGripSearch } from "@/core/gripSearch";
import { makeEffortBook } from "@/core/hand";
import { failure, success, type Result } from "@/core/result";
import {
  bestDistinctRoute,
  bestRoutes,
  byHardest,
  byTotal,
  coupledRoutes,
  minHardestDistinctRoute,
  minHardestRoutes,
  mergeRoutes,
  narrow,
  type CompareRoutes,
  type CostOfChange,
  type Coupling,
  type Distinction,
  type Route,
  type RouteSearch,
} from "@/core/route";

/**
 * Frets of one position: a finger each, or five with one finger stretched where four leave some chord without a grip
 * (common practice).
 */
const POSITION_FRETS = [4, 5] as const;

/** Distinct routes differ at a third of their stops or more. */
export const DISTINCTION: Distinction<GripStop> = {
  areDifferent: (a, b) => areDistinct(a.fingering.fretting, b.fingering.fretting),
  share: 1 / 3,
};

/**
 * The search that a question asks for, exact among the stops of the layers: its goal, its recipe, and whether the
 * routes must be distinct.
 */
export function makeRouteSearch(
  request: RouteRequest,
  costOfChange: CostOfChange<GripStop>,
): Result<RouteSearch<GripStop>> {
  const isHardest = request.goal === "hardest";
  const compare = isHardest ? byHardest : byTotal;
  const plain: RouteSearch<GripStop> = (layers, max) =>
    (isHardest ? minHardestRoutes : bestRoutes)(layers, costOfChange, max);
  const recipe = makeRecipe(request, compare);
  if (!recipe.ok) return recipe;
  const keepRecipe = recipe.value;
  if (!request.distinct) return success(keepRecipe(plain));
  const bestDistinct = isHardest ? minHardestDistinctRoute : bestDistinctRoute;
  return success((layers, max) => {
    const found: Route<GripStop>[] = [];
    while (found.length < max) {
      const others = [...found];
      const search: RouteSearch<GripStop> = (each) =>
        [bestDistinct(each, costOfChange, others, DISTINCTION)].flatMap((route) => route ?? []);
      const [next] = keepRecipe(search)(layers, 1);
      if (!next) break;
      found.push(next);
    }
    return found;
  });
}

/** A question with the limits that its recipe sets to single grips. */
export function withRecipeLimits(request: RouteRequest): RouteRequest {
  if (request.recipe !== "closed") return request;
  const terms = request.chords.map((_, index) => {
    const own = termsAt(request, index);
    return { ...own, limits: { ...own.limits, openStrings: "none" as const } };
  });
  return { ...request, terms };
}

/** The same for chords of one kind on any root. */
function kindOf({ tones }: Chord): string {
  return JSON.stringify(tones);
}

/** Makes a search keep the question's recipe. The problem names the recipe where no route can keep it. */
function makeRecipe(
  request: RouteRequest,
  compare: CompareRoutes,
): Result<(search: RouteSearch<GripStop>) => RouteSearch<GripStop>> {
  const { recipe = "usual", chords, pins = [], riff = [] } = request;
  const pinned = new Set([...pins, ...riff].map(({ index }) => index));
  const coupled = (keyOfChord: (chord: Chord) => string, keyOf: Coupling<GripStop>["keyOf"]) => {
    const groups = chords.map((chord, index) => (pinned.has(index) ? null : keyOfChord(chord)));
    return success(
      (search: RouteSearch<GripStop>): RouteSearch<GripStop> =>
        (layers, max) =>
          coupledRoutes(layers, { groups, keyOf }, search, compare, max),
    );
  };
  switch (recipe) {
    case "usual":
    case "closed":
      return success((search) => search);
    case "one place":
      return coupled(chordKey, ({ place }) => place);
    case "one shape":
      return coupled(kindOf, ({ fingering }) => shapeOf(fingering.fretting));
    case "one position": {
      const positions = positionsFor(request, pinned);
      if (positions.length === 0) return failure("recipe", impossibleRecipe(recipe));
      return success((search) => (layers, max) => {
        const routes = positions.flatMap((frets) => {
          const within = withinFrets(layers, pinned, frets);
          return within ? search(within, max) : [];
        });
        return mergeRoutes(routes, compare, max);
      });
    }
  }
}

type FretRange = readonly [first: number, last: number];

/** The positions that have a grip for every chord. */
function positionsFor(request: RouteRequest, pinned: ReadonlySet<number>): readonly FretRange[] {
  const { neck, player, chords, forbidden = [] } = request;
  const book = request.book ?? makeEffortBook(neck, player);
  const requested = new Map(
    chords.flatMap((chord, index) =>
      pinned.has(index)
        ? []
        : [
            [
              `${chordKey(chord)} ${JSON.stringify(termsAt(request, index).limits)}`,
              index,
            ] as const,
          ],
    ),
  );
  for (const width of POSITION_FRETS) {
    const ranges = Array.from(
      { length: Math.max(0, neck.frets - width + 1) },
      (_, at): FretRange => [at + 1, at + width],
    );
    const possible = ranges.filter((range) =>
      [...requested.values()].every((index) => {
        const { weights, limits } = termsAt(request, index);
        const frets = overlap(range, limits.frets);
        const search = makeGripSearch(neck, player, weights, book, { ...limits, frets });
        const chord = chords[index];
        return chord && search.cheapest(neck.midi, chord, 1 + forbidden.length).length > 0;
      }),
    );
    if (possible.length > 0) return possible;
  }
  return [];
}

function overlap([first, last]: FretRange, other: FretRange | null): FretRange {
  return other ? [Math.max(first, other[0]), Math.min(last, other[1])] : [first, last];
}

/** Only stops whose pressed strings lie between two frets; null where a layer has none. */
function withinFrets(
  layers: readonly (readonly GripStop[])[],
  pinned: ReadonlySet<number>,
  [first, last]: FretRange,
): readonly (readonly GripStop[])[] | null {
  const known = new Map<readonly GripStop[], readonly GripStop[]>();
  const within: (readonly GripStop[])[] = [];
  const isWithin = ({ fingering: { fretting } }: GripStop) =>
    fretting.every((fret) => fret === null || fret === 0 || (fret >= first && fret <= last));
  for (const [index, layer] of layers.entries()) {
    const part = pinned.has(index) ? layer : (known.get(layer) ?? narrow(layer, isWithin));
    if (part.length === 0) return null;
    known.set(layer, part);
    within.push(part);
  }
  return within;
}

/** For a song that has grips for every chord but no route under its recipe. */
export function impossibleRecipe(recipe: RouteRecipe): string {
  switch (recipe) {
    case "one position":
      return `no position of ${POSITION_FRETS[1]} frets has a grip for every chord`;
    case "one shape":
      return "some kind of chord in it has no shape that fits all its roots";
    case "one place":
      return "some chord in it has no grip that is allowed everywhere it is played";
    case "usual":
    case "closed":
      return "there is no route";
  }
}
