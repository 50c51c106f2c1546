import { type Fretting } from "../fretting";
import { type Neck } from "../neck";
import { type Press } from "./assign";
import { type Finger, type Hand } from "./hand";
import { dampersFor, openInTheWay, readHeld, ringingPast, undamped, type Damper } from "./dampers";

/** What is planned for one string that is not played. */
export interface SilentString {
  readonly string: number;
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

/**
 * What keeps every unplayed string of a fingering silent. A string that sounds is never damped:
 * a finger lies over thinner strings only where each of them is silent or pressed at its own fret
 * or higher.
 */
export function planDamping(
  neck: Neck,
  fretting: Fretting,
  presses: readonly Press[],
  hand: Hand,
): DampingPlan {
  const held = readHeld(neck, fretting, presses, hand);
  const silent: SilentString[] = [];
  const humming: number[] = [];
  const conflicts: DampingConflict[] = [];
  const jobs: Job[] = [];
  for (const string of held.silentInnerFirst) {
    const choices = dampersFor(held, string);
    const isPossible = (damper: Damper) => !jobs.some((job) => excludes(job, damper));
    const first = choices.find(isPossible);
    const second = choices.find((damper) => damper !== first && isPossible(damper)) ?? null;
    const wished = choices[0];
    if (wished?.finger && wished !== first) {
      const done = jobs.find((job) => excludes(job, wished))?.string ?? string;
      conflicts.push({ kind: "two jobs", finger: wished.finger, strings: [done, string] });
    }
    if (first?.finger) {
      jobs.push({ damper: first, string });
      const clearOf = first.by === "leaning" ? ringingPast(held, string) : null;
      silent.push({ string, first, second, clearOf });
    } else {
      humming.push(string);
      const open = openInTheWay(held, string);
      if (open) conflicts.push({ kind: "open string", string, ...open });
      silent.push({ string, first: undamped(held, string), second: first ?? null, clearOf: null });
    }
  }
  silent.sort((a, b) => a.string - b.string);
  humming.sort((a, b) => a - b);
  return { silent, strumSafe: humming.length === 0, humming, conflicts };
}

interface Job {
  readonly damper: Damper;
  readonly string: number;
}

/** A finger leans one way only: not onto a thinner string and with its tip onto a thicker one. */
function excludes({ damper: done }: Job, { by, finger }: Damper): boolean {
  if (done.finger !== finger) return false;
  return (done.by === "leaning" && by === "tip") || (done.by === "tip" && by === "leaning");
}
