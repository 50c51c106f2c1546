import { readChart } from "@/core/song";
import { readTuning } from "@/core/tuning";
import { writeChart } from "./chartText";
import { readMusicXml, writeMusicXml } from "./musicxml";
import { readSongTable, readTable, songCsv } from "./csv";
import { readMidi, writeMidi } from "./midi";
import { chartScore, withGrips, playedBars, playedNotes, type Score } from "./score";
import { readJson, songJson } from "./songJson";
import { readTab, writeTab } from "./tab";

const read = readTuning("standard");
if (!read.ok) throw new Error(read.problem.message);
const { tuning } = read.value;

const CHART = `Title: Gravel
Tempo: 104

[Intro]
| 6:0 6:0 6:3 6:5 | 6:3 6:h5 5:3~ 5:5b | 6:x 6:0m 6:3 . |
| A5 . 6:5 6:/7 | 6:p5 A5 |
`;
/** What a route would say: notes where they are written, and the open shape of A5. */
const gripped: Score = (() => {
  const score = { ...chartScore(readChart(CHART)), tuning };
  const grips = score.sections.flatMap(({ bars }) =>
    bars.flatMap(({ chords }) =>
      chords.map(({ riff }) => ({
        fingers: null,
        fretting: tuning.midi.map((_, string) =>
          riff
            ? (riff.find((note) => note.string === 6 - string)?.fret ?? null)
            : ([null, 0, 2, 2, null, null][string] ?? null),
        ),
      })),
    ),
  );
  return withGrips(score, grips);
})();

const notesOf = (score: Score) =>
  playedNotes(playedBars(score)).map(({ start, string, fret, mark }) =>
    `${start} ${string}:${fret} ${mark ?? ""}`.trim(),
  );
const barsOf = (text: string) => text.split("\n").filter((line) => line.startsWith("|"));

test("a chart with a riff is written as it was read", () => {
  expect(barsOf(writeChart(gripped).text)).toEqual([
    "| 6:0 6:0 6:3 6:5 | 6:3 6:h5 5:3~ 5:5b | 6:x 6:0m 6:3 . |",
    "| A5 . 6:5 6:/7 | 6:p5 A5 |",
  ]);
});

test("as tablature, and back to the same chart", () => {
  const { text } = writeTab(gripped, tuning);
  expect(text).toMatch(/E\|-0-+0-+3-+5/);
  const { score, problems } = readTab(text);
  expect(problems).toEqual([]);
  expect(notesOf(score)).toEqual(notesOf(gripped));
  expect(barsOf(writeChart(score).text)).toEqual(
    barsOf(writeChart(gripped).text).join(" ").replace("| |", "|").split("\n"),
  );
});

test("as MusicXML, and back with the same notes and slots", () => {
  const again = readMusicXml(writeMusicXml(gripped, tuning));
  if (!again.ok) throw new Error(again.problem.message);
  // Vibrato has no sign there.
  const plain = (score: Score) => notesOf(score).map((each) => each.replace(" ~", ""));
  expect(plain(again.value.score)).toEqual(plain(gripped));
  const slots = (score: Score) =>
    playedBars(score).map(({ chords }) => chords.map(({ name, startBeat }) => [name, startBeat]));
  expect(slots(again.value.score)).toEqual(slots(gripped));
});

test("as a table of chords, and back with the same slots but their marks", () => {
  const rows = readTable(songCsv(gripped, []));
  if (!rows.ok) throw new Error(rows.problem.message);
  const again = readSongTable(rows.value);
  if (!again.ok) throw new Error(again.problem.message);
  expect(again.value.problems).toEqual([]);
  const names = (score: Score) =>
    playedBars(score).map(({ chords }) => chords.map(({ name }) => name));
  expect(names(again.value.score)).toEqual(names(gripped));
});

test("as JSON, and back to the same chart", () => {
  const again = readJson(JSON.stringify(songJson(gripped)));
  if (!again.ok || again.value.kind !== "song") throw new Error("no song");
  expect(barsOf(writeChart(again.value.score).text).join(" ").replace("| |", "|")).toBe(
    barsOf(writeChart(gripped).text).join(" ").replace("| |", "|"),
  );
});

test("as MIDI, notes one by one come back as notes without strings", () => {
  const melody = chartScore(readChart("| 6:0 6:3 5:0 5:2 | A5 |"));
  const grips = [
    [0, null, null, null, null, null],
    [3, null, null, null, null, null],
    [null, 0, null, null, null, null],
    [null, 2, null, null, null, null],
    [null, 0, 2, 2, null, null],
  ].map((fretting) => ({ fretting, fingers: null }));
  const bytes = writeMidi(withGrips({ ...melody, tuning }, grips), tuning);
  const again = readMidi(bytes);
  if (!again.ok) throw new Error(again.problem.message);
  expect(barsOf(writeChart(again.value.score).text)).toEqual(["| @E2 @G2 @A2 @B2 | A5 |"]);
});

test("a tablature of single notes becomes a riff, and nothing of it is lost", () => {
  const { score, problems } = readTab(`e|-----------------|
B|-----------------|
G|-----------------|
D|-----------------|
A|---------5-------|
E|-0---3-----7b8-x-|
`);
  expect(problems).toEqual([]);
  expect(barsOf(writeChart(score).text).join(" ")).toMatch(/6:0 .*6:3 .*5:5 .*6:7b .*6:x/);
});
