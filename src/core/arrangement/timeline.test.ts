import { describe, expect, test } from "@jest/globals";
import { makeNeck } from "@/core/neck";
import { readChart } from "@/core/song";
import {
  arrange,
  cornerOf,
  countInOf,
  countWord,
  DEFAULT_SONG_SETTINGS,
  quartersAt,
  roundOf,
  tempoShareAt,
  type PlayEvent,
} from ".";

const laidOut = (text: string) => arrange(readChart(text), DEFAULT_SONG_SETTINGS);
const at = (events: readonly PlayEvent[], kind: PlayEvent["kind"]) =>
  events.filter((event) => event.kind === kind).map(({ atS }) => Number(atS.toFixed(6)));

describe("what happens while a song plays", () => {
  test("clicks on every beat, strikes in their texture, at the tempo asked for", () => {
    const song = laidOut("Tempo: 120\n| A5 . D5~eighths . |");
    const round = roundOf(song, 0, 1, 60);
    expect(at(round.events, "click")).toEqual([0, 1, 2, 3]);
    expect(at(round.events, "strike")).toEqual([0, 1, 2, 2.5, 3, 3.5]);
    expect(round.lengthS).toBe(4);
    expect(roundOf(song, 0, 1, 120).lengthS).toBe(2);
  });

  test("each strike lasts until the next, the last until its chord ends", () => {
    const { events } = roundOf(laidOut("| A5 . D5! r |"), 0, 1, 60);
    const lengths = events.flatMap((each) => (each.kind === "strike" ? [each.lengthS] : []));
    expect(lengths).toEqual([1, 1, 0.5]);
  });

  test("a round of later bars begins at nothing; a chord that comes early is struck as it begins", () => {
    const round = roundOf(laidOut("| A5 | <D5 | E5 |"), 1, 3, 60);
    expect(round.startQuarters).toBe(4);
    expect(at(round.events, "strike")[0]).toBe(0);
    expect(round.lengthS).toBe(8);
  });

  test.each([
    ["|: A5 |1. <D5 :|2. E5 |", "A5 3.5, D5 4.5, A5 4, E5 4"],
    ["|: A5 |1. E5 :|2. <D5 |", "A5 4, E5 4, A5 3.5, D5 4.5"],
    ["|: <A5 | E5 :|", "A5 4.5, E5 3.5, A5 4.5, E5 4"],
    ["| A5 . <E5 . | % |", "A5 1.5, E5 2.5, A5 1.5, E5 2.5"],
  ])(
    "a chord that comes early takes its time from the one played before it: %s",
    (text, played) => {
      const { chords } = laidOut(text);
      expect(chords.map(({ name, beats }) => `${name} ${beats}`).join(", ")).toBe(played);
    },
  );

  test("a second tempo holds from where it stands, whatever the whole is played at", () => {
    const song = laidOut("Tempo: 120\n| A5 |\nBridge\nTempo: 60\n| D5 | E5 |");
    const round = roundOf(song, 0, 3, 120);
    expect(at(round.events, "strike")).toEqual([0, 0.5, 1, 1.5, 2, 3, 4, 5, 6, 7, 8, 9]);
    expect(round.lengthS).toBe(10);
    expect(roundOf(song, 0, 3, 60).lengthS).toBe(20);
    expect([1, 2, 4, 9].map((seconds) => quartersAt(round, seconds))).toEqual([2, 4, 6, 11]);
    expect([1, 4].map((seconds) => tempoShareAt(round, seconds))).toEqual([1, 0.5]);
    // The bars alone, and what counts them in, go at their own tempo.
    expect(roundOf(song, 1, 2, 120).lengthS).toBe(4);
    expect(countInOf(song, 1, 120).lengthS).toBe(4);
  });

  test("a tempo counts the beat of the meter that it stands with", () => {
    const song = laidOut("Tempo: 90\n| A5 |\nBridge\nTempo: 60\nMeter: 6/8\n| D5 |");
    // A dotted quarter a second is as fast as quarters at 90.
    expect(roundOf(song, 1, 2, 90).lengthS).toBe(2);
  });

  test("in 6/8 the beat is a dotted quarter; a pick-up ends as a whole bar does", () => {
    const six = roundOf(laidOut("Time: 6/8\n| A5 |"), 0, 1, 60);
    expect(at(six.events, "click")).toEqual([0, 1]);
    const song = laidOut("{pickup: 1}\n| E5 | A5 |");
    expect(at(roundOf(song, 0, 2, 60).events, "click")).toEqual([0, 1, 2, 3, 4]);
    const accents = roundOf(song, 0, 2, 60).events.flatMap((each) =>
      each.kind === "click" ? [each.strength === "accent"] : [],
    );
    expect(accents).toEqual([false, true, false, false, false]);
  });

  test("counting in: one and two and, a whole bar of it", () => {
    const counted = countInOf(laidOut("Time: 3/4\n| A5 |"), 0, 60);
    expect(at(counted.events, "click")).toEqual([0, 1, 2]);
    expect(at(counted.events, "word")).toEqual([0, 0.5, 1, 1.5, 2, 2.5]);
    const words = counted.events.flatMap((each) => (each.kind === "word" ? [each.word] : []));
    expect(words.join(" ")).toBe("one and two and three and");
    expect([0, 0.5, 1, 1.9].map((quarters) => countWord(quarters, 1))).toEqual([
      "one",
      "and",
      "two",
      "and",
    ]);
  });
});

describe("the corner of I, IV and V (common practice)", () => {
  const corner = (midi: readonly number[], key: string) => {
    const neck = makeNeck({ midi, frets: 22 });
    return neck.ok
      ? cornerOf(neck.value, key)?.map(({ numeral, name, string, fret }) =>
          [numeral, name, string, fret].join(" "),
        )
      : null;
  };

  test("in standard tuning IV at the same fret, V two frets up", () => {
    expect(corner([40, 45, 50, 55, 59, 64], "G")).toEqual(["I G 0 3", "IV C 1 3", "V D 1 5"]);
  });

  test("in drop D IV two frets down, V at the same fret; where IV would lie beyond the nut, an octave up", () => {
    const dropD = [38, 45, 50, 55, 59, 64];
    expect(corner(dropD, "G")).toEqual(["I G 0 5", "IV C 1 3", "V D 1 5"]);
    expect(corner(dropD, "D")).toEqual(["I D 0 12", "IV G 1 10", "V A 1 12"]);
  });
});
