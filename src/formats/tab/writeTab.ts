import { noteTexts, pitchTexts } from "@/core/pitch";
import { readTuning, samePitches, type Tuning } from "@/core/tuning";
import { meterBeats, meterOf, oneLine, type WrittenText } from "@/formats/chartText";
import {
  playedBars,
  playedScoreChords,
  playedNotes,
  problemAt,
  type PlayedBar,
  type Score,
} from "@/formats/score";
import { layOut, type BarCells, type LaidBar } from "./layOut";

const DEFAULT_WIDTH = 80;
export const [NARROWEST, WIDEST] = [20, 1000];
const ROUNDING = 1e-6;

/**
 * Writes a score as text tablature, repeats written out: per system a line of chord names, a line of counts, then the
 * strings, thinnest first, each begun by its note. A line of palm mutes stands on top where there are any.
 *
 * @param width characters in a line; a bar that is wider stands alone
 */
export function writeTab(score: Score, tuning: Tuning, width = DEFAULT_WIDTH): WrittenText {
  const bars = playedBars(score);
  const cells = cellsOfBars(bars, tuning.midi.length);
  const labels = labelsOf(tuning);
  const room = width - (labels[0]?.length ?? 0) - 1;
  const lines = headOf(score);
  let meter = score.meter;
  let system: LaidBar[] = [];
  const flush = () => {
    if (system.length > 0) lines.push(...systemLines(system, labels), "");
    system = [];
  };
  for (const bar of cells) {
    const laid = layOut(bar, room);
    const used = system.reduce((sum, each) => sum + each.width + 1, 0);
    const isHeaded = bar.begins !== null && bar.begins !== "";
    if (isHeaded || bar.meter !== meter || used + laid.width + 1 > room) flush();
    if (isHeaded) lines.push(`[${oneLine(bar.begins ?? "").replace(/[[\]{}|:]/g, " ")}]`, "");
    if (bar.meter !== meter) lines.push(`Time: ${bar.meter}`, "");
    meter = bar.meter;
    system.push(laid);
  }
  flush();
  const isEmpty = bars.every((bar) => bar.notes.length === 0);
  const problems = isEmpty
    ? [problemAt(null, "there are no notes; say a tuning to get grips")]
    : [];
  return { text: `${lines.join("\n").trimEnd()}\n`, problems };
}

/** The notes and chords of each bar in which they are struck, whichever bar they were written in. */
function cellsOfBars(bars: readonly PlayedBar[], strings: number): readonly BarCells[] {
  const notes = byBar(bars, playedNotes(bars));
  const chords = byBar(bars, playedScoreChords(bars));
  return bars.map((bar, at) => {
    const whole = meterBeats(bar.meter);
    const isPickup = at === 0 && bar.beats < whole;
    const isWhole = Math.abs(bar.beats - whole) < ROUNDING;
    const shift = isPickup ? whole - bar.beats : 0;
    const timeIn = (start: number) => Math.max(0, start - bar.start) + shift;
    return {
      meter: isWhole || isPickup ? bar.meter : (meterOf(bar.beats) ?? bar.meter),
      begins: bar.begins,
      from: shift,
      to: shift + bar.beats,
      strings,
      notes: (notes[at] ?? []).map((note) => ({ ...note, time: timeIn(note.start) })),
      // Notes of a riff are their own names; after them the chord before is over.
      names: (chords[at] ?? [])
        .filter(({ riff }) => !riff)
        .map(({ name, start }) => ({ name, time: timeIn(start) })),
    };
  });
}

/** What begins in each bar; given in the order of the song. What comes before the first belongs to it. */
function byBar<T extends { readonly start: number }>(
  bars: readonly PlayedBar[],
  all: readonly T[],
): readonly (readonly T[])[] {
  const found = bars.map((): T[] => []);
  let at = 0;
  for (const each of all) {
    while ((bars[at + 1]?.start ?? Infinity) <= each.start + ROUNDING) at++;
    found[at]?.push(each);
  }
  return found;
}

function headOf({ title, key, tempoBpm, meter, capo }: Score): string[] {
  const said = [
    ...(title === null ? [] : [`Title: ${oneLine(title)}`]),
    ...(key === null ? [] : [`Key: ${oneLine(key)}`]),
    ...(tempoBpm === null ? [] : [`Tempo: ${Math.round(tempoBpm * 100) / 100}`]),
    ...(meter === "4/4" ? [] : [`Time: ${meter}`]),
    ...(capo === 0 ? [] : [`Capo: ${capo}`]),
  ];
  return said.length > 0 ? [...said, ""] : [];
}

/** The note of each string, thinnest first, as wide as the widest; with octaves where letters alone say another tuning. */
function labelsOf({ midi }: Tuning): readonly string[] {
  const letters = noteTexts(midi);
  const read = readTuning(letters.join(" "), { strings: midi.length });
  const isClear = read.ok && samePitches(read.value.tuning.midi, midi);
  const all = (isClear ? letters : pitchTexts(midi)).toReversed();
  const width = Math.max(...all.map(({ length }) => length));
  return all.map((label) => label.padEnd(width));
}

function systemLines(bars: readonly LaidBar[], labels: readonly string[]): readonly string[] {
  const pad = " ".repeat((labels[0]?.length ?? 0) + 1);
  // What stands over a bar's last column may reach over its bar line.
  const over = (line: "mutes" | "names" | "counts") =>
    (pad + bars.map((bar) => bar[line].padEnd(bar.width + 1)).join("")).trimEnd();
  const beside = [over("mutes"), over("names"), over("counts")].filter((line) => line !== "");
  const strings = labels.map(
    (label, row) => `${label}|${bars.map(({ rows }) => `${rows[row] ?? ""}|`).join("")}`,
  );
  return [...beside, ...strings];
}
