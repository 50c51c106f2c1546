import { fingertipMm, type Neck } from "../neck";
import { INTERIOR, SCHOOL } from "./effort";
import { type Player } from "./fingering";
import { DEFAULT_SCHOOL, type School } from "./hand";
import { ACCESS_FROM_FRET } from "./parts";
import { WEIGHTS } from "./weights";

/** What is known of a fretting before its fingers are: all of it can only grow with more strings. */
export interface Sketch {
  /** Fretted strings. */
  readonly pressed: number;
  /** The fewest fingers that could hold them, however they lie. */
  readonly fingers: number;
  /** Along the neck between the outermost fretted strings' fingertips, in mm. */
  readonly spanMm: number;
  readonly highestFret: number;
  /** Silent strings between sounding ones. */
  readonly inner: number;
}

/** Effort points that no fingering of a fretting so sketched, or of one that grows from it, falls below. */
export type EffortBound = (sketch: Sketch) => number;

const FINGERS = [1, 2, 3, 4] as const;
const MOST_FINGERS = 5;
const MOST_STRINGS = 10;

/** The cheapest so many fingers, the thumb among them. */
const CHEAPEST_FINGERS = cumulate(
  [...FINGERS.map((finger) => WEIGHTS[`finger ${finger}`]), WEIGHTS["finger T"]].sort(
    (a, b) => a - b,
  ),
);
const CHEAPEST_BARRE = Math.min(...FINGERS.map((finger) => WEIGHTS[`barre ${finger}`]));
const CHEAPEST_PER_STRING = Math.min(
  ...FINGERS.map((finger) => WEIGHTS[`barre ${finger} per string`]),
);
const CHEAPEST_INNER = Math.min(...Object.values(INTERIOR));

/** The least that a fingering costs which is the habit of a school, with what the school takes off. */
const LEAST_IN_SCHOOL: Readonly<Record<School, number>> = {
  "ring and little": 0,
  "ring barre":
    WEIGHTS["finger 3"] + WEIGHTS["barre 3"] + WEIGHTS["barre 3 per string"] + SCHOOL["ring barre"],
  "index and little": WEIGHTS["finger 1"] + WEIGHTS["finger 4"] + SCHOOL["index and little"],
  "thumb allowed": WEIGHTS["finger T"] + SCHOOL["thumb allowed"],
};

/** The least that `fingers` or more cost which hold so many strings: what they do not press singly, they bar. */
const HOLDING: readonly (readonly number[])[] = Array.from({ length: MOST_STRINGS + 1 }, (_, n) =>
  Array.from({ length: MOST_FINGERS + 1 }, (__, fingers) => leastHolding(n, fingers)),
);

export function makeEffortBound(neck: Neck, player: Player): EffortBound {
  const { school = DEFAULT_SCHOOL } = player;
  const fanMm = widestFanMm(neck);
  const off = SCHOOL[school];
  const least = LEAST_IN_SCHOOL[school];
  return ({ pressed, fingers, spanMm, highestFret, inner }) => {
    // A bar on fanned frets presses at the mean of its strings, which brings the hand together.
    const reachMm = Math.max(0, spanMm - 2 * fanMm);
    const pastBody = Math.max(0, neck.capo + highestFret - ACCESS_FROM_FRET);
    const plain =
      (HOLDING[pressed]?.[fingers] ?? 0) +
      WEIGHTS["reach per mm"] * reachMm +
      WEIGHTS["fret beyond the body"] * pastBody +
      CHEAPEST_INNER * inner;
    return Math.min(plain, Math.max(plain + off, least));
  };
}

function leastHolding(pressed: number, fewestFingers: number): number {
  const costs: number[] = [];
  for (let fingers = fewestFingers; fingers <= Math.min(pressed, MOST_FINGERS); fingers++) {
    const barred = pressed - fingers;
    const barring = barred > 0 ? CHEAPEST_BARRE + CHEAPEST_PER_STRING * barred : 0;
    costs.push((CHEAPEST_FINGERS[fingers] ?? 0) + barring);
  }
  return costs.length > 0 ? Math.min(...costs) : 0;
}

function cumulate(costs: readonly number[]): readonly number[] {
  let sum = 0;
  return [0, ...costs.map((cost) => (sum += cost))];
}

/** How far the fingertips of one fret lie apart along the neck, at most; 0 where frets are parallel. */
function widestFanMm(neck: Neck): number {
  const thinnest = neck.midi.length - 1;
  const apartMm = (fret: number) =>
    Math.abs(fingertipMm(neck, 0, fret) - fingertipMm(neck, thinnest, fret));
  return Math.max(...Array.from({ length: neck.frets }, (_, fret) => apartMm(fret + 1)));
}
