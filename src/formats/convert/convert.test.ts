import { describe, expect, test } from "@jest/globals";
import { DEFAULT_HAND } from "@/core/hand";
import { nameTuning } from "@/core/tuning";
import { readFile } from "@/formats/files";
import { ownGrips, playedBars, withGrips, writtenOut, type Score } from "@/formats/score";
import { routeFacts } from "@/formats/routeFacts";
import { alongRoute, routeRequestOf, asItStands, needsGrips, retuned } from "./planned";
import { songOf } from "./songOf";
import { tuningsKind, usualTuning, writeAs } from "./writeAs";

const DROP_D = nameTuning([38, 45, 50, 55, 59, 64]);
function fileOf(text: string) {
  const read = readFile(text);
  if (!read.ok || read.value.kind !== "song") throw new Error("no song");
  return read.value;
}
const scoreOf = (text: string): Score => ({ ...fileOf(text).score, tuning: DROP_D });
const frets = (text: string) => text.split(" ").map((fret) => (fret === "x" ? null : Number(fret)));
const stop = (text: string) => ({
  fretting: frets(text),
  fingers: [0, 0, 0, 0, 0, 0] as const,
  effort: 5,
});

describe("grips for a score", () => {
  const SONG = "[Verse x2]\n| A5 . D5 . | N.C. |\n";

  test("what is asked for: the chords that sound, as often as they are played, with their times", () => {
    const { names, time } = routeRequestOf(scoreOf(`Tempo: 90\n${SONG}`), DEFAULT_HAND);
    expect(names).toEqual(["A5", "D5", "A5", "D5"]);
    // A beat after each last strum; before the third a bar without a chord, in which the hand is free.
    expect(time).toEqual({ gaps: [1, 5, 1], tempoBpm: 90, quartersPerBeat: 1 });
  });

  test("in the meter's own beat; shapes over a capo are asked for as they sound", () => {
    const requested = routeRequestOf(
      { ...scoreOf("Time: 6/8\n| A5 . . D5 . . |"), capo: 2, names: "shape" },
      DEFAULT_HAND,
    );
    expect(requested.names).toEqual(["B5", "E5"]);
    expect(requested.time).toMatchObject({ gaps: [1.5], quartersPerBeat: 1.5 });
  });

  test("own grips are pinned where a hand can hold them, with their fingers where it holds them so", () => {
    const score = withGrips(scoreOf("| A5 | D5 | E5 |"), [
      { fretting: frets("x 0 2 2 x x"), fingers: [0, 0, 1, 1, 0, 0] },
      { fretting: frets("x 5 7 7 x x"), fingers: [0, 4, 1, 2, 0, 0] },
      { fretting: frets("1 20 3 22 5 9"), fingers: [0, 0, 0, 0, 0, 0] },
    ]);
    expect(routeRequestOf(score, DEFAULT_HAND).pins).toEqual([
      { index: 0, fretting: frets("x 0 2 2 x x"), fingers: [0, 0, 1, 1, 0, 0] },
      { index: 1, fretting: frets("x 5 7 7 x x") },
    ]);
    expect(needsGrips(score)).toBe(false);
    expect(needsGrips(scoreOf("| A5 |"))).toBe(true);
  });

  test("each time through has its own grips; what is written once has those of its first time", () => {
    const stops = ["x 0 2 2 x x", "0 0 0 x x x", "x 12 14 14 x x", "12 12 12 x x x"].map(stop);
    const score = scoreOf("[Verse x2]\n| A5 . D5 . |");
    const { once, played, efforts } = alongRoute(score, {
      stops,
      changes: [],
      cleanTempoBpm: null,
    });
    const shown = (of: Score) => ownGrips(of).map((grip) => grip?.fretting[0] ?? null);
    expect(shown(played)).toEqual([null, 0, null, 12]);
    expect(shown(once)).toEqual([null, 0, null, 0]);
    expect(efforts).toEqual([5, 5, 5, 5]);
    // Every beat is struck, on every string of the grip.
    expect(playedBars(played)[0]?.notes).toHaveLength(12);
  });

  test("in another tuning frets and notes lie elsewhere; in the same they stay", () => {
    const tab = fileOf("D|-0-0-|\nA|-0-0-|\nF|-----|\nC|-0-0-|\nG|-0-0-|\nC|-0-0-|\n").score;
    expect(retuned(tab, tab.tuning ?? DROP_D).sections).toBe(tab.sections);
    const moved = retuned(tab, DROP_D);
    expect(playedBars(moved).flatMap(({ notes }) => notes)).toEqual([]);
    expect(ownGrips(moved)).toEqual(ownGrips(tab).map(() => null));
    expect(asItStands(tab).once).toEqual(tab);
  });

  test("a route that skips chords leaves them and their changes out", () => {
    const change = { neededMs: 1, availableMs: 2, slackMs: 1, cleanTempoBpm: 99 };
    const timed = {
      stops: ["x 0 2 2 x x", "0 0 0 x x x", "5 5 5 x x x"].map((text) => ({
        fingering: stop(text),
      })),
      changes: [change, change],
      cleanTempoBpm: 99,
    } as unknown as Parameters<typeof routeFacts>[0];
    const facts = routeFacts(timed, [0, 1, 3]);
    expect(facts.stops.map((each) => each?.fretting[0] ?? "none")).toEqual(["none", 0, "none", 5]);
    expect(facts.changes.map((each) => each?.neededMs ?? null)).toEqual([1, null, null]);
    expect(routeFacts(timed).stops).toHaveLength(3);
  });
});

describe("a song to keep", () => {
  test("a name that is played the same everywhere is pinned once; else in each place", () => {
    const tab = `[Riff]
   A5  D5  A5  E5
D|-2---7---14--2--|
A|-2---7---14--2--|
D|-----7-------2--|
`;
    const seven = "E|----------------|\nB|----------------|\nG|----------------|\n";
    const { song } = songOf(
      fileOf(`[Riff]\n   A5  D5  A5  E5\n${seven}${tab.split("\n").slice(2).join("\n")}`),
    );
    const marks = song.settings.marks.map((mark) => [
      mark.chord,
      mark.section,
      mark.at?.join() ?? null,
      "fretting" in mark ? mark.fretting[1] : null,
    ]);
    expect(marks).toEqual([
      ["A5", "Riff", "0,0", 2],
      ["D5", null, null, 7],
      ["A5", "Riff", "0,2", 14],
      ["E5", null, null, 2],
    ]);
  });

  test("without a title it has a name all the same; a chart stays letter for letter", () => {
    const { song } = songOf(fileOf("| A5 |\r\n| D5 |"));
    expect([song.name, song.chart]).toEqual(["Song from a file", "| A5 |\r\n| D5 |"]);
    expect(song.tuningMidi).toEqual(usualTuning().midi);
  });
});

describe("what is written", () => {
  test("an empty song is written in every kind, and says what it lacks", () => {
    const empty = asItStands(fileOf("nothing but words").score);
    for (const kind of [
      "chordpro",
      "bars",
      "tab",
      "musicxml",
      "mxl",
      "midi",
      "csv",
      "json",
    ] as const) {
      const written = writeAs(kind, empty);
      expect(written.ok && written.value.content.length > 0).toBe(true);
    }
    const tab = writeAs("tab", empty);
    expect(tab.ok && tab.value.problems[0]?.message).toMatch(/no notes/);
    for (const kind of ["tab", "musicxml", "mxl", "midi", "csv"] as const) {
      const written = writeAs(kind, empty);
      expect(written.ok && written.value.problems.at(-1)?.message).toBe(
        "a line of words is left out",
      );
    }
  });

  test("a section in a tuning of its own: kept where the format has a place for it, else reported", () => {
    const song = asItStands(
      fileOf("Tuning: drop D\n\nVerse\n| D5 |\nSolo\nTuning: standard\n| E5 |\n").score,
    );
    for (const kind of ["bars", "json"] as const) {
      const written = writeAs(kind, song);
      if (!written.ok) throw new Error(kind);
      expect(written.value.problems).toEqual([]);
      const { tuning, sections } = fileOf(String(written.value.content)).score;
      expect(
        [tuning, ...sections.map((section) => section.tuning)].map((each) => each?.name),
      ).toEqual(["Drop D", undefined, "Standard"]);
    }
    const tab = writeAs("tab", song);
    expect(tab.ok && tab.value.problems.at(-1)?.message).toBe(
      "Solo is in Standard; it is written for Drop D",
    );
  });

  test("tunings are tables or JSON, and nothing else", () => {
    expect([tuningsKind("csv").ok, tuningsKind("json").ok, tuningsKind("midi").ok]).toEqual([
      true,
      true,
      false,
    ]);
  });

  test("a song written out has every bar as often as it is played", () => {
    const out = writtenOut(scoreOf("[Verse x2]\n|: A5 | D5 :| x3\n[Riff]\n| E5 |\n[Verse]"));
    expect(out.sections.map(({ name, bars }) => [name, bars.length])).toEqual([
      ["Verse", 12],
      ["Riff", 1],
      ["Verse", 6],
    ]);
    expect(out.order).toHaveLength(19);
  });
});
