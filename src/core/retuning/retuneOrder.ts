import { type Midi } from "@/core/pitch";
import { findCheck, isPoorCheck } from "./byEar";

interface Path {
  readonly order: readonly number[];
  /** Strings that no string at target can check, or only poorly. */
  readonly unchecked: number;
  /** The furthest that the neck's load strays from an even change on the way. */
  readonly peak: number;
}

/**
 * The order in which to turn strings: as many as possible can be checked well by ear against a
 * string that is right already; among such orders, the pull on the neck changes as evenly as can be,
 * in sum and between the bass and treble side. Exact, by dynamic programming over the sets of
 * strings already turned (at most 2^10).
 *
 * @param target pitch per string to reach, thickest first
 * @param loads change of each string's tension, in any one unit; 0 where it stays
 * @param changed indexes of the strings to turn
 * @param frets number of frets that a check may use
 */
export function retuneOrder(
  target: readonly Midi[],
  loads: readonly number[],
  changed: readonly number[],
  frets: number,
): readonly number[] {
  const still = target.map((_, string) => string).filter((string) => !changed.includes(string));
  const stray = makeStray(loads, changed);
  let paths = new Map<number, Path>([[0, { order: [], unchecked: 0, peak: 0 }]]);
  for (let turned = 0; turned < changed.length; turned++) {
    const longer = new Map<number, Path>();
    for (const [done, path] of paths) {
      const ready = [...still, ...path.order];
      for (const [place, string] of changed.entries()) {
        if (done & (1 << place)) continue;
        const check = findCheck(target, string, ready, frets);
        const order = [...path.order, string];
        const next = {
          order,
          unchecked: path.unchecked + (check && !isPoorCheck(check, string) ? 0 : 1),
          peak: Math.max(path.peak, stray(order)),
        };
        const key = done | (1 << place);
        const known = longer.get(key);
        if (!known || isBetter(next, known)) longer.set(key, next);
      }
    }
    paths = longer;
  }
  return [...paths.values()][0]?.order ?? [];
}

const SAME_PEAK = 1e-9;

function isBetter(a: Path, b: Path): boolean {
  if (a.unchecked !== b.unchecked) return a.unchecked < b.unchecked;
  return a.peak < b.peak - SAME_PEAK;
}

/** How far the load with some strings turned is from a straight line between start and end. */
function makeStray(
  loads: readonly number[],
  changed: readonly number[],
): (order: readonly number[]) => number {
  const middle = (loads.length - 1) / 2;
  const side = (string: number) => (middle === 0 ? 0 : (string - middle) / middle);
  const load = (string: number) => loads[string] ?? 0;
  const sum = (strings: readonly number[], of: (string: number) => number) =>
    strings.reduce((total, string) => total + of(string), 0);
  const pullAtEnd = sum(changed, load);
  const twistAtEnd = sum(changed, (string) => load(string) * side(string));
  return (order) => {
    const share = order.length / changed.length;
    const pull = sum(order, load) - share * pullAtEnd;
    const twist = sum(order, (string) => load(string) * side(string)) - share * twistAtEnd;
    return Math.abs(pull) + Math.abs(twist);
  };
}
