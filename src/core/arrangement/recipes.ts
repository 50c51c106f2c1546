import { type Chord } from "@/core/chart";
import { type GripLimits, type Weights } from "@/core/gripSearch";
import { type Neck } from "@/core/neck";
import { type Goal, type NearbyGrips, type RouteRecipe } from "@/core/plan";
import { tiltOfWish, type Tilt } from "@/core/preference";
import { twoOf } from "./requestedNotes";
import { type RouteKind } from "./settings";

/** How a route is looked for, so that it may earn a name. */
export interface Recipe {
  readonly goal: Goal;
  readonly weights: Partial<Weights>;
  readonly limits: Partial<GripLimits>;
  readonly tilts: readonly Tilt[];
  readonly nearby: NearbyGrips | undefined;
  /** The condition that the whole route keeps. */
  readonly keeps: RouteRecipe;
  /** What is played of a chord. */
  readonly chord: (chord: Chord) => Chord;
}

const PLAIN: Recipe = {
  goal: "total",
  weights: {},
  limits: {},
  tilts: [],
  nearby: undefined,
  keeps: "usual",
  chord: (chord) => chord,
};

/** Nobody takes a much harder grip only to move less; the kind of route chooses only among grips near the easiest (judgements). */
const MOVING: NearbyGrips = { withinPoints: 8, share: 0.3 };
/** Where a hand is up the neck (a judgement). */
const UP_FROM_FRET = 7;

export function recipeOf(routeKind: RouteKind, { neck }: { readonly neck: Neck }): Recipe {
  switch (routeKind) {
    case "usual":
    case "one string pair":
    case "another 1":
    case "another 2":
    case "another 3":
    case "another 4":
      return PLAIN;
    case "closed":
    case "one place":
    case "one shape":
    case "one position":
      return { ...PLAIN, keeps: routeKind };
    case "least movement":
      return { ...PLAIN, nearby: MOVING };
    case "least hardest change":
      return { ...PLAIN, goal: "hardest", nearby: { ...MOVING, share: 1 } };
    case "open and ringing":
      return { ...PLAIN, tilts: [tiltOfWish("ringing")] };
    case "low and heavy":
      return { ...PLAIN, tilts: [tiltOfWish("heavy")] };
    case "up the neck":
      return {
        ...PLAIN,
        limits: { frets: [UP_FROM_FRET, neck.frets], openStrings: "none" },
      };
  }
}

/** Root and fifth alone, the root always on one string: the shape slides along a pair of strings. */
export function pairRecipe(string: number): Recipe {
  return {
    ...PLAIN,
    limits: { rootStrings: [string], maxNotes: 2 },
    chord: (chord) => ({ ...chord, tones: { kind: "voicing", voicing: twoOf(chord) } }),
  };
}
