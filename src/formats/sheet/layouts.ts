import { frequencyHz, pitchText } from "@/core/pitch";
import { DEFAULT_TEMPO_BPM } from "@/core/song";
import { usualMidi } from "@/core/tuning";
import { type ScoreBar } from "@/formats/score";
import { dampingLines } from "@/formats/words";
import { gripItems } from "./gripItems";
import { sectionLines } from "./sectionLines";
import {
  fitted,
  lineItem,
  makeFlow,
  MARGIN,
  noteItem,
  textItem,
  withSigns,
  type Flow,
  type Page,
  type Paper,
} from "./page";
import { type SheetChange, type SheetGrip, type SheetSong } from "./sheetSong";

const BARS_A_ROW = 4;
const GRIPS_A_ROW = 4;
const MOST_DRILLS = 8;
const A4_HZ = 440;

/** Chart, grips and figures, on as many pages as it takes. */
export function songPages(song: SheetSong, paper: Paper): readonly Page[] {
  const flow = makeFlow(paper);
  head(flow, song, 26);
  for (const { name, bars, times } of sectionLines(song.score)) {
    sectionHead(flow, name, times);
    for (let at = 0; at < bars.length; at += BARS_A_ROW) {
      barRow(flow, bars.slice(at, at + BARS_A_ROW), 17, 30);
    }
    flow.take(6);
  }
  if (song.grips.length > 0) {
    sectionHead(flow, "Grips", 1);
    gripRows(flow, song.grips);
  }
  return flow.pages();
}

/** One page in letters that are read from two metres, as large as the song allows. */
export function stagePages(song: SheetSong, paper: Paper): readonly Page[] {
  const sections = sectionLines(song.score);
  for (const size of STAGE_SIZES) {
    const flow = makeFlow(paper);
    const wide = Math.max(...song.score.sections.flatMap(({ bars }) => bars.map(longestName)), 1);
    const each = wide * size * 0.52 + size * 0.5;
    const inRow = Math.max(1, Math.min(8, Math.floor(flow.width / each)));
    const top = flow.take(size * 0.9);
    const title = fitted(song.title, size * 0.7, flow.width * 0.62);
    flow.put(
      textItem(MARGIN, top + size * 0.62, title, { size: size * 0.7, weight: "semibold" }),
      textItem(MARGIN + flow.width, top + size * 0.62, factsOf(song), {
        size: Math.max(9, size * 0.36),
        align: "right",
      }),
    );
    for (const { name, bars, times } of sections) {
      const line = flow.take(size * 0.75);
      const often = times > 1 ? ` ×${times}` : "";
      flow.put(
        textItem(MARGIN, line + size * 0.6, `${name || "Song"}${often}`, {
          size: size * 0.5,
          shade: "grey",
          weight: "semibold",
        }),
      );
      for (let at = 0; at < bars.length; at += inRow) {
        barRow(flow, bars.slice(at, at + inRow), size, size * 1.25, inRow);
      }
    }
    if (flow.pages().length === 1) return flow.pages();
  }
  return songPages(song, paper).slice(0, 1);
}

/** From letters for an empty stage down to those that are still read on a stand. */
const STAGE_SIZES = [54, 48, 42, 38, 34, 30, 27, 24, 21, 18, 15, 13, 11, 9, 8, 7, 6, 5];
/** Smaller letters are not read from two metres (24 points are 6 mm high; common practice for signs). */
export const SMALLEST_STAGE_SIZE = 24;

/** The size of the letters on a stage sheet, told from its pages. */
export function stageSize(pages: readonly Page[]): number {
  return Math.max(
    ...pages.flatMap(({ items }) =>
      items.flatMap((item) =>
        item.kind === "text" && item.weight === "semibold" ? [item.size] : [],
      ),
    ),
  );
}

/** Grips with fingers and what silences each string, and the hardest changes as drills. */
export function lessonPages(song: SheetSong, paper: Paper): readonly Page[] {
  const flow = makeFlow(paper);
  head(flow, song, 24);
  sectionHead(flow, "Grips", 1);
  for (const grip of song.grips) lessonGrip(flow, grip);
  if (song.changes.length > 0) {
    sectionHead(flow, "Drills: the changes that break first", 1);
    for (const change of song.changes.slice(0, MOST_DRILLS)) drillLine(flow, change, song);
  }
  const top = flow.take(24);
  flow.put(textItem(MARGIN, top + 16, CAUTION, { size: 9.5, shade: "grey" }));
  return flow.pages();
}

const CAUTION =
  "Stop where it hurts or a hand goes numb, and ask a doctor if it stays. Protect your ears.";

/** One card: every string with its note, its pitch, its change from the usual tuning and how to check it by ear. */
export function tuningPages(song: SheetSong, paper: Paper): readonly Page[] {
  const flow = makeFlow(paper);
  const { tuning, score } = song;
  const strings = tuning.midi.length;
  const usual = usualMidi(strings);
  const top = flow.take(64);
  flow.put(
    noteItem(MARGIN, top + 34, fitted(tuning.name, 36, flow.width), {
      size: 36,
      weight: "semibold",
    }),
    textItem(
      MARGIN,
      top + 54,
      score.capo > 0 ? `${strings} strings, capo ${score.capo}` : `${strings} strings`,
      {
        size: 14,
        shade: "grey",
      },
    ),
  );
  const row = Math.min(62, (flow.width * 1.05) / strings);
  for (const string of [...tuning.midi.keys()].reverse()) {
    const midi = tuning.midi[string] ?? 0;
    const y = flow.take(row);
    const line = y + row * 0.68;
    const change = midi - (usual[string] ?? midi);
    const turned = change === 0 ? "as usual" : `${change > 0 ? "up" : "down"} ${Math.abs(change)}`;
    flow.put(
      lineItem(
        [MARGIN, y + row - 2],
        [MARGIN + flow.width, y + row - 2],
        0.5 + (1.5 * (strings - string)) / strings,
        "light",
      ),
      textItem(MARGIN, line, String(strings - string), { size: row * 0.34, shade: "grey" }),
      noteItem(MARGIN + row * 0.6, line, pitchText(midi), { size: row * 0.62, weight: "semibold" }),
      textItem(MARGIN + row * 2.6, line, `${frequencyHz(midi, A4_HZ).toFixed(1)} Hz`, {
        size: row * 0.3,
      }),
      textItem(MARGIN + row * 4.3, line, turned, { size: row * 0.3 }),
      textItem(MARGIN + flow.width, line, earCheck(tuning.midi, string), {
        size: row * 0.3,
        align: "right",
      }),
    );
  }
  const note = flow.take(30);
  flow.put(
    textItem(
      MARGIN,
      note + 20,
      `A4 = ${A4_HZ} Hz. Turn thick strings first, then go round once more.`,
      { size: 11, shade: "grey" },
    ),
  );
  return flow.pages();
}

const MOST_CHECK_FRET = 12;

/** The fret of the next thicker string that sounds the same. */
function earCheck(midi: readonly number[], string: number): string {
  const below = midi[string - 1];
  const fret = below === undefined ? -1 : (midi[string] ?? 0) - below;
  if (fret < 0 || fret > MOST_CHECK_FRET) return "by a tuner";
  const number = midi.length - string + 1;
  return fret === 0 ? `same as string ${number}` : `same as string ${number}, fret ${fret}`;
}

function factsOf({ tuning, score }: SheetSong): string {
  const capo = score.capo > 0 ? `, capo ${score.capo}` : "";
  const bpm = Math.round(score.tempoBpm ?? DEFAULT_TEMPO_BPM);
  return withSigns(`${tuning.name}${capo} · ${score.meter} · ${bpm}`);
}

function head(flow: Flow, song: SheetSong, size: number): void {
  const top = flow.take(size * 2.1);
  const clean =
    song.cleanTempoBpm === null ? "" : ` · clean to ${Math.floor(song.cleanTempoBpm)} a minute`;
  flow.put(
    textItem(MARGIN, top + size, fitted(song.title, size, flow.width), {
      size,
      weight: "semibold",
    }),
    textItem(MARGIN, top + size + 18, `${factsOf(song)}${clean}`, { size: 12, shade: "grey" }),
  );
}

function sectionHead(flow: Flow, name: string, times: number): void {
  if (name === "") return;
  const top = flow.take(26);
  const often = times > 1 ? ` ×${times}` : "";
  flow.put(
    textItem(MARGIN, top + 19, `${fitted(name, 14, flow.width - 40)}${often}`, {
      size: 14,
      weight: "semibold",
    }),
  );
}

/** Bars of equal width with their chords where they begin. */
function barRow(
  flow: Flow,
  bars: readonly ScoreBar[],
  size: number,
  height: number,
  inRow = BARS_A_ROW,
): void {
  const top = flow.take(height);
  const width = flow.width / inRow;
  const [high, low] = [top + height * 0.14, top + height * 0.92];
  for (const [index, bar] of bars.entries()) {
    const left = MARGIN + index * width;
    flow.put(lineItem([left, high], [left, low], 1, "black"));
    const room = width - 6;
    const longest = bar.chords.length > 0 ? Math.max(1, longestName(bar)) : 1;
    const fit = Math.min(size, room / (longest * 0.56));
    for (const { name, startBeat } of bar.chords) {
      const x = left + 5 + (Math.max(0, startBeat) / Math.max(bar.beats, 1e-6)) * room;
      flow.put(noteItem(x, top + height * 0.72, name, { size: fit, weight: "semibold" }));
    }
  }
  const end = MARGIN + bars.length * width;
  flow.put(lineItem([end, high], [end, low], 1, "black"));
}

/** Letters that a bar needs, as if its chords shared it evenly. */
function longestName({ chords, beats }: ScoreBar): number {
  const needs = chords.map(({ name, startBeat }, at) => {
    const next = chords[at + 1]?.startBeat ?? beats;
    const share = Math.max(0.05, (next - Math.max(0, startBeat)) / Math.max(beats, 1e-6));
    return (name.length + 0.6) / share;
  });
  return Math.max(0, ...needs);
}

function gripRows(flow: Flow, grips: readonly SheetGrip[]): void {
  const width = flow.width / GRIPS_A_ROW;
  for (let at = 0; at < grips.length; at += GRIPS_A_ROW) {
    const row = grips.slice(at, at + GRIPS_A_ROW);
    const strings = Math.max(...row.map(({ fretting }) => fretting.length));
    const height = 13 * strings + 20;
    const top = flow.take(height + 30);
    for (const [index, grip] of row.entries()) {
      const x = MARGIN + index * width;
      flow.put(
        noteItem(x + 4, top + 16, fitted(grip.name, 15, width - 60), {
          size: 15,
          weight: "semibold",
        }),
        textItem(x + width - 14, top + 16, `bar ${grip.bar}`, {
          size: 9,
          align: "right",
          shade: "grey",
        }),
        ...gripItems(x + 4, top + 26, width - 20, height, grip),
      );
    }
  }
}

function lessonGrip(flow: Flow, grip: SheetGrip): void {
  const strings = grip.fretting.length;
  const lines = grip.damping ? dampingLines(grip.damping, strings) : [];
  const height = Math.max(13 * strings + 50, 34 + 14 * (lines.length + 2));
  const top = flow.take(height);
  const right = MARGIN + 190;
  const frets = grip.fretting.map((fret) => fret ?? "x").join(" ");
  const where = grip.sections.filter(Boolean).join(", ");
  flow.put(
    noteItem(MARGIN, top + 18, fitted(grip.name, 18, 110), { size: 18, weight: "semibold" }),
    textItem(MARGIN + 170, top + 18, `bar ${grip.bar}`, { size: 9, align: "right", shade: "grey" }),
    ...gripItems(MARGIN, top + 28, 170, 13 * strings + 14, grip),
    textItem(right, top + 34, fitted(`${frets}   ${where}`, 12, flow.width - 200), { size: 12 }),
  );
  const strum =
    grip.damping?.strumSafe === false
      ? "Do not strum all strings:"
      : "All strings may be strummed.";
  if (grip.damping) flow.put(textItem(right, top + 50, strum, { size: 12, weight: "semibold" }));
  for (const [index, { strings: numbers, text }] of lines.entries()) {
    const said = `${numbers.length > 1 ? "strings" : "string"} ${numbers.join(" ")}: ${text}`;
    flow.put(
      textItem(right, top + 65 + 14 * index, fitted(said, 11, flow.width - 200), { size: 11 }),
    );
  }
}

function drillLine(flow: Flow, change: SheetChange, { score }: SheetSong): void {
  const top = flow.take(32);
  const { from, to, bar, neededMs, availableMs, cleanTempoBpm } = change;
  const tempo = score.tempoBpm ?? DEFAULT_TEMPO_BPM;
  const clean = cleanTempoBpm === null ? tempo : Math.floor(cleanTempoBpm);
  const start = Math.max(30, Math.round(Math.min(clean, tempo) * 0.7));
  const needs = `needs ${Math.round(neededMs)} ms, the song gives ${Math.round(availableMs)}; clean to ${clean} a minute`;
  flow.put(
    textItem(MARGIN, top + 14, withSigns(`${from.name} to ${to.name}`), {
      size: 13,
      weight: "semibold",
    }),
    textItem(MARGIN + 120, top + 14, `bar ${bar}: ${needs}`, { size: 11 }),
    textItem(
      MARGIN + 120,
      top + 27,
      `Start at ${start}, 4 clean in a row, then 4 faster, up to ${Math.round(tempo)}.   ${DASHES}`,
      { size: 10, shade: "grey" },
    ),
  );
}

const DASHES = "____  ____  ____  ____  ____";
