import { type Arrangement } from "@/core/arrangement";

/** A line of bars, as indices in `arrangement.bars`; `to` is exclusive. */
export interface BarLine {
  readonly from: number;
  readonly to: number;
}

/** More bars than this do not fit on one line at reading size. */
const MOST_BARS = 4;
const FEWEST_BARS = 2;

/**
 * Divides a song into lines of at most `mostBars` bars. Line breaks follow the chart, except that a line with a single bar
 * continues with the next bars of its section.
 */
export function barLines({ bars }: Arrangement, mostBars = MOST_BARS): readonly BarLine[] {
  const lines: { from: number; to: number }[] = [];
  for (const [index, bar] of bars.entries()) {
    const open = lines.at(-1);
    const before = bars[index - 1];
    const length = open ? open.to - open.from : 0;
    const goesOn =
      before?.section === bar.section &&
      bar.bar > before.bar &&
      length < mostBars &&
      (before.line === bar.line || length < FEWEST_BARS);
    if (open && goesOn) open.to = index + 1;
    else lines.push({ from: index, to: index + 1 });
  }
  return lines;
}

/** The line that a bar stands in, and the one after it. */
export function linesAt(
  lines: readonly BarLine[],
  bar: number,
): readonly [now: BarLine | null, next: BarLine | null] {
  const at = lines.findIndex(({ from, to }) => bar >= from && bar < to);
  return [lines[at] ?? null, at < 0 ? null : (lines[at + 1] ?? null)];
}
