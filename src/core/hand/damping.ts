import { type Press } from "./assign";
import {
  addDampers,
  openInTheWay,
  ringingPast,
  undamped,
  type Damper,
  type Silence,
} from "./dampers";
import { type Finger } from "./hand";

/** The plan for one string that is not played. */
export interface SilentString {
  readonly string: number;
  /** Whether something stops it, so that it may be struck. */
  readonly isSafe: boolean;
  readonly first: Damper;
  /** What else would do it. */
  readonly second: Damper | null;
  /** The ringing string that a leaning finger must stay clear of. */
  readonly clearOf: number | null;
}

export type DampingConflict =
  /** The finger would be the first choice for both strings, and can do only one. */
  | {
      readonly kind: "two jobs";
      readonly finger: Finger;
      readonly strings: readonly [done: number, left: number];
    }
  /** The finger could lie over the silent string, but an open one beyond it must ring. */
  | {
      readonly kind: "open string";
      readonly finger: Finger;
      readonly string: number;
      readonly open: number;
    };

export interface DampingPlan {
  /** One entry for each string that is not played, thickest first. */
  readonly silent: readonly SilentString[];
  /** Whether all strings may be struck. */
  readonly strumSafe: boolean;
  /** Strings that nothing touches: the pick must miss them, and under gain they hum along. */
  readonly humming: readonly number[];
  readonly conflicts: readonly DampingConflict[];
}

const NONE: readonly number[] = [];
const NO_CONFLICTS: readonly DampingConflict[] = [];
const NOTHING_SILENT: DampingPlan = {
  silent: [],
  strumSafe: true,
  humming: NONE,
  conflicts: NO_CONFLICTS,
};

/**
 * What keeps every unplayed string of a fingering silent. A string that sounds is never damped:
 * a finger lies over thinner strings only where each of them is silent or pressed at its own fret
 * or higher.
 */
export function planDamping(silence: Silence, presses: readonly Press[]): DampingPlan {
  if (silence.innerFirst.length === 0) return NOTHING_SILENT;
  const silent: SilentString[] = [];
  let humming = NONE;
  let conflicts = NO_CONFLICTS;
  const dampers: Damper[] = [];
  for (const string of silence.innerFirst) {
    dampers.length = 0;
    addDampers(silence, presses, string, dampers);
    let first: Damper | null = null;
    let second: Damper | null = null;
    for (const damper of dampers) {
      const done = otherJob(silent, damper);
      if (done < 0) {
        if (first) {
          second = damper;
          break;
        }
        first = damper;
      } else if (!first && damper.finger) {
        const strings = [done, string] as const;
        conflicts = [...conflicts, { kind: "two jobs", finger: damper.finger, strings }];
      }
    }
    if (first?.finger) {
      const clearOf = first.by === "leaning" ? ringingPast(silence, presses, string) : null;
      silent.push({ string, isSafe: true, first, second, clearOf });
    } else {
      humming = [...humming, string];
      const open = openInTheWay(silence, presses, string);
      if (open) conflicts = [...conflicts, { kind: "open string", string, ...open }];
      silent.push({
        string,
        isSafe: false,
        first: undamped(silence, string),
        second: first,
        clearOf: null,
      });
    }
  }
  if (silence.hasInner) {
    silent.sort(byString);
    humming = humming.toSorted((a, b) => a - b);
  }
  return { silent, strumSafe: humming.length === 0, humming, conflicts };
}

/**
 * The string that already occupies a finger that cannot do both: it leans one way only, not
 * onto a thinner string and with its tip onto a thicker one. -1 where it is free to.
 */
function otherJob(silent: readonly SilentString[], { by, finger }: Damper): number {
  if (by !== "leaning" && by !== "tip") return -1;
  const other = by === "leaning" ? "tip" : "leaning";
  for (const { first, string } of silent) {
    if (first.by === other && first.finger === finger) return string;
  }
  return -1;
}

function byString(a: SilentString, b: SilentString): number {
  return a.string - b.string;
}
