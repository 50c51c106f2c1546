import { readFretting } from "@/core/fretting";
import { type Finger } from "@/core/hand";
import { failure, success, type Result } from "@/core/result";
import { isNoteWord, readChart, type ChartNote } from "@/core/song";
import { MAX_STRINGS, MIN_STRINGS, nameTuning, usualMidi } from "@/core/tuning";
import { meterOf, oneLine } from "@/formats/chartText";
import {
  EMPTY_SCORE,
  namedChord,
  playedBars,
  riffOf,
  problemAt,
  wholeOrder,
  type FormatProblem,
  type ReadScore,
  type Score,
  type ScoreBar,
  type ScoreChord,
} from "@/formats/score";
import { tableText, type Table } from "./table";

const COLUMNS = ["section", "bar", "beat", "beats", "chord", "frets", "fingers", "effort"] as const;
const MAX_BARS = 20_000;
const MAX_BEATS = 96;

/**
 * The chords of a song as a table, a row for each as played: the bar from 1, the beat in quarters from 1, frets and fingers
 * from the thickest string. `efforts` are those of the chords that sound, in points.
 */
export function songCsv(score: Score, efforts: readonly (number | null)[]): string {
  let section = "";
  let played = 0;
  const rows = playedBars(score).flatMap((bar, index) => {
    section = bar.begins ?? section;
    return bar.chords.map((chord) => {
      const effort = chord.reducedTo === null ? null : (efforts[played++] ?? null);
      return [
        section,
        index + 1,
        rounded(chord.startBeat + 1),
        rounded(chord.beats),
        chord.name,
        chord.fretting?.map((fret) => fret ?? "x").join(" ") ?? "",
        chord.fingers?.join(" ") ?? "",
        effort === null ? "" : rounded(effort),
      ];
    });
  });
  return tableText(COLUMNS, rows);
}

/** Reads a table of a song's chords; without `bar` each chord is a bar of four beats. */
export function readSongTable({ columns, rows }: Table): Result<ReadScore> {
  if (!columns.includes("chord")) {
    return failure("input", `there is no column chord; it has ${columns.slice(0, 8).join(", ")}`);
  }
  const problems: FormatProblem[] = [];
  const bars: { name: string; chords: ScoreChord[] }[] = [];
  let strings = 0;
  let bar = 0;
  for (const { line, cells } of rows) {
    const said = Number(cells.bar);
    bar = Number.isInteger(said) && said > 0 ? said : columns.includes("bar") ? bar : bar + 1;
    if (bar < 1 || bar > MAX_BARS) {
      problems.push(problemAt(line, `bar '${cells.bar}': write a number from 1 to ${MAX_BARS}`));
      continue;
    }
    const name = oneLine(cells.chord ?? "");
    if (name === "") {
      problems.push(problemAt(line, "no chord in this row"));
      continue;
    }
    while (bars.length < bar) bars.push({ name: bars.at(-1)?.name ?? "", chords: [] });
    const own = bars[bar - 1];
    if (!own) continue;
    if (own.chords.length === 0) own.name = oneLine(cells.section ?? "");
    const notes = notesOfSlot(name);
    const chord = notes ? riffOf(notes) : namedChord(name);
    if (chord.reducedTo === null && chord.name !== "N.C.") {
      problems.push(problemAt(line, `'${name}' is no chord that Tenon knows`));
    }
    const grip = readGrip(cells, strings);
    if (typeof grip === "string") problems.push(problemAt(line, grip));
    else strings ||= grip.fretting?.length ?? 0;
    own.chords.push({
      ...chord,
      startBeat: beatIn(cells.beat, 1) - 1,
      beats: beatIn(cells.beats, 0),
      texture: null,
      ...(typeof grip === "string" ? { fretting: null, fingers: null } : grip),
    });
  }
  if (bars.length === 0) return failure("input", "there are no chords in the table");
  return success({ score: scoreOf(bars, strings), isTuningGuessed: strings > 0, problems });
}

/** The notes that a cell writes in place of a chord, "6:3+5:5"; null for anything else. */
function notesOfSlot(text: string): readonly ChartNote[] | null {
  if (!isNoteWord(text)) return null;
  const notes = readChart(`| ${text} |`).sections[0]?.bars[0]?.notes ?? [];
  return notes.length > 0 ? notes.filter(({ startBeat }) => startBeat === 0) : null;
}

function readGrip(
  { frets = "", fingers = "" }: Readonly<Record<string, string>>,
  strings: number,
): Pick<ScoreChord, "fretting" | "fingers"> | string {
  if (frets === "") return { fretting: null, fingers: null };
  const read = readFretting(frets);
  if (!read.ok) return read.problem.message;
  const { length } = read.value;
  if (length < MIN_STRINGS || length > MAX_STRINGS || (strings > 0 && length !== strings)) {
    return `frets for ${length} strings; ${strings > 0 ? `the rows before have ${strings}` : `a guitar has ${MIN_STRINGS} to ${MAX_STRINGS}`}`;
  }
  const words = fingers.split(/\s+/).filter(Boolean);
  const isWhole = words.length === length && words.every((word) => /^[0-4T]$/.test(word));
  const held = words.map((word): Finger | 0 => (word === "T" ? "T" : (Number(word) as Finger | 0)));
  return { fretting: read.value, fingers: isWhole ? held : null };
}

function beatIn(text: string | undefined, otherwise: number): number {
  const number = Number((text ?? "").replace(",", "."));
  if ((text ?? "") === "" || !Number.isFinite(number)) return otherwise;
  return Math.max(-MAX_BEATS, Math.min(MAX_BEATS, number));
}

/** Bars last as long as what stands in most of them; sections begin where their name changes. */
function scoreOf(
  bars: readonly { name: string; chords: readonly ScoreChord[] }[],
  strings: number,
): Score {
  const lengths = bars.map(({ chords }) =>
    Math.max(0, ...chords.map(({ startBeat, beats }) => startBeat + beats)),
  );
  const counted = new Map<number, number>();
  for (const length of lengths) counted.set(length, (counted.get(length) ?? 0) + 1);
  const [usual = 4] =
    [...counted].toSorted((a, b) => b[1] - a[1]).find(([length]) => meterOf(length)) ?? [];
  const meter = meterOf(usual) ?? "4/4";
  const sections: { name: string; bars: ScoreBar[] }[] = [];
  for (const [index, { name, chords }] of bars.entries()) {
    if (sections.length === 0 || (sections.at(-1)?.name ?? "") !== name)
      sections.push({ name, bars: [] });
    const length = Math.max(usual, lengths[index] ?? 0);
    const own = length > usual ? (meterOf(length) ?? meter) : meter;
    const ordered = chords.toSorted((a, b) => a.startBeat - b.startBeat);
    sections.at(-1)?.bars.push({
      meter: own,
      beats: length,
      tempoBpm: null,
      // Where nothing is said of its length, a chord lasts until the next.
      chords: ordered.map((chord, at) => ({
        ...chord,
        beats: chord.beats || Math.max(0, (ordered[at + 1]?.startBeat ?? length) - chord.startBeat),
      })),
      notes: [],
    });
  }
  return {
    ...EMPTY_SCORE,
    meter,
    tuning: strings > 0 ? nameTuning(usualMidi(strings)) : null,
    sections,
    order: wholeOrder(sections),
  };
}

function rounded(number: number): number {
  return Math.round(number * 1000) / 1000;
}
