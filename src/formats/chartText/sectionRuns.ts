import { type Score } from "@/formats/score";

/** A section as the song comes to it: its bars in the order in which they are played this time. */
export interface SectionRun {
  readonly section: number;
  readonly bars: readonly number[];
  /** How often all of its bars are played from first to last; null where they are played in another order. */
  readonly times: number | null;
}

/** The sections of a song as it comes to them, each until the next begins. */
export function sectionRuns({ sections, order }: Score): readonly SectionRun[] {
  const runs: { section: number; bars: number[] }[] = [];
  for (const [section, bar] of order) {
    const last = runs.at(-1);
    if (last?.section === section) last.bars.push(bar);
    else runs.push({ section, bars: [bar] });
  }
  return runs.map(({ section, bars }) => ({
    section,
    bars,
    times: timesOf(bars, sections[section]?.bars.length ?? 0),
  }));
}

function timesOf(bars: readonly number[], length: number): number | null {
  const isWhole = length > 0 && bars.length % length === 0;
  return isWhole && bars.every((bar, at) => bar === at % length) ? bars.length / length : null;
}
