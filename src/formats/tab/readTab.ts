import { readChart, readHeadingLine, type Chart } from "@/core/song";
import { readTuning, samePitches, type Tuning } from "@/core/tuning";
import { remembered } from "@/state";
import { meterBeats } from "@/formats/chartText";
import {
  chordsInNotes,
  EMPTY_SCORE,
  namedChord,
  openMidi,
  problemAt,
  type FormatProblem,
  type ReadScore,
  type Score,
  type ScoreBar,
  type ScoreLine,
  type ScoreNote,
} from "@/formats/score";
import { barsIn, type BarColumns } from "./barsIn";
import { countQuarters } from "./counts";
import { notesIn } from "./notesIn";
import { blocksIn, isChords, isCounts, isMutes, type System } from "./systems";
import { timesIn, type CountWord } from "./timesIn";
import { tuningOfLabels } from "./tuningOfLabels";

/** More bars than any tablature has. */
const MAX_BARS = 5_000;
const MAX_CAPO = 24;
const MAX_TIMES = 50;
/** A name may begin so many columns beside the notes that it is meant for. */
const NAME_SLACK = 2;

/** What a section is called, and how often it is played. */
interface Heading {
  readonly name: string;
  readonly times: number;
}

interface OpenSection extends Heading {
  readonly bars: ScoreBar[];
  readonly order: number[];
  /** The bar from which a repeat is open. */
  from: number;
}

/**
 * Reads text tablature: systems of four to ten strings, thinnest on top, with or without bar lines; chord names, counts and
 * palm mutes over them; headings and what is said of the song between them.
 */
export function readTab(text: string): ReadScore {
  const blocks = blocksIn(text);
  const problems: FormatProblem[] = [];
  const beside = blocks.flatMap((block) => (block.kind === "text" ? [block] : []));
  const chart = readChart(beside.map((block) => block.text).join("\n"));
  let score: Score = {
    ...EMPTY_SCORE,
    title: chart.title,
    key: chart.key,
    tempoBpm: chart.tempoBpm,
    capo: capoOf(chart),
    kept: chart.kept.map((line): ScoreLine => ({
      ...line,
      line: beside[line.line - 1]?.line ?? 1,
    })),
  };
  const said = saidTuning(chart);
  let meter = "4/4";
  let isMeterSaid = false;
  let waiting: Heading | null = null;
  const sections: OpenSection[] = [];
  const unread = new Map<string, number>();
  let bars = 0;
  let isLabelled = said !== null;
  const labelledTuning = remembered((labels) => tuningOfLabels(JSON.parse(labels) as string[]));
  for (const block of blocks) {
    if (block.kind === "text") {
      const heading = headingIn(block.text);
      const meterSaid = /^\s*\{?\s*(?:time|meter)\s*:\s*(\d{1,2}\/(?:2|4|8|16))/i.exec(
        block.text,
      )?.[1];
      waiting = heading ?? waiting;
      if (meterSaid !== undefined) {
        if (bars === 0 && !isMeterSaid) score = { ...score, meter: meterSaid };
        [meter, isMeterSaid] = [meterSaid, true];
      }
      continue;
    }
    const { system } = block;
    const line = system.strings[0]?.line ?? 1;
    const labelled = labelledTuning(JSON.stringify(system.strings.map(({ label }) => label)));
    if (!labelled) {
      const labels = system.strings.map(({ label }) => label || "?").join(" ");
      problems.push(problemAt(line, `'${labels}' is no tuning; write a note before each string`));
      continue;
    }
    isLabelled ||= system.strings.some(({ label }) => label !== "");
    const tuning = fitting(labelled.tuning, said ?? score.tuning);
    score = { ...score, tuning: score.tuning ?? tuning };
    if (!samePitches(tuning.midi, score.tuning?.midi ?? [])) {
      problems.push(
        problemAt(line, `tuned to ${tuning.name} here; only ${score.tuning?.name} is read`),
      );
      continue;
    }
    if (waiting !== null || sections.length === 0) {
      sections.push({ name: "", times: 1, ...waiting, bars: [], order: [], from: 0 });
      waiting = null;
    }
    const section = sections.at(-1);
    if (!section) continue;
    const columns = barsIn(system.strings);
    if (columns.length === 1 && !/\|/.test(system.strings[0]?.body.slice(1) ?? "")) {
      problems.push(problemAt(line, "no bar lines; the line is read as one bar"));
    }
    for (const [at, found] of columns.slice(0, MAX_BARS - bars).entries()) {
      const bar = { ...found, isFirst: at === 0 };
      const read = readBar(system, bar, meter, bars === 0, score, labelled.isUpsideDown);
      for (const sign of read.unread) unread.set(sign, unread.get(sign) ?? line);
      addBar(section, read.bar, bar);
      bars += 1;
    }
    if (bars >= MAX_BARS) {
      problems.push(problemAt(line, `only the first ${MAX_BARS} bars are read`));
      break;
    }
  }
  for (const [sign, line] of unread) problems.push(problemAt(line, unreadText(sign)));
  if (bars === 0)
    problems.push(problemAt(null, "no tablature; write at least four lines of strings"));
  return {
    isTuningGuessed: !isLabelled && score.tuning !== null,
    score: {
      ...score,
      sections: sections.map(({ name, bars: own }) => ({ name, bars: own })),
      order: sections.flatMap(({ order, times }, at) =>
        Array.from({ length: times }, () => order.map((bar) => [at, bar] as const)).flat(),
      ),
    },
    problems,
  };
}

function addBar(section: OpenSection, bar: ScoreBar, { opens, closes }: BarColumns): void {
  if (opens) section.from = section.bars.length;
  section.order.push(section.bars.push(bar) - 1);
  if (closes === null) return;
  const again = section.bars.map((_, at) => at).slice(section.from);
  for (let time = 1; time < closes; time++) section.order.push(...again);
  section.from = section.bars.length;
}

interface ReadBar {
  readonly bar: ScoreBar;
  readonly unread: ReadonlySet<string>;
}

function readBar(
  system: System,
  columns: BarColumns & { readonly isFirst: boolean },
  meter: string,
  isBeginning: boolean,
  score: Score,
  isUpsideDown: boolean,
): ReadBar {
  const { strings } = system;
  const { notes, unread } = notesIn(strings, columns.from, columns.to);
  const counts = wordsOver(system, isCounts);
  // A line of names may begin over the notes of the strings, before their first bar.
  const leftmost = columns.isFirst ? -Infinity : columns.from - 1;
  const names = wordsOver(system, isChords).filter(
    ({ column }) => column >= leftmost && column < columns.to,
  );
  const mutes = mutesOver(system);
  const events = [...new Set(notes.map(({ column }) => column))].sort((a, b) => a - b);
  const nameColumns = names.map(({ column }) => {
    const inBar = Math.max(columns.from, column);
    return nearest(events, inBar) ?? inBar;
  });
  const all = [...new Set([...events, ...nameColumns])].sort((a, b) => a - b);
  const whole = meterBeats(meter);
  const pickup = isBeginning ? pickupBefore(counts, columns, meter) : 0;
  const beats = whole - pickup;
  const times = timesIn(all, columns, whole, meter, counts);
  const timeOf = (column: number) => Math.max(0, (times.get(column) ?? 0) - pickup);
  const starts = [...new Set(events.map(timeOf))].sort((a, b) => a - b);
  const read = notes
    .map(({ column, row, fret, mark }): ScoreNote => {
      const startBeat = timeOf(column);
      const next = starts.find((start) => start > startBeat) ?? beats;
      const isMuted = mutes.some(([from, to]) => column >= from && column <= to);
      const marks = [...(isMuted ? ["pm"] : []), ...(mark === null ? [] : [mark])];
      return {
        startBeat,
        beats: Math.max(0, next - startBeat),
        string: isUpsideDown ? row : strings.length - 1 - row,
        fret,
        mark: marks.join(" ") || null,
      };
    })
    .sort((a, b) => a.startBeat - b.startBeat || a.string - b.string);
  const written = names.map(({ text }, at) => ({
    startBeat: timeOf(nameColumns[at] ?? 0),
    chord: namedChord(text),
  }));
  const chords = chordsInNotes(openMidi(score), read, beats, written);
  return {
    bar: { meter, beats, tempoBpm: null, chords, notes: read, line: strings[0]?.line ?? 1 },
    unread,
  };
}

/** The column of the notes that a name is meant for; null where none is close. */
function nearest(events: readonly number[], column: number): number | null {
  const [best] = events.toSorted((a, b) => Math.abs(a - column) - Math.abs(b - column));
  return best !== undefined && Math.abs(best - column) <= NAME_SLACK ? best : null;
}

/** Quarters that a first bar lacks whose counting begins later than at one. */
function pickupBefore(
  counts: readonly CountWord[],
  { from, to }: BarColumns,
  meter: string,
): number {
  const first = counts.find(({ column }) => column >= from - 1 && column < to);
  const count = /^\d+$/.test(first?.text ?? "") ? Number(first?.text) : 1;
  return Math.min(meterBeats(meter) - countQuarters(meter), (count - 1) * countQuarters(meter));
}

/** The words of the lines beside a system that are of a kind, with their columns in its strings' bodies. */
function wordsOver(
  { strings, beside }: System,
  isKind: (text: string) => boolean,
): readonly CountWord[] {
  const from = strings[0]?.from ?? 0;
  const line = beside.find(({ text }) => isKind(text));
  return [...(line?.text ?? "").matchAll(/[^\s|]+/g)].map(({ 0: text, index }) => ({
    text,
    column: index - from,
  }));
}

/** The columns over which strings are muted by the palm. */
function mutesOver({ strings, beside }: System): readonly (readonly [number, number])[] {
  const from = strings[0]?.from ?? 0;
  const line = beside.find(({ text }) => isMutes(text));
  return [...(line?.text ?? "").matchAll(/P\.?M\.?(?:[\s.]*[-.](?:[\s.-]*[-.|])?)?/gi)].map(
    ({ 0: text, index }) => [index - from, index - from + text.trimEnd().length - 1] as const,
  );
}

/** The tuning that a file says, where its strings are as many; the labels' otherwise. */
function fitting(labelled: Tuning, said: Tuning | null): Tuning {
  if (!said || said.midi.length !== labelled.midi.length) return labelled;
  const isSame = said.midi.every(
    (midi, string) => (midi - (labelled.midi[string] ?? 0)) % 12 === 0,
  );
  return isSame ? said : labelled;
}

function saidTuning({ kept }: Chart): Tuning | null {
  const said = kept
    .map(({ text }) => /^\{?\s*(?:x_)?tuning\s*[:=]\s*(.+?)\s*\}?$/i.exec(text)?.[1])
    .find((text) => text !== undefined);
  const read = said === undefined ? null : readTuning(said);
  return read?.ok ? read.value.tuning : null;
}

function capoOf({ kept }: Chart): number {
  const said = kept
    .map(({ text }) => /^\{?\s*capo\s*:?\s*(?:fret\s*)?(\d{1,2})\b/i.exec(text)?.[1])
    .find((text) => text !== undefined);
  return Math.min(MAX_CAPO, Number(said ?? 0));
}

function headingIn(text: string): Heading | null {
  if (text.includes("|") || text.trim() === "") return null;
  const heading = readHeadingLine(text);
  return heading && { ...heading, times: Math.min(MAX_TIMES, heading.times) };
}

const UNREAD: Readonly<Record<string, string>> = {
  r: "releases of bends are read as plain notes",
  "~": "vibrato is left out",
  v: "vibrato is left out",
  t: "taps are read as plain notes",
  "(": "notes in parentheses are read as plain notes",
  "<": "harmonics are read as plain notes",
};

function unreadText(sign: string): string {
  return UNREAD[sign] ?? `'${sign}' is no fret and no mark that Tenon reads; it is left out`;
}
