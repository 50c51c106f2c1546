import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import Papa from "papaparse";
import { DRILL_KINDS, STEPS } from "@/core/drill";
import { RESULTS } from "@/core/recall";
import { type RoundContent } from "@/state";
import { readRoundsCsv, roundsCsv } from ".";

const hasGuitar = (id: number) => id === 1;
const tableOf = (rounds: readonly RoundContent[]) => [...roundsCsv(rounds)].join("");
const PLAIN: RoundContent = {
  atMs: Date.UTC(2026, 2, 29, 16, 30),
  zoneMin: 120,
  drill: "move:rectangle:6-5",
  kind: "move",
  name: "The rectangle",
  result: "clean",
  seconds: 21.5,
  guitarId: 1,
  tuningMidi: [38, 45, 50, 55, 59, 64],
  songId: null,
  bpm: 72,
  roomQuarters: 0.5,
  step: "whole",
  medianMs: -12.5,
  spreadMs: 8,
  card: null,
  change: null,
  note: "",
};

describe("a log as a table", () => {
  test("says when as the clock on the wall did, and notes by their names", () => {
    const { data, errors } = Papa.parse<Record<string, string>>(tableOf([PLAIN]), {
      header: true,
      skipEmptyLines: true,
    });
    expect(errors).toEqual([]);
    expect(data[0]).toMatchObject({
      when: "2026-03-29T18:30:00.000+02:00",
      drill: "move:rectangle:6-5",
      tempo: "72",
      "early or late ms": "-12.5",
      tuning: "D2 A2 D3 G3 B3 E4",
    });
  });

  test("is read again as it was written, whatever is in it", () => {
    // Two marks of the direction that spreadsheets take for a formula's begin are told apart on the way.
    const text = fc
      .string({ unit: "grapheme", maxLength: 40 })
      .map((any) => any.trim().replace(/^['\s\uFEFF]+/, ""))
      .filter((any) => !any.includes("\r"));
    const round = fc.record({
      atMs: fc.integer({ min: Date.UTC(2001, 0), max: Date.UTC(2090, 0) }),
      zoneMin: fc.integer({ min: -48, max: 56 }).map((quarters) => quarters * 15),
      kind: fc.constantFrom(...DRILL_KINDS),
      result: fc.constantFrom(...RESULTS),
      step: fc.constantFrom(...STEPS),
      bpm: fc.option(fc.integer({ min: 20, max: 400 })),
      medianMs: fc.option(fc.integer({ min: -200, max: 200 })),
      note: text,
    });
    fc.assert(
      fc.property(fc.array(round, { minLength: 1, maxLength: 8 }), (parts) => {
        const rounds = parts.map((part) => ({ ...PLAIN, ...part, name: "Any" }));
        const read = readRoundsCsv(tableOf(rounds), hasGuitar);
        expect(read.problems).toEqual([]);
        expect(read.rounds).toEqual(rounds);
      }),
    );
  });

  test("a note is never a formula", () => {
    const text = tableOf([{ ...PLAIN, note: "=1+1" }]);
    expect(text).toContain("'=1+1");
    expect(readRoundsCsv(text, hasGuitar).rounds[0]?.note).toBe("=1+1");
  });
});

describe("a table from elsewhere", () => {
  test("semicolons or tabs, a byte order mark, columns in any order and others beside", () => {
    for (const [mark, separator] of [
      ["", ";"],
      ["\uFEFF", "\t"],
      ["", ","],
    ] as const) {
      const lines = [
        ["mood", "result", "drill", "when", "tempo"],
        ["good", "Clean", "move:mine", "2026-03-29", "80"],
      ].map((line) => line.join(separator));
      const { rounds, problems } = readRoundsCsv(mark + lines.join("\n"), hasGuitar);
      expect(problems).toEqual([]);
      expect(rounds[0]).toMatchObject({
        drill: "move:mine",
        name: "move:mine",
        kind: "move",
        result: "clean",
        bpm: 80,
        guitarId: null,
        atMs: Date.UTC(2026, 2, 29, 12),
      });
    }
  });

  test("somebody else's columns are named, and what is missing", () => {
    const read = readRoundsCsv("date,exercise,score\n2026-01-01,scales,7\n", hasGuitar);
    expect(read).toMatchObject({ rounds: [], refused: 1 });
    expect(read.problems[0]).toBe(
      "Line 1: there is no column when, drill, result; it has date, exercise, score. A log has at least when, drill and result.",
    );
    const semicolons = readRoundsCsv("date;exercise\n2026-01-01;scales\n", hasGuitar);
    expect(semicolons.problems[0]).toContain("it has date, exercise.");
    expect(readRoundsCsv("", hasGuitar).problems).toHaveLength(1);
  });

  test("lines that make no sense are told one by one, the others are taken", () => {
    const read = readRoundsCsv(
      [
        "when,drill,result,tempo",
        "yesterday,move:a,clean,60",
        "2026-02-30 25:00,move:a,clean,60",
        "2026-01-02 18:30,move:a,great,60",
        "2026-01-02 18:30,move:a,rough,0",
        "2026-01-02 18:30,juggling,rough,60",
        "2026-01-02 18:30,move:a,rough,60",
      ].join("\n"),
      hasGuitar,
    );
    expect(read.rounds).toHaveLength(1);
    expect(read.refused).toBe(5);
    expect(read.problems[0]).toBe(
      "Line 2: 'yesterday' is no time; write it like 2026-03-29T18:30:00+02:00.",
    );
    expect(read.problems[2]).toMatch(/^Line 4: result /);
    expect(read.problems[3]).toMatch(/^Line 5: bpm /);
    expect(read.problems[4]).toMatch(/^Line 6: kind /);
  });

  test("a guitar that is not there is left out; the round is not", () => {
    const read = readRoundsCsv(tableOf([{ ...PLAIN, guitarId: 4711 }]), hasGuitar);
    expect(read.rounds[0]?.guitarId).toBeNull();
  });
});
