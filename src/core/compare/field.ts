import { weighRetuning, type Playing, type Weights } from "@/core/gripSearch";
import { type Midi } from "@/core/pitch";
import { stringRetuningCost } from "./retuning";
import { tuningDigits, type SearchSpace } from "./searchSpace";

/** Tunings that agree on some strings. */
export interface Groups {
  readonly count: number;
  /** By row: the group it belongs to. */
  readonly ofRow: Int32Array;
  /** By group: one of its rows. */
  readonly example: Int32Array;
}

/** All tunings of a search, a row each, and what they have cost so far. */
export interface Field {
  readonly size: number;
  /** Effort points so far; Infinity for a tuning that is out. */
  readonly costs: Float64Array;
  readonly midiOf: (row: number) => readonly Midi[];
  readonly group: (playing: Playing) => Groups;
  /** The rows that have cost least so far, cheapest first. */
  readonly cheapest: (most: number) => readonly number[];
}

/** Beyond this many combinations of pitches, groups are numbered by a table instead of an array. */
const MAX_CODES = 1 << 22;

/** Lays out the tunings of a space; each begins with the cost of its retuning. */
export function makeField(space: SearchSpace, weights: Weights): Field {
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
  return {
    size,
    costs,
    midiOf: (row) =>
      perString.map((pitches, string) => pitches[digits[row * strings + string] ?? 0] ?? 0),
    group: (playing) => groupRows(digits, perString, playing),
    cheapest: (most) => cheapestRows(costs, most),
  };
}

function groupRows(
  digits: Uint8Array,
  perString: readonly (readonly Midi[])[],
  playing: Playing,
): Groups {
  const strings = perString.length;
  const size = digits.length / strings;
  const sounding = perString.flatMap((pitches, string) =>
    playing[string] ? [{ string, radix: pitches.length }] : [],
  );
  const codes = sounding.reduce((product, { radix }) => product * radix, 1);
  const groupOf = codes <= MAX_CODES ? numberByArray(codes) : numberByTable();
  const ofRow = new Int32Array(size);
  const example = new Int32Array(Math.min(codes, size));
  let count = 0;
  for (let row = 0; row < size; row++) {
    let code = 0;
    for (const { string, radix } of sounding) {
      code = code * radix + (digits[row * strings + string] ?? 0);
    }
    const group = groupOf(code, count);
    ofRow[row] = group;
    if (group === count) example[count++] = row;
  }
  return { count, ofRow, example };
}

/** Functions that tell the number of a code, which is `next` the first time. */
function numberByArray(codes: number): (code: number, next: number) => number {
  const numbers = new Int32Array(codes).fill(-1);
  return (code, next) => {
    const known = numbers[code] ?? -1;
    if (known >= 0) return known;
    numbers[code] = next;
    return next;
  };
}

function numberByTable(): (code: number, next: number) => number {
  const numbers = new Map<number, number>();
  return (code, next) => {
    const known = numbers.get(code);
    if (known !== undefined) return known;
    numbers.set(code, next);
    return next;
  };
}

/** The rows of the least costs, by one pass that keeps a short sorted list. */
function cheapestRows(costs: Float64Array, most: number): readonly number[] {
  const best: number[] = [];
  const costOf = (row: number | undefined) =>
    row === undefined ? Infinity : (costs[row] ?? Infinity);
  for (let row = 0; row < costs.length; row++) {
    if (costOf(row) === Infinity) continue;
    if (best.length === most && costOf(row) >= costOf(best.at(-1))) continue;
    let place = best.length;
    while (place > 0 && costOf(best[place - 1]) > costOf(row)) place--;
    best.splice(place, 0, row);
    if (best.length > most) best.pop();
  }
  return best;
}
