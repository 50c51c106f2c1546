import { readInstalledFonts } from "../src/cli/fonts";
import { readChord } from "../src/core/chart";
import { DEFAULT_WEIGHTS } from "../src/core/gripSearch";
import { makeNeck } from "../src/core/neck";
import { planRoutes, struckInQuarters, timeRoute } from "../src/core/plan";
import { TIMING } from "../src/core/motion";
import { readSheet } from "../src/formats/chartText";
import { alongRoute, retuned, usualTuning, writeAs } from "../src/formats/convert";
import { FILE_KINDS, type FileKind } from "../src/formats/fileKinds";
import { readFile } from "../src/formats/files";
import { routeFacts } from "../src/formats/routeFacts";
import { playedBars, playedScoreChords } from "../src/formats/score";
import { songSheet } from "../src/formats/sheet";
import { SHEETS } from "../src/formats/paper";
import { quantile } from "./median";

const BARS = 200;
const RUNS = 7;
const ROOTS = ["E5", "G5", "A5", "C5", "D5", "Am", "F", "C", "G/B", "Dm7"];

/** A song of two hundred bars, two chords in each, in sections of sixteen. */
function chart(): string {
  const lines = ["Title: Long road", "Tempo: 132", "Texture: muted eighths"];
  for (let bar = 0; bar < BARS; bar++) {
    if (bar % 16 === 0) lines.push(`[Part ${bar / 16 + 1}]`);
    const name = (at: number) => ROOTS[(bar * 7 + at * 3) % ROOTS.length];
    lines.push(`| ${name(0)} ${name(1)} |`);
  }
  return lines.join("\n");
}

function timed(what: string, goalMs: number, work: () => unknown): void {
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  const ms = quantile(times, 0.5);
  const most = Math.max(...times);
  const verdict = ms <= goalMs ? "" : `  goal ${goalMs} missed`;
  console.log(
    `${what.padEnd(28)} ${ms.toFixed(0).padStart(6)} ms  most ${most.toFixed(0)}${verdict}`,
  );
}

const tuning = usualTuning();
const neck = makeNeck({ midi: tuning.midi });
if (!neck.ok) throw new Error(neck.problem.message);
const score = retuned(readSheet(chart()).score, tuning);
const names = playedScoreChords(playedBars(score)).map(({ name }) => name);
const chords = names.flatMap((name) => {
  const chord = readChord(name);
  return chord.ok ? [chord.value] : [];
});
const planned = planRoutes({ neck: neck.value, player: {}, weights: DEFAULT_WEIGHTS, chords });
const [route] = planned.ok ? planned.value : [];
if (!route) throw new Error("no route");
const time = struckInQuarters(chords.length, 132);
const facts = routeFacts(timeRoute(neck.value, route, time, TIMING.steady));
const fonts = readInstalledFonts();

console.log(`a song of ${BARS} bars, ${names.length} chords, with its grips; median of ${RUNS}`);
const gripped = alongRoute(score, facts);
for (const kind of FILE_KINDS) {
  if (kind === "svg" || kind === "pdf") continue;
  timed(kind, 300, () => writeAs(kind as Exclude<FileKind, "svg" | "pdf">, gripped));
}
for (const sheet of SHEETS) {
  for (const kind of ["svg", "pdf"] as const) {
    timed(`${kind}, ${sheet}`, kind === "pdf" ? 1500 : 300, () =>
      songSheet({ kind, sheet, paper: "a4", score: gripped, route: facts, fonts: () => fonts }),
    );
  }
}

const written = writeAs("musicxml", gripped);
if (!written.ok || typeof written.value.content !== "string") throw new Error("no MusicXML");
const xml = written.value.content;
const from = xml.indexOf("<measure");
const to = xml.lastIndexOf("</part>");
const measures = xml.slice(from, to);
const copies = Math.ceil(5_000_000 / measures.length);
const long = xml.slice(0, from) + measures.repeat(copies) + xml.slice(to);
console.log(`MusicXML of ${(long.length / 1e6).toFixed(1)} MB`);
timed("read", 2000, () => {
  const read = readFile(long, "musicxml");
  if (!read.ok) throw new Error(read.problem.message);
});
