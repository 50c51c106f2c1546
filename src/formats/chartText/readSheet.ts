import { readChart } from "@/core/song";
import { MAX_STRINGS, MIN_STRINGS, nameTuning, type Tuning, usualMidi } from "@/core/tuning";
import {
  chartScore,
  problemAt,
  type FormatProblem,
  type ReadScore,
  type ScoreChord,
  type ScoreLine,
} from "@/formats/score";
import { readDefine, type DefinedGrip } from "./define";

/** A grip, and the line on which it is defined. */
type LinedGrip = DefinedGrip & { readonly line: number };

const MAX_CAPO = 24;

/**
 * Reads a chart of any kind with what bracketed sheets add to it: grips by `{define}`, `{capo}`, and the tuning in an
 * `{x_tuning}`. A grip holds for its name from its line on; before the first, that one holds.
 */
export function readSheet(text: string): ReadScore {
  const chart = readChart(text);
  const problems: FormatProblem[] = chart.problems.map(({ line, column, message }) =>
    problemAt(line, message, column),
  );
  if (chart.order.length === 0) {
    problems.push(problemAt(null, "no chord in it; write some, like | A5 . D5 . |"));
  }
  const said = directivesIn(chart.kept);
  const grips = said.flatMap(({ line, name, value }): readonly LinedGrip[] => {
    if (name !== "define" && name !== "chord") return [];
    const grip = readDefine(value);
    // A {chord} only shows a grip that is defined elsewhere, where it says no frets.
    if (!grip && name === "define" && /frets/i.test(value)) {
      problems.push(problemAt(line, `'${value}': write frets like frets x 5 7 7 x x`));
    }
    return grip ? [{ ...grip, line }] : [];
  });
  const given = chart.tuningMidi && nameTuning(chart.tuningMidi);
  const tuning = given ?? usualFor(grips[0]?.fretting.length ?? 0);
  const capo = capoOf(said, problems);
  const strings = tuning?.midi.length ?? 0;
  const fitting = grips.filter(({ fretting, line, name }) => {
    if (fretting.length === strings) return true;
    problems.push(
      problemAt(
        line,
        `${name} has frets for ${fretting.length} strings; ${strings > 0 ? `the tuning has ${strings}` : `a guitar has ${MIN_STRINGS} to ${MAX_STRINGS}`}`,
      ),
    );
    return false;
  });
  const score = chartScore(chart);
  const gripped = (chord: ScoreChord, line: number): ScoreChord => {
    const own = fitting.filter(({ name }) => name === chord.name);
    const grip = own.findLast((each) => each.line <= line) ?? own[0];
    return grip ? { ...chord, fretting: grip.fretting, fingers: grip.fingers } : chord;
  };
  return {
    isTuningGuessed: given === null && tuning !== null,
    score: {
      ...score,
      tuning,
      capo,
      names: capo > 0 ? "shape" : "sound",
      sections: score.sections.map(({ bars, ...section }) => ({
        ...section,
        bars: bars.map((bar) => ({
          ...bar,
          chords: bar.chords.map((chord) => gripped(chord, bar.line ?? 0)),
        })),
      })),
    },
    problems: problems.toSorted((a, b) => (a.line ?? 0) - (b.line ?? 0)),
  };
}

interface Directive {
  readonly line: number;
  readonly name: string;
  readonly value: string;
}

function directivesIn(kept: readonly ScoreLine[]): readonly Directive[] {
  return kept.flatMap(({ line, text, kind }) => {
    const [, name, value] = /^\{?\s*([\w-]+)\s*[:\s]\s*(.*?)\s*\}?$/s.exec(text) ?? [];
    return kind === "directive" && name !== undefined && value !== undefined
      ? [{ line, name: name.toLowerCase(), value }]
      : [];
  });
}

/** The usual tuning for grips that say none; null where there are none. */
function usualFor(strings: number): Tuning | null {
  return strings >= MIN_STRINGS && strings <= MAX_STRINGS ? nameTuning(usualMidi(strings)) : null;
}

function capoOf(said: readonly Directive[], problems: FormatProblem[]): number {
  const given = said.findLast(({ name }) => name === "capo");
  if (!given) return 0;
  const capo = /^\d{1,2}$/.test(given.value) ? Number(given.value) : NaN;
  if (capo <= MAX_CAPO) return capo;
  problems.push(problemAt(given.line, `'${given.value}': write the capo's fret, 0 to ${MAX_CAPO}`));
  return 0;
}
