import { describe, expect, test } from "@jest/globals";
import {
  arrange,
  DEFAULT_SONG_SETTINGS,
  planRouteOfKind,
  type SongChange,
} from "@/core/arrangement";
import { DEFAULT_LEVEL, TIMING } from "@/core/motion";
import { makeNeck } from "@/core/neck";
import { readChart } from "@/core/song";
import { newGuitar } from "@/state";
import { comparisonOf } from "./comparisonOf";
import { stripOf } from "./strip";
import { scopesOf, stepsOf, withTexture } from "./textureScope";
import { fingersWords, holdsText, moveWords, tempoText } from "@/ui/text";
import { routeName } from "./words";

const STANDARD = [40, 45, 50, 55, 59, 64];
const made = makeNeck({ midi: STANDARD, frets: 22 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const laidOut = (text: string) => arrange(readChart(text), DEFAULT_SONG_SETTINGS);
const routeThrough = (text: string) => {
  const planned = planRouteOfKind(
    {
      arrangement: laidOut(text),
      neck,
      player: {},
      constants: TIMING[DEFAULT_LEVEL],
      downStrokesBpm: 180,
    },
    "usual",
  );
  if (!planned.ok) throw new Error(planned.problem.message);
  return planned.value;
};

describe("what is said of a change", () => {
  const change = {
    frets: -3,
    isShapeKept: true,
    stringsCrossed: 0,
    kept: [],
    slid: [1, 3, 4],
    lifted: [],
    landed: [],
  } as unknown as SongChange;

  const GRIP = { fretting: [3, 5, 5, null, null, null] };

  test("from and to open strings there are no frets to count", () => {
    const open = { fretting: [0, 0, 0, null, null, null] };
    expect(moveWords(open, GRIP, { ...change, frets: 0 })).toMatch(/^To fret 3, same shape/);
    expect(moveWords(GRIP, open, change)).toMatch(/^To open strings, /);
  });

  test.each([
    [{}, "Down 3 frets, same shape, same strings", "1 3 4 slide"],
    [{ frets: 1, stringsCrossed: 1 }, "Up 1 fret, same shape, one string over", "1 3 4 slide"],
    [
      { frets: 0, isShapeKept: false, slid: [], kept: [1], lifted: [3], landed: [2, 4] },
      "Same fret, new shape, same strings",
      "1 stays, 3 lifts, 2 4 land",
    ],
    [{ frets: 0, slid: [] }, "Same fret, same shape, same strings", "no finger moves"],
  ])("%j", (part, move, fingers) => {
    expect(moveWords(GRIP, GRIP, { ...change, ...part } as SongChange)).toBe(move);
    expect(fingersWords({ ...change, ...part } as SongChange)).toBe(fingers);
  });

  test("a tempo is never more than what holds, and above 240 in quarters nothing limits it", () => {
    expect(tempoText(119.97)).toBe("119 bpm");
    expect([tempoText(null), tempoText(241)]).toEqual(["any tempo", "any tempo"]);
    const holds = (clean: number | null, possible: number | null, beat = 1) =>
      holdsText({ cleanTempoBpm: clean, possibleTempoBpm: possible }, beat);
    expect(holds(128.4, 160.9)).toBe("Holds to 128 bpm, possible to 160");
    expect([holds(180, 180), holds(230, null)]).toEqual(["Holds to 180 bpm", "Holds to 230 bpm"]);
    expect([holds(null, null), holds(170, null, 1.5)]).toEqual([
      "Nothing limits the tempo",
      "Nothing limits the tempo",
    ]);
  });

  test("a route goes by what it is best at", () => {
    expect(routeName({ names: ["least movement", "up the neck"] })).toBe(
      "Least movement, up the neck",
    );
    expect(routeName({ names: ["another"] })).toBe("Another route");
    expect(routeName({ names: ["closed", "one shape"] })).toBe("Closed shapes, one shape");
  });
});

describe("the strip of a section", () => {
  test("shows what is written once, and the same grip in a row once", () => {
    const text = "Verse\n|: A5 | A5 . D5 . :|\nChorus\n| E5 |\nVerse";
    const [song, route] = [laidOut(text), routeThrough(text)];
    const names = (section: number) =>
      stripOf(song, route, section).map(({ chord }) => song.chords[chord]?.name);
    expect(names(0)).toEqual(["A5", "D5"]);
    expect(names(1)).toEqual(["E5"]);
  });
});

describe("the song for Compare", () => {
  const song = (chart: string) => ({
    name: "",
    chart,
    guitarId: 1,
    tuningMidi: STANDARD,
    settings: DEFAULT_SONG_SETTINGS,
    archived: false,
  });
  const guitar = { ...newGuitar(6), id: 1, tunedMidi: STANDARD };
  const chordsOf = (chart: string) => comparisonOf(song(chart), laidOut(chart), guitar).chords;

  test("has each chord as often as it is played", () => {
    expect(chordsOf("|: A5 | D5 | D5 :|")).toBe("A5 D5 x2 A5 D5 x2");
  });

  test("of many chords each once, with its share", () => {
    const chords = chordsOf("| A5 | D5 | A5 | E5 |\n".repeat(100));
    expect(chords).toMatch(/^A5 x\d+ D5 x\d+ E5 x\d+$/);
    const [a, d] = [...chords.matchAll(/x(\d+)/g)].map(([, count]) => Number(count));
    expect((a ?? 0) / (d ?? 1)).toBeCloseTo(2, 1);
  });
});

describe("a texture is said of a section, a bar or a chord", () => {
  const text = "Verse\n| A5 . D5 . | E5 |";
  const chart = readChart(text);
  const [chord] = laidOut(text).chords;

  test.each([
    [0, "Verse\nTexture: muted\n| A5 . D5 . | E5 |"],
    [1, "Verse\n| A5~muted . D5~muted . | E5 |"],
    [2, "Verse\n| A5~muted . D5 . | E5 |"],
  ])("scope %i", (scope, expected) => {
    expect(withTexture(text, chart, 0, chord, scope, "muted")).toBe(expected);
  });

  test("steps are sixteenths of the meter", () => {
    expect(scopesOf(chord, "Verse")).toEqual(["Verse", "Bar 1", "A5 there"]);
    const steps = (meter: string) => stepsOf(laidOut(`Time: ${meter}\n| A5 |`), 0);
    expect(["4/4", "3/4", "6/8", "12/8"].map(steps)).toEqual([16, 12, 12, 24]);
  });
});
