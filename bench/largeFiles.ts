import { spawnSync } from "node:child_process";
import { writeMidi as encodeMidi, type MidiEvent } from "midi-file";
import { readRoundsCsv, roundsCsv } from "../src/formats/csv";
import { songOf } from "../src/formats/convert";
import { readFile } from "../src/formats/files";
import { manyRounds } from "./load/manyRounds";

/** Files that are larger or stranger than any song: how long each takes to be read, or to be refused, and the most memory. */
const TICKS = 480;

const CASES: Readonly<Record<string, () => Uint8Array | string>> = {
  "tablature of 5 MB": () => tablature(5_000_000),
  "MIDI of 8 MB": () => midi(notes(1_000_000, 1)),
  "MIDI with as many events as are read": () => midi(notes(149_000, 3)),
  "200,000 notes at once": () => midi(notes(200_000, 200_000)),
  "140,000 notes at once": () => midi(notes(140_000, 140_000)),
  "a change of meter at each tick": () => midi(meters(200_000)),
  "a log of 100,000 rows": () => [...roundsCsv(manyRounds(100_000))].join(""),
  "a chart of 5 MB": () => "| A5 . D5 . | E5 G5 |\n".repeat(230_000),
};

function tablature(bytes: number): string {
  const system = ["e", "B", "G", "D", "A", "E"]
    .map((name, string) => `${name}|${"--0---3---5-".repeat(3)}${string > 2 ? "--7-" : "----"}|`)
    .join("\n");
  return `${system}\n\n`.repeat(Math.ceil(bytes / (system.length + 2)));
}

/** Notes, so many of which begin at the same time. */
function notes(count: number, atOnce: number): readonly MidiEvent[] {
  const events: MidiEvent[] = [];
  for (let at = 0; at < count; at += atOnce) {
    for (const type of ["noteOn", "noteOff"] as const) {
      for (let each = 0; each < atOnce; each++) {
        const deltaTime = each === 0 ? TICKS / 4 : 0;
        const noteNumber = 40 + ((at + each) % 45);
        events.push({ deltaTime, type, channel: 0, noteNumber, velocity: 90 });
      }
    }
  }
  return events;
}

function meters(count: number): readonly MidiEvent[] {
  return Array.from({ length: count }, (_, index) => ({
    deltaTime: 1,
    meta: true,
    type: "timeSignature",
    numerator: 2 + (index % 5),
    denominator: 4,
    metronome: 24,
    thirtyseconds: 8,
  }));
}

function midi(events: readonly MidiEvent[]): Uint8Array {
  const end: MidiEvent = { deltaTime: 0, meta: true, type: "endOfTrack" };
  return Uint8Array.from(
    encodeMidi({
      header: { format: 0, numTracks: 1, ticksPerBeat: TICKS },
      tracks: [[...events, end]],
    }),
  );
}

const name = process.argv[2] ?? "";
const make = CASES[name];
if (!make) {
  // Each in a process of its own, so that the memory of one is not that of another.
  for (const each of Object.keys(CASES)) {
    spawnSync(process.execPath, [process.argv[1] ?? "", each], { stdio: "inherit" });
  }
} else {
  const content = make();
  const before = Math.round(process.memoryUsage().rss / 1e6);
  const startMs = performance.now();
  const said = name.startsWith("a log")
    ? `${readRoundsCsv(content as string, () => true).rounds.length} rounds`
    : answer(content);
  const seconds = ((performance.now() - startMs) / 1000).toFixed(1);
  const most = Math.round(process.resourceUsage().maxRSS / 1000);
  const size = (content.length / 1e6).toFixed(1);
  console.log(
    `${name} (${size} MB): ${seconds} s, ${before} MB before, ${most} MB at most: ${said}`,
  );
}

function answer(content: Uint8Array | string): string {
  const read = readFile(content);
  if (!read.ok) return read.problem.message;
  const file = read.value;
  if (file.kind !== "song") return "tunings";
  const { song } = songOf(file);
  return `a song, ${song.chart.length} letters of chart, ${file.problems.length} problems`;
}
