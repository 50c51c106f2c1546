import { countTime, snap } from "./counts";
import { type BarColumns } from "./barsIn";

/** A count over a system: where it stands, and what it says. */
export interface CountWord {
  readonly column: number;
  readonly text: string;
}

const GRIDS = [1, 1 / 2, 1 / 3, 1 / 4, 1 / 6, 1 / 8];
/** So far from its place, in parts of a grid, a hand that types a tab may set a note. */
const SLACK = 0.2;
/** The most columns that stand before the first note of a bar for looks. */
const MAX_PADDING = 2;

/**
 * When the columns of a bar are, in quarters. Counts over it say so; without them the bar's width is its length, and times
 * are those of the coarsest even grid that fits.
 */
export function timesIn(
  columns: readonly number[],
  bar: BarColumns,
  beats: number,
  meter: string,
  counts: readonly CountWord[],
): ReadonlyMap<number, number> {
  const own = counts.filter(({ column }) => column >= bar.from - 1 && column < bar.to);
  const marks = onBar(marksOf(own, meter), bar);
  if (marks.length > 0) return byCounts(columns, marks, bar, beats);
  return byWidth(columns, bar, beats);
}

/** Columns that a hand may leave between the last note of a bar and its bar line beyond the even ones, or lack there. */
const TRAILING = [0, 1, 2, -1, 3];

function byWidth(
  columns: readonly number[],
  bar: BarColumns,
  beats: number,
): ReadonlyMap<number, number> {
  const first = Math.min(...columns, bar.to);
  const padding = first - bar.from <= MAX_PADDING ? first - bar.from : 1;
  const timesFor = (trailing: number) => {
    const width = Math.max(1, bar.to - bar.from - padding - trailing);
    return columns.map((column) => Math.max(0, ((column - bar.from - padding) / width) * beats));
  };
  const fits = TRAILING.flatMap((trailing, at) => {
    const times = timesFor(trailing);
    const grid = GRIDS.findIndex((each) => fitsGrid(times, each, beats));
    return grid < 0 ? [] : [{ times, grid: GRIDS[grid] ?? 1, cost: 2 * grid + at }];
  });
  const best = fits.reduce<(typeof fits)[number] | null>(
    (min, each) => (min && min.cost <= each.cost ? min : each),
    null,
  );
  const plain = timesFor(0);
  return new Map(
    columns.map((column, at) => [
      column,
      best ? Math.round((best.times[at] ?? 0) / best.grid) * best.grid : snap(plain[at] ?? 0),
    ]),
  );
}

function fitsGrid(times: readonly number[], grid: number, beats: number): boolean {
  const places = times.map((time) => Math.round(time / grid));
  const isNear = times.every((time, at) => Math.abs(time / grid - (places[at] ?? 0)) <= SLACK);
  const isWithin = places.every((place) => place * grid < beats);
  return isNear && isWithin && new Set(places).size === times.length;
}

/** Counts that were typed as if bar lines took no room begin before their bar; they are moved into it. */
function onBar(marks: readonly Mark[], bar: BarColumns): readonly Mark[] {
  const before = bar.from - (marks[0]?.column ?? bar.from);
  return before <= 0 ? marks : marks.map((mark) => ({ ...mark, column: mark.column + before + 1 }));
}

interface Mark {
  readonly column: number;
  readonly time: number;
}

function marksOf(counts: readonly CountWord[], meter: string): readonly Mark[] {
  let last = 1;
  return counts.flatMap(({ column, text }) => {
    const time = countTime(text, last, meter);
    if (/^\d/.test(text)) last = Math.floor(Number(text));
    return time === null ? [] : [{ column, time }];
  });
}

/**
 * Between two counts the columns are even, up to the end of the bar, where the next would begin. A note beside a count that
 * has no note of its own is meant for it.
 */
function byCounts(
  columns: readonly number[],
  marks: readonly Mark[],
  bar: BarColumns,
  beats: number,
): ReadonlyMap<number, number> {
  const padding = Math.min(MAX_PADDING, Math.max(0, (marks[0]?.column ?? bar.from) - bar.from));
  const all = [...marks, { column: bar.to + padding, time: beats }];
  const taken = new Set(columns);
  return new Map(
    columns.map((column) => {
      const beside = marks.find(
        (mark) => Math.abs(mark.column - column) <= 1 && !taken.has(mark.column),
      );
      const at = Math.max(
        0,
        marks.findLastIndex((mark) => mark.column <= column),
      );
      const [mark, next] = [all[at], all[at + 1]];
      if (beside) return [column, beside.time];
      if (!mark || !next || mark.column === column) return [column, mark?.time ?? 0];
      const share = (column - mark.column) / Math.max(1, next.column - mark.column);
      const time = mark.time + share * Math.max(0, next.time - mark.time);
      return [column, Math.max(0, snap(time))];
    }),
  );
}
