import { pitchTexts } from "@/core/pitch";
import { quartersPerBeat, readChart, textureMark } from "@/core/song";
import {
  problemAt,
  type FormatProblem,
  type Score,
  type ScoreBar,
  type ScoreChord,
} from "@/formats/score";
import { barText } from "./barText";
import { defineText } from "./define";
import { BARS, type Dialect } from "./dialects";
import { meterBeats, meterOf } from "./meters";
import { sectionRuns, type SectionRun } from "./sectionRuns";

/** A text, and what of the score it cannot say. */
export interface WrittenText {
  readonly text: string;
  readonly problems: readonly FormatProblem[];
}

const BARS_A_LINE = 4;
const ROUNDING = 1e-6;

/**
 * Writes a score as the text of a chart that `readChart` reads to the same bars: chords at their time, sections, repeats,
 * how it is played, words and comments.
 */
export function writeChart(score: Score, dialect: Dialect = BARS): WrittenText {
  const lines: string[] = headOf(score, dialect);
  const problems: FormatProblem[] = [];
  const state: WriterState = {
    meter: score.meter,
    quarterBpm: score.tempoBpm === null ? null : score.tempoBpm * quartersPerBeat(score.meter),
    grips: new Map(),
    inexact: 0,
    tempos: 0,
  };
  const written = new Map<string, number>();
  const kept = keptByLine(score);
  for (const run of sectionRuns(score)) {
    const name = nameOf(score, run);
    const isWhole = run.times !== null;
    const known = written.get(name.toLowerCase());
    const again = isWhole && known === run.section && dialect.again(name, run.times ?? 1);
    if (lines.length > 0) lines.push("");
    if (again) {
      lines.push(again);
      continue;
    }
    const body = bodyOf(score, run, dialect, state, kept);
    lines.push(...dialect.section(name, isWhole ? (run.times ?? 1) : 1, body));
    if (isWhole) written.set(name.toLowerCase(), run.section);
    else written.delete(name.toLowerCase());
  }
  lines.push(...[...kept.values()].flat());
  if (state.tempos > MOST_TEMPOS) {
    const left = state.tempos - MOST_TEMPOS;
    problems.push(
      problemAt(
        null,
        `the first ${MOST_TEMPOS} changes of tempo are written; ${left} are left out`,
      ),
    );
  }
  if (state.inexact > 0) {
    const what = state.inexact === 1 ? "a bar has" : `${state.inexact} bars have`;
    problems.push(
      problemAt(null, `${what} chords at times that no chart writes; the nearest stand`),
    );
  }
  return { text: `${lines.join("\n")}\n`, problems };
}

/** What changes from line to line. */
interface WriterState {
  meter: string;
  /** Tempo written last, in quarter notes per minute. */
  quarterBpm: number | null;
  /** The grip that was defined last for each name. */
  readonly grips: Map<string, string>;
  inexact: number;
  /** Changes of tempo so far. */
  tempos: number;
}

function headOf(score: Score, dialect: Dialect): string[] {
  const { title, key, tempoBpm, meter, tuning, capo } = score;
  const strings = tuning ? pitchTexts(tuning.midi).join(" ") : undefined;
  return [
    // The tuning comes first, so that whoever reads on knows what frets are.
    ...(strings === undefined ? [] : [`{x_tuning: ${strings}}`]),
    ...(title === null ? [] : [dialect.say("Title", oneLine(title))]),
    ...(key === null ? [] : [dialect.say("Key", oneLine(key))]),
    ...(tempoBpm === null ? [] : [dialect.say("Tempo", tempoText(tempoBpm))]),
    ...(meter === "4/4" ? [] : [dialect.say("Time", meter)]),
    ...(capo === 0 ? [] : [dialect.say("Capo", String(capo))]),
  ];
}

/** A section's lines: its bars, what is said between them, and the words that stood there. */
function bodyOf(
  score: Score,
  run: SectionRun,
  dialect: Dialect,
  state: WriterState,
  kept: Map<number, string[]>,
): readonly string[] {
  const { bars: own = [], tuning } = score.sections[run.section] ?? {};
  const places = run.times === null ? run.bars : [...own.keys()];
  const bars = places.flatMap((place) => own[place] ?? []);
  const textures = new Set(bars.flatMap(({ chords }) => chords.map(({ texture }) => texture)));
  const [only] = textures;
  const shared = textures.size === 1 && only ? only : null;
  const lines: string[] = [];
  if (tuning) lines.push(dialect.say("Tuning", pitchTexts(tuning.midi).join(" ")));
  if (shared !== null) lines.push(dialect.say("Texture", shared));
  const textureOf = ({ texture, riff }: ScoreChord) =>
    texture === null || texture === shared ? "" : `${riff ? " " : ""}${textureMark(texture)}`;
  let open: string[] = [];
  let openLine: number | undefined;
  const endLine = () => {
    if (open.length > 0) lines.push(`| ${open.join(" | ")} |`);
    const words = openLine === undefined ? [] : (kept.get(openLine) ?? []);
    // A line may stand in the song twice; its words go with the first.
    if (openLine !== undefined) kept.delete(openLine);
    lines.push(...words);
    open = [];
    openLine = undefined;
  };
  for (const [at, bar] of bars.entries()) {
    const isLong = open.length >= BARS_A_LINE;
    const goesBack = (places[at] ?? 0) <= (places[at - 1] ?? -1);
    const isFull = bar.line === undefined ? isLong : bar.line !== openLine || (isLong && goesBack);
    const said = [...meterLines(bar, state, dialect), ...tempoLines(bar, state, dialect)];
    const defined = dialect.hasGrips ? newGrips(bar, state.grips) : [];
    if (isFull || said.length > 0 || defined.length > 0) endLine();
    lines.push(...said, ...defined);
    const isNextEarly = (bars[at + 1]?.chords[0]?.startBeat ?? 0) < -ROUNDING;
    const { text, isExact } = barText(bar, isNextEarly, textureOf);
    if (!isExact) state.inexact++;
    open.push(text);
    openLine = bar.line;
  }
  endLine();
  return lines;
}

/** What must be said so that a bar has its meter and its length. */
function meterLines(bar: ScoreBar, state: WriterState, dialect: Dialect): readonly string[] {
  const whole = meterBeats(bar.meter);
  const isShort = bar.beats < whole - ROUNDING;
  const isLong = bar.beats > whole + ROUNDING;
  const meter = isLong ? (meterOf(bar.beats) ?? bar.meter) : bar.meter;
  const said = meter === state.meter ? [] : [dialect.say("Time", meter)];
  state.meter = meter;
  return isShort ? [...said, dialect.say("Pickup", String(bar.beats))] : said;
}

/** The `Tempo:` line needed before a bar, if any. */
function tempoLines(
  { meter, tempoBpm }: ScoreBar,
  state: WriterState,
  dialect: Dialect,
): readonly string[] {
  const quarterBpm = tempoBpm === null ? null : tempoBpm * quartersPerBeat(meter);
  const isSame =
    quarterBpm === null || Math.abs(quarterBpm - (state.quarterBpm ?? 0)) < TEMPO_ROUNDING;
  if (tempoBpm === null || isSame) return [];
  state.tempos += 1;
  if (state.tempos > MOST_TEMPOS) return [];
  state.quarterBpm = quarterBpm;
  return [dialect.say("Tempo", tempoText(tempoBpm))];
}

/** Limits the lines written for a recording whose tempo changes in every bar. */
const MOST_TEMPOS = 16;
/** Bpm are written with two decimals. */
const TEMPO_ROUNDING = 0.01;

function tempoText(tempoBpm: number): string {
  return String(Math.round(tempoBpm * 100) / 100);
}

/** The grips of a bar that are not those defined last for their names. */
function newGrips({ chords }: ScoreBar, grips: Map<string, string>): readonly string[] {
  return chords.flatMap(({ name, fretting, fingers, riff }) => {
    if (!fretting || riff) return [];
    const text = defineText({ name, fretting, fingers });
    if (grips.get(name) === text) return [];
    grips.set(name, text);
    return [text];
  });
}

function nameOf({ sections }: Score, { section }: SectionRun): string {
  return oneLine(sections[section]?.name ?? "").slice(0, 60);
}

/**
 * Words and comments by the line of bars that they follow; what stands before the first bar comes at the end. Words that
 * would be read as music are written as remarks.
 */
function keptByLine({ kept, sections }: Score): Map<number, string[]> {
  const barLines = [...new Set(sections.flatMap(({ bars }) => bars.map(({ line }) => line ?? 0)))];
  const sorted = barLines.toSorted((a, b) => a - b);
  const byLine = new Map<number, string[]>();
  for (const { kind, line, text } of kept) {
    if (kind === "directive") continue;
    const at = sorted.findLast((each) => each <= line) ?? sorted[0] ?? 0;
    const written = staysWords(text) ? text : `# ${text}`;
    byLine.set(at, [...(byLine.get(at) ?? []), written]);
  }
  return byLine;
}

/** Whether a line is read as words again, and not as chords or a heading. */
function staysWords(text: string): boolean {
  const { sections, problems, kept } = readChart(text);
  return (
    sections.length === 0 && problems.length === 0 && kept.every(({ kind }) => kind !== "directive")
  );
}

/** A name as a line can hold it, without what cannot be seen. */
export function oneLine(text: string): string {
  return text
    .replace(/[\p{Cc}\p{Cf}\u2028\u2029]+/gu, " ")
    .replace(/\s+/g, " ")
    .trim();
}
