import { sectionRuns } from "@/formats/chartText";
import { type Score, type ScoreBar } from "@/formats/score";

/** A section as a sheet writes it: its bars the first time, only its name when it comes again. */
interface SheetSection {
  readonly name: string;
  readonly times: number;
  readonly bars: readonly ScoreBar[];
}

/** The sections in the order of the song. */
export function sectionLines(score: Score): readonly SheetSection[] {
  const written = new Set<string>();
  return sectionRuns(score).map(({ section, bars, times }) => {
    const { name = "", bars: own = [] } = score.sections[section] ?? {};
    const shown = times === null ? bars : bars.slice(0, own.length);
    const key = `${section} ${shown.join()}`;
    const isAgain = written.has(key) && name !== "";
    written.add(key);
    return {
      name,
      times: times ?? 1,
      bars: isAgain ? [] : shown.flatMap((bar) => own[bar] ?? []),
    };
  });
}
