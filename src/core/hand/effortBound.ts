import { fingertipMm, type Neck } from "@/core/neck";
import { INTERIOR, SCHOOL } from "./effort";
import { type Player } from "./fingering";
import { EFFORT_WEIGHTS } from "./fittedEffort";
import { DEFAULT_SCHOOL, type School } from "./hand";
import { ACCESS_FROM_FRET } from "./parts";

/** What is known of a fretting before its fingers are; none of it shrinks as strings are added. */
interface Sketch {
  /** Fretted strings. */
  readonly pressed: number;
  /** The fewest fingers that could hold them, however they lie. */
  readonly fingers: number;
  /** Along the neck between the outermost fretted strings' fingertips, in mm. */
  readonly spanMm: number;
  /** The lowest and highest fret pressed; equal, whatever they are, where nothing is. */
  readonly lowestFret: number;
  readonly highestFret: number;
  /** Silent strings between sounding ones. */
  readonly inner: number;
}

/** Effort points that no fingering of a fretting so sketched, or of one that grows from it, falls below. */
export type EffortBound = (sketch: Sketch) => number;

const FINGERS = [1, 2, 3, 4] as const;
const MAX_FINGERS = 5;
const MAX_STRINGS = 10;
/** Fingers in use, the lower first. */
type Fingers = readonly (typeof FINGERS)[number][];

/** Every choice of the four fingers, none included. */
const CHOICES: readonly Fingers[] = Array.from({ length: 1 << FINGERS.length }, (_, mask) =>
  FINGERS.filter((_finger, index) => ((mask >> index) & 1) === 1),
);

/** Gaps wider than this, in frets, weigh no more. */
const WIDEST_GAP = 4;
/** Spans wider than this, in frets, are not known to weigh more. */
const WIDEST_SPAN = WIDEST_GAP * (FINGERS.length - 1);

/** By choice of fingers: what they cost by themselves, and the gaps between them by frets in all. */
const OWN_COSTS = CHOICES.map((fingers) =>
  fingers.reduce<number>((sum, finger) => sum + EFFORT_WEIGHTS[`finger ${finger}`], 0),
);
const MIN_GAPS = CHOICES.map((fingers) => upTo(WIDEST_SPAN, (span) => minGaps(fingers, span)));

const CHEAPEST_BARRE = Math.min(...FINGERS.map((finger) => EFFORT_WEIGHTS[`barre ${finger}`]));
const CHEAPEST_PER_STRING = Math.min(
  ...FINGERS.map((finger) => EFFORT_WEIGHTS[`barre ${finger} per string`]),
);
const CHEAPEST_INNER = Math.min(...Object.values(INTERIOR));

/** The least that a fingering costs which is the habit of a school, with what the school takes off. */
const MIN_IN_SCHOOL: Readonly<Record<School, number>> = {
  "ring and little": 0,
  "ring barre":
    EFFORT_WEIGHTS["finger 3"] +
    EFFORT_WEIGHTS["barre 3"] +
    EFFORT_WEIGHTS["barre 3 per string"] +
    SCHOOL["ring barre"],
  "index and little":
    EFFORT_WEIGHTS["finger 1"] + EFFORT_WEIGHTS["finger 4"] + SCHOOL["index and little"],
  "thumb allowed": EFFORT_WEIGHTS["finger T"] + SCHOOL["thumb allowed"],
};

/** By pressed strings, fewest fingers, and frets from the lowest to the highest. */
type HoldingTable = readonly (readonly (readonly number[])[])[];

/** The least that holding costs, with `perIdleFinger` points for each idle finger. */
function tabulateHolding(perIdleFinger: number): HoldingTable {
  return upTo(MAX_STRINGS, (pressed) =>
    upTo(MAX_FINGERS, (fingers) =>
      // More strings may still spread the hand, so whatever is wider counts too.
      minFrom(upTo(WIDEST_SPAN, (span) => minHolding(pressed, fingers, span, perIdleFinger))),
    ),
  );
}

/** By points for a finger left over; a player's weights ask for one or two. */
const holdingTables = new Map<number, HoldingTable>();

function holdingFor(perIdleFinger: number): HoldingTable {
  const known = holdingTables.get(perIdleFinger) ?? tabulateHolding(perIdleFinger);
  if (holdingTables.size >= MAX_TABLES) holdingTables.clear();
  holdingTables.set(perIdleFinger, known);
  return known;
}

/** A slider that moves asks for a table at every step. */
const MAX_TABLES = 40;

/** With `perIdleFinger`, the bound includes what is added for each idle finger. */
export function makeEffortBound(neck: Neck, player: Player, perIdleFinger = 0): EffortBound {
  const { school = DEFAULT_SCHOOL } = player;
  const holding = holdingFor(perIdleFinger);
  const fanMm = widestFanMm(neck);
  const off = SCHOOL[school];
  const min = MIN_IN_SCHOOL[school];
  return ({ pressed, fingers, spanMm, lowestFret, highestFret, inner }) => {
    // A bar on fanned frets presses at the mean of its strings, which brings the hand together.
    const reachMm = Math.max(0, spanMm - 2 * fanMm);
    const pastBody = Math.max(0, neck.capo + highestFret - ACCESS_FROM_FRET);
    const plain =
      (holding[pressed]?.[fingers]?.[Math.min(highestFret - lowestFret, WIDEST_SPAN)] ?? 0) +
      EFFORT_WEIGHTS["reach per mm"] * reachMm +
      EFFORT_WEIGHTS["fret beyond the body"] * pastBody +
      CHEAPEST_INNER * inner;
    return Math.min(plain, Math.max(plain + off, min));
  };
}

/**
 * The least that so many fingers or more cost which hold some strings over so many frets: each finger,
 * the gap between each two neighbours, and bars over what they do not press singly.
 */
function minHolding(
  pressed: number,
  fewestFingers: number,
  span: number,
  perIdleFinger: number,
): number {
  const costs = CHOICES.flatMap((fingers, choice) => {
    const own = OWN_COSTS[choice] ?? 0;
    return [
      { count: fingers.length, cost: own + (MIN_GAPS[choice]?.[span] ?? Infinity) },
      // The thumb beside them may stand anywhere.
      { count: fingers.length + 1, cost: own + EFFORT_WEIGHTS["finger T"] },
    ];
  }).flatMap(({ count, cost }) => {
    if (count < fewestFingers || count > pressed) return [];
    const barred = pressed - count;
    if (barred > 0 && count === 0) return [];
    const idle = perIdleFinger * Math.max(0, FINGERS.length - count);
    return [cost + idle + (barred > 0 ? CHEAPEST_BARRE + CHEAPEST_PER_STRING * barred : 0)];
  });
  return costs.length > 0 ? Math.min(...costs) : Infinity;
}

/** The least that the gaps between neighbouring fingers cost which add up to so many frets. */
function minGaps([lower, higher, ...more]: Fingers, span: number): number {
  if (lower === undefined || higher === undefined) return span === 0 ? 0 : Infinity;
  const rest: Fingers = [higher, ...more];
  const pair = `${lower}${higher}` as "12" | "13" | "14" | "23" | "24" | "34";
  return Math.min(
    ...upTo(span, (gap) => {
      const own = EFFORT_WEIGHTS[`${pair} over ${Math.min(gap, WIDEST_GAP) as 0 | 1 | 2 | 3 | 4}`];
      return own + minGaps(rest, span - gap);
    }),
  );
}

/** One value for each number from 0 to `last`. */
function upTo<T>(last: number, make: (number: number) => T): T[] {
  return Array.from({ length: last + 1 }, (_, number) => make(number));
}

/** By place: the least from there on. */
function minFrom(costs: readonly number[]): readonly number[] {
  return costs.map((_, place) => Math.min(...costs.slice(place)));
}

/** How far the fingertips of one fret lie apart along the neck, at most; 0 where frets are parallel. */
function widestFanMm(neck: Neck): number {
  const thinnest = neck.midi.length - 1;
  const apartMm = (fret: number) =>
    Math.abs(fingertipMm(neck, 0, fret) - fingertipMm(neck, thinnest, fret));
  return Math.max(...Array.from({ length: neck.frets }, (_, fret) => apartMm(fret + 1)));
}
