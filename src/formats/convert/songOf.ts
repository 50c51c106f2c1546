import { sectionKeys, DEFAULT_SONG_SETTINGS, type Mark } from "@/core/arrangement";
import { readChart } from "@/core/song";
import { oneLine, writeChart } from "@/formats/chartText";
import { type ReadFile } from "@/formats/files";
import { ownGrips, type FormatProblem, type PlayedGrip, type Score } from "@/formats/score";
import { LONGEST_CHART, LONGEST_NAME, type SongContent } from "@/state";
import { usualTuning } from "./writeAs";

/** A song as Tenon keeps it, made from a file; on which guitar the player says. */
export interface MadeSong {
  readonly song: Omit<SongContent, "guitarId">;
  readonly problems: readonly FormatProblem[];
}

/** More than a player decides about any song. */
const MAX_MARKS = 2000;

/**
 * Makes a song of what was read: charts stay letter for letter, other formats are written as one; frets become grips that
 * are pinned.
 */
export function songOf(file: Extract<ReadFile, { readonly kind: "song" }>): MadeSong {
  const { score } = file;
  const written = file.text === null ? writeChart(score) : { text: file.text, problems: [] };
  const chart = written.text.slice(0, LONGEST_CHART);
  const isCut = written.text.length > LONGEST_CHART;
  const cut = {
    line: null,
    column: null,
    message: "the chart is longer than Tenon keeps; its end is left out",
  };
  return {
    song: {
      name: oneLine(score.title ?? "").slice(0, LONGEST_NAME) || "Song from a file",
      chart,
      tuningMidi: (score.tuning ?? usualTuning()).midi,
      settings: { ...DEFAULT_SONG_SETTINGS, marks: marksOf(chart, ownGrips(withoutRiffs(score))) },
      archived: false,
    },
    problems: [...written.problems, ...(isCut ? [cut] : [])],
  };
}

function withoutRiffs(score: Score): Score {
  const sections = score.sections.map(({ bars, ...section }) => ({
    ...section,
    bars: bars.map((bar) => ({ ...bar, chords: bar.chords.filter(({ riff }) => !riff) })),
  }));
  return { ...score, sections };
}

/** Grips as pins: one for all chords of a name that are played the same, else one for each place. */
function marksOf(text: string, grips: readonly (PlayedGrip | null)[]): readonly Mark[] {
  const chart = readChart(text);
  const keys = sectionKeys(chart);
  const places = new Map<
    string,
    { chord: string; section: string; at: readonly [number, number]; grip: PlayedGrip }
  >();
  let played = 0;
  for (const [section, index] of chart.order) {
    const bar = chart.sections[section]?.bars[index];
    for (const [inBar, { name, reducedTo }] of (bar?.chords ?? []).entries()) {
      if (reducedTo === null) continue;
      const grip = grips[played++];
      const key = `${section} ${index} ${inBar}`;
      if (!grip || places.has(key)) continue;
      places.set(key, { chord: name, section: keys[section] ?? "", at: [index, inBar], grip });
    }
  }
  const all = [...places.values()];
  const ways = new Map<string, Set<string>>();
  for (const { chord, grip } of all) {
    ways.set(chord, (ways.get(chord) ?? new Set()).add(grip.fretting.join()));
  }
  const everywhere = new Set<string>();
  return all
    .flatMap(({ chord, section, at, grip }): readonly Mark[] => {
      const pin = {
        act: "pin",
        chord,
        fretting: grip.fretting,
        fingers: grip.fingers?.some((finger) => finger !== 0) ? grip.fingers : null,
      } as const;
      if ((ways.get(chord)?.size ?? 0) > 1) return [{ ...pin, section, at }];
      if (everywhere.has(chord)) return [];
      everywhere.add(chord);
      return [{ ...pin, section: null, at: null }];
    })
    .slice(0, MAX_MARKS);
}
