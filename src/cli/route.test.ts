import { describe, expect, test } from "@jest/globals";
import { askCommand, result } from "./testing";
import { areDistinct } from "@/core/fretting";

interface Routes {
  readonly routes: readonly {
    readonly total: number;
    readonly hardest: number;
    readonly travelMm: number;
    readonly shifts: number;
    readonly cleanTempoBpm: number | null;
    readonly stops: readonly {
      readonly chord: string;
      readonly fretting: readonly (number | null)[];
      readonly fingers: readonly (number | string)[];
      readonly effort: number;
      readonly preference: number;
      readonly cost: number;
    }[];
    readonly changes: readonly {
      readonly cost: number;
      readonly travelMm: number;
      readonly kept: readonly unknown[];
      readonly slid: readonly unknown[];
      readonly neededMs: number;
      readonly availableMs: number;
      readonly slackMs: number;
      readonly cleanTempoBpm: number | null;
    }[];
  }[];
  readonly constants: Readonly<Record<string, number>>;
}

const args = { tuning: "standard", chords: ["G5", "A5", "A5", "C5"] };

describe("route", () => {
  test("total, hardest, travel and shifts follow from stops and changes", () => {
    const { routes } = result<Routes>("route", { ...args, k: 4 });
    expect(routes).toHaveLength(4);
    const ways = routes.map(({ stops }) => stops.map(({ fretting }) => fretting.join()).join(";"));
    expect(new Set(ways).size).toBe(4);
    for (const { total, hardest, travelMm, shifts, stops, changes } of routes) {
      const sum = (list: readonly { readonly cost: number }[]) =>
        list.reduce((all, { cost }) => all + cost, 0);
      expect(total).toBeCloseTo(sum(stops) + sum(changes), 9);
      expect(hardest).toBeCloseTo(Math.max(...changes.map(({ cost }) => cost)), 9);
      expect(travelMm).toBeCloseTo(
        changes.reduce((all, change) => all + change.travelMm, 0),
        9,
      );
      expect(shifts).toBe(changes.filter((change) => change.travelMm > 0).length);
      for (const { effort, preference, cost } of stops) {
        expect(cost).toBeCloseTo(effort + preference, 9);
      }
    }
    const totals = routes.map(({ total }) => total);
    expect([...totals].sort((a, b) => a - b)).toEqual(totals);
  });

  test("the same grip again costs and needs nothing; a beat at 120 leaves 500 ms", () => {
    const [route] = result<Routes>("route", args).routes;
    expect(route?.changes[1]).toMatchObject({
      cost: 0,
      travelMm: 0,
      neededMs: 0,
      cleanTempoBpm: null,
    });
    for (const { availableMs, neededMs, slackMs } of route?.changes ?? []) {
      expect(availableMs).toBeCloseTo(500, 9);
      expect(slackMs).toBeCloseTo(availableMs - neededMs, 9);
    }
  });

  test("recipes are kept, and distinct routes differ at a third of their stops or more", () => {
    const song = { tuning: "standard", chords: ["E5", "G5", "A5", "D5", "E5", "A5"] };
    const stopsOf = (more: object) =>
      result<Routes>("route", { ...song, ...more }).routes.map(({ stops }) =>
        stops.map(({ fretting }) => fretting),
      );
    expect(stopsOf({ recipe: "closed" }).flat(2)).not.toContain(0);
    for (const [e, , a, , e2, a2] of stopsOf({ recipe: "one place", k: 4 })) {
      expect([e2, a2]).toEqual([e, a]);
    }
    const found = stopsOf({ distinct: true, k: 4 });
    expect(found).toHaveLength(4);
    for (const [at, route] of found.entries()) {
      for (const other of found.slice(0, at)) {
        const different = route.filter((each, index) => areDistinct(each, other[index] ?? []));
        expect(different.length).toBeGreaterThanOrEqual(2);
      }
    }
    const totals = result<Routes>("route", { ...song, distinct: true, k: 4 }).routes;
    expect(totals[0]?.total).toBe(result<Routes>("route", song).routes[0]?.total);
  });

  test("the level picks the constants", () => {
    const first = result<Routes>("route", { ...args, level: "first" }).constants;
    const steady = result<Routes>("route", args).constants;
    for (const term of ["setMs", "bitMs", "fingerMs", "barreMs"]) {
      expect(first[term]).toBeGreaterThan(steady[term] ?? NaN);
    }
    expect([first.usableShare, steady.usableShare]).toEqual([1, 1]);
  });

  test("open strings that are wanted take two points off each, and forbid nothing", () => {
    const cost = (openStrings: string) =>
      result<Routes>("route", {
        tuning: "standard",
        chords: ["A5"],
        pins: [{ index: 0, fretting: "x 0 2 2 x x" }],
        limits: { openStrings },
      }).routes[0]?.total ?? NaN;
    expect(cost("any") - cost("wanted")).toBeCloseTo(2, 9);
  });

  test("a voicing plays every chord; whole chords sound on as many strings as asked", () => {
    const notesOf = (more: object) =>
      result<Routes>("route", {
        tuning: "standard",
        chords: ["Am", "F"],
        ...more,
      }).routes[0]?.stops.map(({ fretting }) => fretting.filter((fret) => fret !== null).length);
    expect(notesOf({ voicing: [0, 7] })).toEqual([2, 2]);
    expect(Math.min(...(notesOf({ limits: { minNotes: 5 } }) ?? []))).toBeGreaterThanOrEqual(5);
    expect(Math.max(...(notesOf({ limits: { maxNotes: 4 } }) ?? []))).toBe(4);
  });

  test.each<[object, string]>([
    [{ limits: { frets: [9, 3] } }, "limits.frets"],
    [{ limits: { frets: [1, 1] } }, "limits.frets"],
    [{ limits: { rootStrings: [6] } }, "limits.rootStrings"],
    [{ limits: { minNotes: 5, maxNotes: 4 } }, "limits.maxNotes"],
    [{ limits: { openStrings: "some" } }, "limits.openStrings"],
    [{ pins: [{ index: 9, fretting: "3 5 5 x x x" }] }, "pins[0].index"],
    [{ pins: [{ index: 0, fretting: "3 5 5" }] }, "pins[0].fretting"],
    [{ forbidden: [{ index: 7, fretting: "3 5 5 x x x" }] }, "forbidden[0].index"],
    [{ chords: ["Q5"] }, "chords[0]"],
    [{ chords: [] }, "chords"],
    [{ goal: "fun" }, "goal"],
    [{ chart: "| A5 | D5 |" }, "chart"],
    [{ k: 0 }, "k"],
    [{ k: 9, distinct: true }, "k"],
    [{ recipe: "secret" }, "recipe"],
    [
      { chords: ["B5", "G5", "D#5"], recipe: "one position", limits: { rootStrings: [0] } },
      "recipe",
    ],
  ])("%j is refused by %s", (more, field) => {
    const answer = askCommand("route", { ...args, ...more });
    expect(answer).toMatchObject({ ok: false, error: { field } });
    expect(answer.error.message.length).toBeGreaterThan(5);
  });
});
