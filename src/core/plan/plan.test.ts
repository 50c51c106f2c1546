import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { costOfChangeOn } from "./costOfChange";
import { makeRouteMemo } from "./memo";
import { planRoutes } from "./planRoutes";
import { type RouteRequest } from "./request";
import { routeThrough } from "./routeThrough";
import { chordsOf, countOut, neckOf, planned, request, STANDARD } from "./testing";
import { steadyFingers } from "./steadyFingers";
import { struckInQuarters, timeRoute } from "./timeRoute";
import { type Chord } from "@/core/chart";
import {
  DEFAULT_WEIGHTS,
  makeGripSearch,
  NO_GRIP_LIMITS,
  type GripLimits,
} from "@/core/gripSearch";
import { DEFAULT_LEVEL, TIMING } from "@/core/motion";

const fretsOf = (requested: RouteRequest) =>
  planned(requested).map(({ stops }) => stops.map(({ fingering }) => fingering.fretting.join(" ")));

describe("held against counting out every route through every grip", () => {
  const small = neckOf([40, 45, 50, 55], 7);
  test.each<[string, Partial<RouteRequest>]>([
    ["E5 A5 C5", { max: 4 }],
    ["G(no5) A5 G(no5)", { max: 3, forbidden: [{ index: 0, fretting: [3, 2, null, null] }] }],
    ["A5 G5 A5", { max: 2, pins: [{ index: 0, fretting: [null, 0, 2, 2] }] }],
    ["F5 F#5 B5", { limits: { ...NO_GRIP_LIMITS, openStrings: "none" } }],
    ["Em A5", { max: 3, weights: { ...DEFAULT_WEIGHTS, ringing: 2, usual: 0.3 } }],
  ])("%s with %j", (text, more) => {
    const requested = request(text, small, more);
    const all = countOut(requested).slice(0, requested.max ?? 1);
    const found = planned(requested);
    expect(found).toHaveLength(all.length);
    for (const [at, { total }] of found.entries()) {
      expect(total).toBeCloseTo(all[at]?.total ?? NaN, 9);
    }
  });

  test("with the least hardest change", () => {
    const requested = request("G5 C5 E5", small, { goal: "hardest" });
    const all = countOut(requested);
    const min = Math.min(...all.map(({ hardest }) => hardest));
    expect(planned(requested)[0]?.hardest).toBeLessThanOrEqual(min + 1e-9);
  });
});

describe("what a player is led through (common practice)", () => {
  const standard = neckOf(STANDARD);
  test("F5 Bb5 Ab5 Db5 stay on strings 6 and 5, in one corner", () => {
    expect(fretsOf(request("F5 Bb5 Ab5 Db5", standard))).toEqual([
      ["1 3 3   ", " 1 3 3  ", "4 6 6   ", " 4 6 6  "],
    ]);
  });

  test("G, C and D: root on 6, the same fret on 5, two up on 5", () => {
    expect(fretsOf(request("G5 C5 D5", standard))[0]).toEqual(["3 5 5   ", " 3 5 5  ", " 5 7 7  "]);
  });
});

describe("limits and pins", () => {
  const standard = neckOf(STANDARD);
  const within = (limits: Partial<GripLimits>) => ({ limits: { ...NO_GRIP_LIMITS, ...limits } });

  test("every stop keeps every limit", () => {
    const limits = {
      frets: [5, 9],
      rootStrings: [0, 1],
      openStrings: "none",
      maxNotes: 3,
    } as const;
    for (const { stops } of planned(request("A5 D5 E5", standard, { limits, max: 5 }))) {
      for (const { fingering } of stops) {
        expect(fingering.fretting.every((fret) => fret === null || (fret >= 5 && fret <= 9))).toBe(
          true,
        );
      }
    }
  });

  test.each<[string, Partial<RouteRequest>, string, RegExp]>([
    ["E5 F5", within({ frets: [2, 3] }), "limits.frets", /^F5/],
    ["E5 D5", within({ rootStrings: [5] }), "limits.rootStrings", /^[ED]5/],
    [
      "E5",
      { pins: [{ index: 3, fretting: [0, 2, 2, null, null, null] }] },
      "pins[0].index",
      /0 to 0/,
    ],
    [
      "E5",
      {
        pins: [{ index: 0, fretting: [0, 2, 2, null, null, null] }],
        forbidden: [{ index: 0, fretting: [0, 2, 2, null, null, null] }],
      },
      "pins[0]",
      /pinned and forbidden/,
    ],
    [
      "E5",
      { pins: [{ index: 0, fretting: [1, 12, null, null, null, null] }] },
      "pins[0].fretting",
      /cannot hold/,
    ],
  ])("%s is refused with its reason", (text, more, field, message) => {
    const refused = planRoutes(request(text, standard, more));
    expect(refused).toMatchObject({ ok: false, problem: { field } });
    expect(refused.ok ? "" : refused.problem.message).toMatch(message);
  });

  test("a pin may break the limits, and may name its fingers", () => {
    const fretting = [null, 10, 12, 12, null, null];
    const fingers = [0, 1, 3, 3, 0, 0] as const;
    const requested = request("G5 E5", standard, {
      ...within({ frets: [0, 5] }),
      pins: [{ index: 0, fretting, fingers }],
    });
    expect(planned(requested)[0]?.stops[0]?.fingering).toMatchObject({ fretting, fingers });
  });

  test("two chords of one name and different voicings get grips of their own", () => {
    const [plain] = chordsOf("G5");
    const two = { ...plain, tones: { kind: "voicing", voicing: [0, 7] } } as Chord;
    const [route] = planned(request("G5", standard, { chords: [plain as Chord, two] }));
    const notes = route?.stops.map(({ fingering }) => fingering.fretting.filter((f) => f !== null));
    expect(notes?.map(({ length }) => length)).toEqual([3, 2]);
  });
});

test("a route tells its times, and the slack at its own clean tempo is none", () => {
  const neck = neckOf(STANDARD);
  const [route] = planned(request("F5 C5 G5", neck));
  if (!route) throw new Error();
  const at = (bpm: number) =>
    timeRoute(neck, route, struckInQuarters(route.stops.length, bpm), TIMING[DEFAULT_LEVEL]);
  const clean = at(120).cleanTempoBpm ?? NaN;
  const slacks = at(clean).changes.map(({ slackMs }) => slackMs);
  expect(Math.min(...slacks)).toBeCloseTo(0, 6);
  const sum = route.stops.reduce((all, { cost }) => all + cost, 0);
  expect(sum + at(90).changes.reduce((all, { cost }) => all + cost, 0)).toBeCloseTo(route.total, 9);
});

test("repeating a song does not widen what is looked at", () => {
  fc.assert(
    fc.property(fc.constantFrom("E5 G5 A5", "Am F C G"), (text) => {
      const neck = neckOf(STANDARD, 12);
      const search = makeGripSearch(neck, {}, DEFAULT_WEIGHTS);
      const once = routeThrough(search, neck, chordsOf(text), {}, DEFAULT_WEIGHTS);
      const often = routeThrough(search, neck, chordsOf(`${text} `.repeat(6)), {}, DEFAULT_WEIGHTS);
      expect(often?.stops.length).toBe(6 * (once?.stops.length ?? 0));
      expect(often?.total).toBeGreaterThanOrEqual(6 * (once?.total ?? 0) - 1e-6);
    }),
    { numRuns: 2 },
  );
});

test("what is remembered from song to song changes no route", () => {
  const neck = neckOf(STANDARD);
  const memo = makeRouteMemo(neck);
  for (const text of ["E5 A5 C5 G5", "E5 A5 D5 G5", "Am F C5 G5", "E5 A5 C5 G5"]) {
    for (const goal of ["total", "hardest"] as const) {
      const requested = request(text, neck, { goal, max: 3 });
      const nearby = { withinPoints: 6, share: 0.3 };
      expect(planned({ ...requested, memo })).toEqual(planned(requested));
      expect(planned({ ...requested, nearby, memo })).toEqual(planned({ ...requested, nearby }));
    }
  }
});

describe("fingers that stay the same through a song", () => {
  const neck = neckOf(STANDARD);
  const steady = (text: string, isFixed: (at: number) => boolean = () => false) => {
    const requested = request(text, neck);
    const [route] = planned(requested);
    if (!route) throw new Error("no route");
    const names = requested.chords.map(({ name }) => name);
    return { route, after: steadyFingers(route, names, isFixed, costOfChangeOn(neck)) };
  };
  const fingersOf = ({ stops }: ReturnType<typeof steady>["after"]) =>
    stops.map(({ fingering }) => fingering.fingers.join(""));

  test("the E5 of a riff is held one way, at its first strum too", () => {
    const { route, after } = steady("E5 F5 E5 F#5 E5 F5 E5 F#5");
    const first = (fingers: readonly string[]) => new Set(fingers.filter((_, at) => at % 2 === 0));
    expect(first(fingersOf(route)).size).toBe(2);
    expect(first(fingersOf(after)).size).toBe(1);
    expect(after.stops.map(({ place }) => place)).toEqual(route.stops.map(({ place }) => place));
    expect(after.total).toBeGreaterThanOrEqual(route.total);
  });

  test("what is fixed stays", () => {
    const { route, after } = steady("E5 F5 E5 F#5 E5 F5 E5 F#5", () => true);
    expect(fingersOf(after)).toEqual(fingersOf(route));
  });
});
