import {
  makePitchTree,
  weighRetuning,
  type PitchTree,
  type Playing,
  type Weights,
} from "@/core/gripSearch";
import { type Midi } from "@/core/pitch";
import { stringRetuningCost } from "./retuning";
import { tuningDigits, type SearchSpace } from "./searchSpace";

/** Tunings that agree on some strings. */
interface Groups {
  /** By row: the group it belongs to. */
  readonly ofRow: Int32Array;
  /** The groups' pitches, the strings sounding as they do with the capo; a string that need not agree has any one of its own. */
  readonly tree: PitchTree;
}

/** All tunings of a search, a row each, and what they have cost so far. */
export interface Field {
  readonly size: number;
  /** Effort points so far; Infinity for a tuning that is out. */
  readonly costs: Float64Array;
  readonly midiOf: (row: number) => readonly Midi[];
  readonly group: (playing: Playing) => Groups;
  /** The rows that have cost least so far, cheapest first. */
  readonly cheapest: (max: number) => readonly number[];
}

/** Lays out the tunings of a space; each begins with the cost of its retuning. */
export function makeField(space: SearchSpace, weights: Weights, capo: number): Field {
  const { from, perString } = space;
  const strings = from.length;
  const digits = tuningDigits(space);
  const size = digits.length / strings;
  const turning = perString.map((pitches, string) =>
    pitches.map((midi) => weighRetuning(stringRetuningCost(from[string] ?? midi, midi), weights)),
  );
  const costs = new Float64Array(size);
  for (let row = 0; row < size; row++) {
    for (let string = 0; string < strings; string++) {
      costs[row] =
        (costs[row] ?? 0) + (turning[string]?.[digits[row * strings + string] ?? 0] ?? 0);
    }
  }
  const grouped = new Map<string, Groups>();
  return {
    size,
    costs,
    midiOf: (row) =>
      perString.map((pitches, string) => pitches[digits[row * strings + string] ?? 0] ?? 0),
    group: (playing) => {
      const known = grouped.get(playing.join());
      if (known) return known;
      const groups = groupRows(digits, perString, playing, capo);
      grouped.set(playing.join(), groups);
      return groups;
    },
    cheapest: (max) => cheapestRows(costs, max),
  };
}

function groupRows(
  digits: Uint8Array,
  perString: readonly (readonly Midi[])[],
  playing: Playing,
  capo: number,
): Groups {
  const strings = perString.length;
  const size = digits.length / strings;
  const pitches = perString.map((opens, string) =>
    (playing[string] ? opens : opens.slice(0, 1)).map((open) => open + capo),
  );
  const codes = new Float64Array(size);
  for (let row = 0; row < size; row++) {
    let code = 0;
    for (const [string, { length: base }] of pitches.entries()) {
      code = code * base + (playing[string] ? (digits[row * strings + string] ?? 0) : 0);
    }
    codes[row] = code;
  }
  const different = withoutRepeats(codes.toSorted());
  const groups = new Map<number, number>();
  for (const [group, code] of different.entries()) groups.set(code, group);
  const ofRow = Int32Array.from(codes, (code) => groups.get(code) ?? 0);
  return { ofRow, tree: makePitchTree(pitches, different) };
}

function withoutRepeats(sorted: Float64Array): Float64Array {
  return sorted.filter((value, index) => index === 0 || value !== sorted[index - 1]);
}

/** The rows of the least costs, by one pass that keeps a short sorted list. */
function cheapestRows(costs: Float64Array, max: number): readonly number[] {
  const best: number[] = [];
  const costOf = (row: number | undefined) =>
    row === undefined ? Infinity : (costs[row] ?? Infinity);
  for (let row = 0; row < costs.length; row++) {
    if (costOf(row) === Infinity) continue;
    if (best.length === max && costOf(row) >= costOf(best.at(-1))) continue;
    let place = best.length;
    while (place > 0 && costOf(best[place - 1]) > costOf(row)) place--;
    best.splice(place, 0, row);
    if (best.length > max) best.pop();
  }
  return best;
}
