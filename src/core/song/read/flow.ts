/** Most bars that all repeats together may make of a section; more is no song, and would fill the memory. */
const MAX_PLAYED = 20_000;

/** In which order the bars of a section are played, as its repeat signs are met. */
export interface RepeatFlow {
  /** A bar more, to be played where it stands. */
  readonly add: () => void;
  /** `|:` */
  readonly open: () => void;
  /** `:|`, so many times in all; where none is open, from the beginning of the section. */
  readonly close: (times: number) => void;
  /** The beginning of the ending for these times: `|1.`. */
  readonly beginEnding: (times: number) => void;
  /** Plays the last so many bars again, so often in all: `x2` after a line. */
  readonly again: (bars: number, times: number) => void;
  readonly bars: () => number;
  /** The indices of the bars as they are played. */
  readonly played: () => readonly number[];
}

export function makeRepeatFlow(): RepeatFlow {
  const played: number[] = [];
  let bars = 0;
  /** Where what is repeated begins, among the bars. */
  let start = 0;
  /** Where what is repeated ends, if it has endings of its own. */
  let bodyEnd: number | null = null;
  /** Where the ending in progress begins, and how many times it is for. */
  let ending: { readonly from: number; readonly times: number } | null = null;

  const range = (from: number, to: number) =>
    Array.from({ length: to - from }, (_, index) => from + index);
  const repeat = (part: readonly number[], times: number) => {
    for (let time = 0; time < times && played.length + part.length <= MAX_PLAYED; time++) {
      played.push(...part);
    }
  };

  return {
    add: () => {
      played.push(bars);
      bars += 1;
    },
    open: () => {
      [start, bodyEnd, ending] = [bars, null, null];
    },
    close: (times) => {
      if (ending) {
        const body = range(start, bodyEnd ?? ending.from);
        repeat([...body, ...range(ending.from, bars)], ending.times - 1);
        // The next ending follows the same bars.
        repeat(body, 1);
        ending = null;
        return;
      }
      repeat(range(start, bars), times - 1);
      start = bars;
    },
    beginEnding: (times) => {
      ending = { from: bars, times };
      bodyEnd ??= bars;
    },
    again: (count, times) => repeat(range(bars - count, bars), times - 1),
    bars: () => bars,
    played: () => played,
  };
}
