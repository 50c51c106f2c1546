import { describe, expect, test } from "@jest/globals";
import { areDistinct } from "@/core/fretting";
import { DEFAULT_CHORD_OPTIONS, readProgression } from "@/core/chart";
import { DEFAULT_WEIGHTS } from "@/core/gripSearch";
import { DEFAULT_LEVEL, TIMING } from "@/core/motion";
import { makeNeck, type Neck } from "@/core/neck";
import { planRoutes } from "@/core/plan";
import { readChart } from "@/core/song";
import {
  addMark,
  arrange,
  DEFAULT_SONG_SETTINGS,
  findBlocked,
  NO_PLAY_LIMITS,
  planRouteOfKind,
  planNamedRoutes,
  type Mark,
  type SongRequest,
  type SongSettings,
  type RouteKind,
} from ".";

const neckOf = (midi: readonly number[], frets = 22): Neck => {
  const neck = makeNeck({ midi, frets });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};
const STANDARD = neckOf([40, 45, 50, 55, 59, 64]);
const DROP_D = neckOf([38, 45, 50, 55, 59, 64]);
const common = { player: {}, constants: TIMING[DEFAULT_LEVEL], downStrokesBpm: 180 };
const settingsOf = (part: Partial<SongSettings> = {}): SongSettings => ({
  ...DEFAULT_SONG_SETTINGS,
  ...part,
});
const requestOf = (text: string, settings = settingsOf(), neck = STANDARD): SongRequest => ({
  ...common,
  neck,
  arrangement: arrange(readChart(text), settings),
});
const routeOf = (request: SongRequest, routeKind: RouteKind = "usual") => {
  const planned = planRouteOfKind(request, routeKind);
  if (!planned.ok) throw new Error(planned.problem.message);
  return planned.value;
};
const frettings = (request: SongRequest, routeKind?: RouteKind) =>
  routeOf(request, routeKind).timed.stops.map(({ fingering }) =>
    fingering.fretting.map((fret) => fret ?? "x").join(""),
  );
const SONG = "Tempo: 120\nVerse\n| A5 . D5 . | E5 | A5 G5 |\nChorus\n| F5 | C5 | G5 | D5 |";

describe("laying a song out", () => {
  test("times run on from bar to bar, in the order of the song", () => {
    const { chords, bars, length } = arrange(readChart("|: A5 . D5 . :| E5! r |"), settingsOf());
    expect(
      chords.map(({ name, start, beats, untilNext }) => [name, start, beats, untilNext]),
    ).toEqual([
      ["A5", 0, 2, 2],
      ["D5", 2, 2, 2],
      ["A5", 4, 2, 2],
      ["D5", 6, 2, 2],
      ["E5", 8, 0.5, 0.5],
    ]);
    expect(bars.map(({ start }) => start)).toEqual([0, 4, 8]);
    expect(length).toBe(12);
  });

  test("as fives: dim and aug keep their own fifth, a fifth in the bass lies below the root", () => {
    const { chords } = arrange(
      readChart("| Am7 | Bdim | Caug | C/G | C/E |"),
      settingsOf({ allAsPowerChords: true }),
    );
    expect(chords.map(({ chord }) => [chord.name, chord.tones])).toEqual([
      ["A5", { kind: "voicing", voicing: [0, 7, 12] }],
      ["B5(b5)", { kind: "voicing", voicing: [0, 6, 12] }],
      ["C5(#5)", { kind: "voicing", voicing: [0, 8, 12] }],
      ["C5/G", { kind: "voicing", voicing: [-5, 0] }],
      ["C5", { kind: "voicing", voicing: [0, 7, 12] }],
    ]);
    expect(chords[4]?.leftOut).toEqual(["3", "/E"]);
  });

  test("a bass player takes the lowest note; help leaves the root, or two notes", () => {
    const chart = readChart("| A5 | Am |");
    const tones = (settings: SongSettings, help?: "root" | "two") =>
      arrange(chart, settings, help).chords.map(({ chord }) => chord.tones);
    expect(tones(settingsOf(), "root")).toEqual([
      { kind: "voicing", voicing: [0] },
      { kind: "voicing", voicing: [0] },
    ]);
    expect(tones(settingsOf(), "two")[1]).toEqual({ kind: "voicing", voicing: [0, 7] });
  });
});

test("a text of ten thousand bars is laid out to a point, and says so", () => {
  const { chords, bars, isCut } = arrange(readChart("| A5 ".repeat(10_000)), settingsOf());
  expect(bars).toHaveLength(10_000);
  expect([chords.length, isCut]).toEqual([1024, true]);
});

describe("the way", () => {
  test("is the route of the core through the same chords", () => {
    const read = readProgression("A5 D5 E5 A5 G5 F5 C5 G5 D5", DEFAULT_CHORD_OPTIONS);
    if (!read.ok) throw new Error(read.problem.message);
    const plain = planRoutes({
      neck: STANDARD,
      player: {},
      weights: DEFAULT_WEIGHTS,
      chords: read.value,
    });
    const [best] = plain.ok ? plain.value : [];
    expect(routeOf(requestOf(SONG)).timed.total).toBeCloseTo(best?.total ?? NaN, 9);
    expect(routeOf(requestOf(SONG)).timed.stops).toEqual(best?.stops);
  });

  test("every name is earned by its figure", () => {
    const request = requestOf(SONG);
    const routes = planNamedRoutes(request);
    expect(routes.length).toBeGreaterThanOrEqual(5);
    expect(routes[0]?.names[0]).toBe("usual");
    const whole = routes.filter(({ routeKind }) => routeKind !== "one string pair");
    const named = (name: string) => routes.find(({ names }) => names.some((each) => each === name));
    const min = (figure: (route: (typeof routes)[number]) => number) =>
      Math.min(...whole.map(figure));
    expect(named("least movement")?.timed.travelMm).toBe(min(({ timed }) => timed.travelMm));
    expect(named("least hardest change")?.timed.hardest).toBe(min(({ timed }) => timed.hardest));
    expect(named("up the neck")?.timed.meanFret).toBe(-min(({ timed }) => -timed.meanFret));
    const pair = named("one string pair")?.timed.stops.map(({ fingering }) =>
      fingering.fretting.flatMap((fret, string) => (fret === null ? [] : [string])).join(),
    );
    expect(new Set(pair).size).toBe(1);
  });

  test("where a bass covers the low notes, every grip is the same without its low root", () => {
    const song = "| F | B | C | G | A5 | D/F# | N.C. |";
    const gripsOf = (requested: SongRequest) =>
      routeOf(requested).timed.stops.map(({ fingering }) => fingering.fretting);
    const whole = gripsOf(requestOf(song));
    const limits = { ...NO_PLAY_LIMITS, withoutLowest: true };
    const played = gripsOf(requestOf(song, settingsOf({ limits })));
    expect(played).toEqual(
      whole.map((grip) =>
        grip.with(
          grip.findIndex((fret) => fret !== null),
          null,
        ),
      ),
    );
    const fives = { ...limits, powerChordVoicing: [0, 7] };
    expect(frettings(requestOf("| A5 |", settingsOf({ limits: fives })))).toEqual(
      frettings(requestOf("| A5 |", settingsOf({ limits: { ...fives, withoutLowest: false } }))),
    );
  });

  test("ways under a condition keep it, and no two of the others are nearly the same", () => {
    const routes = planNamedRoutes(requestOf(SONG));
    const stopsOf = (name: string) =>
      (routes.find(({ names }) => names.some((each) => each === name))?.timed.stops ?? []).map(
        ({ fingering }) => fingering.fretting,
      );
    expect(stopsOf("closed").flat()).not.toContain(0);
    const pressed = stopsOf("one position").flatMap((grip) => grip.flatMap((fret) => fret || []));
    expect(Math.max(...pressed) - Math.min(...pressed)).toBeLessThan(5);
    const places = new Map(
      stopsOf("one place").map((grip, at) => [
        `${requestOf(SONG).arrangement.chords[at]?.name} ${grip.join()}`,
        at,
      ]),
    );
    const names = new Set(requestOf(SONG).arrangement.chords.map(({ name }) => name));
    expect(places.size).toBe(names.size);
    const others = routes.filter(
      ({ routeKind }) => routeKind === "usual" || routeKind.startsWith("another"),
    );
    for (const [at, { timed }] of others.entries()) {
      for (const other of others.slice(0, at)) {
        const different = timed.stops.filter(({ fingering }, index) =>
          areDistinct(fingering.fretting, other.timed.stops[index]?.fingering.fretting ?? []),
        );
        expect(3 * different.length).toBeGreaterThanOrEqual(timed.stops.length);
      }
    }
  });

  test("the chorus may lie elsewhere than the verse", () => {
    const settings = settingsOf({
      sectionLimits: { Chorus: { ...NO_PLAY_LIMITS, frets: [7, 12], openStrings: "none" } },
    });
    const stops = routeOf(requestOf(SONG, settings)).timed.stops;
    const chorus = stops.slice(5).flatMap(({ fingering }) => fingering.fretting);
    expect(chorus.every((fret) => fret === null || (fret >= 7 && fret <= 12))).toBe(true);
    expect(frettings(requestOf(SONG, settings)).slice(0, 1)).toEqual(
      frettings(requestOf(SONG)).slice(0, 1),
    );
  });

  test("a pin holds here, in its section, or everywhere; the rest is planned anew", () => {
    const text = "Verse\n| A5 | D5 | A5 |\nChorus\n| A5 |";
    const grip = [5, 7, 7, null, null, null];
    const pin = (section: string | null, at: readonly [number, number] | null): Mark => ({
      chord: "A5",
      section,
      at,
      act: "pin",
      fretting: grip,
      fingers: null,
    });
    const pinned = (mark: Mark) =>
      frettings(requestOf(text, settingsOf({ marks: [mark] }))).map((each) => each === "577xxx");
    expect(pinned(pin("Verse", [2, 0]))[2]).toBe(true);
    expect(pinned(pin("Verse", null)).filter(Boolean)).toHaveLength(2);
    expect(pinned(pin(null, null)).filter(Boolean)).toHaveLength(3);
  });

  test.each([
    ["that no hand holds", [1, 12, null, null, null, null]],
    ["beyond the last fret", [23, null, null, null, null, null]],
    ["of a guitar with other strings", [0, 2, 2, null]],
  ])("a pin %s rests, and the song keeps its way", (_, fretting) => {
    const where = { chord: "A5", section: null, at: null };
    const rests: Mark = { ...where, act: "pin", fretting, fingers: null };
    const plain = frettings(requestOf("| A5 | D5 |"));
    expect(frettings(requestOf("| A5 | D5 |", settingsOf({ marks: [rests] })))).toEqual(plain);
  });

  test("fingers that do not hold a pinned grip any more are left to the planner", () => {
    const pin: Mark = {
      chord: "A5",
      section: null,
      at: null,
      act: "pin",
      fretting: [5, 7, 7, null, null, null],
      fingers: [4, 1, 1, 0, 0, 0],
    };
    expect(frettings(requestOf("| A5 |", settingsOf({ marks: [pin] })))).toEqual(["577xxx"]);
  });

  test("a grip that is forbidden everywhere may still be pinned at one place", () => {
    const where = { chord: "E5", section: null, at: null };
    const fretting = [0, 2, 2, null, null, null];
    const forbid: Mark = { ...where, act: "forbid", fretting };
    const here: Mark = {
      chord: "E5",
      section: "",
      at: [1, 0],
      act: "pin",
      fretting,
      fingers: null,
    };
    const text = "| E5 | E5 |";
    expect(frettings(requestOf(text, settingsOf({ marks: [forbid] })))).not.toContain("022xxx");
    const both = frettings(requestOf(text, settingsOf({ marks: [forbid, here] })));
    expect(both[0]).not.toBe("022xxx");
    expect(both[1]).toBe("022xxx");
    expect(addMark([forbid], { ...where, act: "pin", fretting, fingers: null })).toHaveLength(1);
  });
});

describe("where nothing is possible", () => {
  const blocked = (text: string, settings: SongSettings, neck = STANDARD) =>
    findBlocked({ ...common, neck, chart: readChart(text), settings });

  test("says which limit forbids which chord, and what loosening would cost", () => {
    const settings = settingsOf({
      limits: { ...NO_PLAY_LIMITS, frets: [1, 4], openStrings: "none", rootStrings: [0] },
    });
    const { chords, loosened } = blocked("Verse\n| F5 | B5 |", settings);
    expect(chords).toMatchObject([
      {
        name: "B5",
        section: "Verse",
        playedBar: 1,
        by: ["frets", "rootStrings"],
        isPossible: true,
      },
    ]);
    expect(loosened.map(({ without }) => without)).toEqual(["frets", "rootStrings"]);
    for (const { settings: next, total } of loosened) {
      expect(routeOf(requestOf("Verse\n| F5 | B5 |", next)).timed.total).toBeCloseTo(total, 9);
    }
  });

  test("the rest of the song keeps its way", () => {
    const settings = settingsOf({
      limits: { ...NO_PLAY_LIMITS, frets: [1, 3], openStrings: "none" },
    });
    const { played } = routeOf(requestOf("| F5 | E5 | G5 |", settings));
    expect(played).not.toContain(1);
    expect(played).toContain(0);
    expect(blocked("| F5 | G5 |", settingsOf()).chords).toEqual([]);
  });

  test("drop D plays fives with one finger", () => {
    expect(frettings(requestOf("| D5 | F5 | G5 |", settingsOf(), DROP_D))).toEqual([
      "000xxx",
      "333xxx",
      "555xxx",
    ]);
  });
});
