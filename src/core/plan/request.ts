import { type Chord } from "@/core/chart";
import { type Fretting } from "@/core/fretting";
import { type Taste } from "@/core/grip";
import { NO_GRIP_LIMITS, type GripLimits, type GripSearch, type Weights } from "@/core/gripSearch";
import { type EffortBook, type Finger } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Slur } from "@/core/song";
import { type RouteMemo } from "./memo";

/** What a route minimises. */
export const GOALS = ["total", "hardest"] as const;
export type Goal = (typeof GOALS)[number];

/** A condition that a whole route keeps. Pinned grips are left out of it. */
export const ROUTE_RECIPES = ["usual", "closed", "one place", "one shape", "one position"] as const;
export type RouteRecipe = (typeof ROUTE_RECIPES)[number];

/** A grip that the player wants at one place of a song; any that the hand can hold. */
export interface RoutePin {
  /** The chord as it is played, from 0. */
  readonly index: number;
  readonly fretting: Fretting;
  /** By string, thickest first; any of its fingerings without. */
  readonly fingers?: readonly (Finger | 0)[] | undefined;
}

/** Notes of a riff struck together, with every fretting that plays them. */
export interface RiffPlace {
  /** The place among the chords, from 0. */
  readonly index: number;
  /** `points` is what a fretting costs in addition to its fingers, in effort points. */
  readonly frettings: readonly { readonly fretting: Fretting; readonly points: number }[];
  readonly slur: Slur | null;
}

/** What grips are chosen by where it is not the same for every chord. */
export interface ChordTerms {
  readonly weights: Weights;
  readonly limits: GripLimits;
}

/** Only grips near each chord's cheapest, where what is minimised is not what they cost. */
export interface NearbyGrips {
  /** How much more than the cheapest a grip may cost, in effort points. */
  readonly withinPoints: number;
  /** How much of its own cost counts beside the changes, 0 to 1. */
  readonly share: number;
}

export interface RouteRequest {
  readonly neck: Neck;
  readonly player: Taste;
  readonly weights: Weights;
  /** In the order they are played. */
  readonly chords: readonly Chord[];
  readonly max?: number;
  readonly goal?: Goal;
  /**
   * "closed" has no open strings; "one place" takes each chord in one grip throughout; "one shape" each kind of chord
   * in one shape, for which the nut counts as a finger; "one position" stays under one hand.
   */
  readonly recipe?: RouteRecipe;
  /** Whether each route must differ from those before it in place, strings or open strings at a third of its stops. */
  readonly distinct?: boolean;
  readonly pins?: readonly RoutePin[];
  /** Indices at which notes are played in place of the chord. */
  readonly riff?: readonly RiffPlace[];
  readonly forbidden?: readonly Omit<RoutePin, "fingers">[];
  readonly limits?: GripLimits;
  /** By chord: what holds for it instead of the weights and limits of all. */
  readonly terms?: readonly ChordTerms[];
  /** Exact among these grips alone; all grips where it is left out. */
  readonly nearby?: NearbyGrips | undefined;
  /** One that knows the same neck, player, weights and limits already. */
  readonly search?: GripSearch;
  /** The efforts of this neck and player, where they are known already. */
  readonly book?: EffortBook;
  /** What is known of the same neck and player from questions before. */
  readonly memo?: RouteMemo | undefined;
}

/** What holds for a chord. */
export function termsAt(request: RouteRequest, index: number): ChordTerms {
  const { weights, limits = NO_GRIP_LIMITS, terms } = request;
  return terms?.[index] ?? { weights, limits };
}
