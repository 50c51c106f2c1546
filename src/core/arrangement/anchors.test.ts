import { describe, expect, test } from "@jest/globals";
import { TIMING, type Level } from "@/core/motion";
import { makeNeck } from "@/core/neck";
import { readChart } from "@/core/song";
import { addMark, arrange, DEFAULT_SONG_SETTINGS, planRouteOfKind, type Mark } from ".";

/** What players of each level can do (common practice), checked through the cleanTempoBpm that the screen shows. */
const STANDARD = [40, 45, 50, 55, 59, 64];
const DROP_D = [38, 45, 50, 55, 59, 64];

function holdsTo(
  text: string,
  level: Level,
  midi: readonly number[] = STANDARD,
  marks: readonly Mark[] = [],
): number {
  const neck = makeNeck({ midi });
  if (!neck.ok) throw new Error(neck.problem.message);
  const settings = { ...DEFAULT_SONG_SETTINGS, marks: marks.reduce<readonly Mark[]>(addMark, []) };
  const planned = planRouteOfKind(
    {
      arrangement: arrange(readChart(text), settings),
      neck: neck.value,
      player: {},
      constants: TIMING[level],
      downStrokesBpm: 300,
    },
    "usual",
  );
  if (!planned.ok) throw new Error(planned.problem.message);
  return planned.value.timed.cleanTempoBpm ?? Infinity;
}

describe("what holds (common practice)", () => {
  const riff = "| E5 F5 G5 A5 |";

  test.each([
    ["with 1-3-4 in standard", STANDARD],
    ["with one finger in drop D", DROP_D],
  ])("E5 F5 G5 A5 %s: quarters in the first months, eighths at 80 for a steady hand", (_, midi) => {
    expect(holdsTo(riff, "first", midi)).toBeGreaterThanOrEqual(120);
    expect(holdsTo(`Texture: eighths\n${riff}`, "steady", midi)).toBeGreaterThanOrEqual(80);
  });

  test("G C D Em as power chords a beat apart, at 120", () => {
    expect(holdsTo("| G5 C5 D5 E5 |", "steady")).toBeGreaterThanOrEqual(120);
  });

  test("four power chords a bar apart, at 170", () => {
    const bars = "| F5 | Bb5 | Ab5 | Db5 |";
    expect(holdsTo(`Texture: eighths\n${bars}`, "steady")).toBeGreaterThanOrEqual(170 / 2);
    expect(holdsTo(bars, "steady")).toBeGreaterThanOrEqual(170);
  });

  test("F5 Bb5 Ab5 Db5 with scratches between, at 116", () => {
    const scratched = "Texture: x-x-x-c-x-x-x-c-\n| F5 . Bb5 . | Ab5 . Db5 . |";
    expect(holdsTo(scratched, "steady")).toBeGreaterThanOrEqual(116);
  });

  const barre: Mark[] = [
    {
      act: "pin",
      chord: "F",
      section: null,
      at: null,
      fretting: [1, 3, 3, 2, 1, 1],
      fingers: [1, 3, 4, 2, 1, 1],
    },
  ];

  test("what the first run tells of each level", () => {
    const eighths = (text: string) => `Texture: eighths\n${text}`;
    expect(holdsTo(riff, "first")).toBeGreaterThanOrEqual(120);
    expect(holdsTo(eighths(riff), "steady")).toBeGreaterThanOrEqual(120);
    expect(holdsTo("| Am F |", "steady", STANDARD, barre)).toBeGreaterThanOrEqual(140);
    expect(holdsTo(eighths(riff), "fluent")).toBeGreaterThanOrEqual(180);
    expect(holdsTo(eighths("| Am F |"), "fluent", STANDARD, barre)).toBeGreaterThanOrEqual(140);
  });

  test("the full F barre after Am breaks a beginner at 100 in quarters, and no steady hand", () => {
    expect(holdsTo("| Am F |", "first", STANDARD, barre)).toBeLessThan(100);
    expect(holdsTo("| Am F |", "steady", STANDARD, barre)).toBeGreaterThanOrEqual(100);
  });

  test("one finger slides three frets between quarters at 100 in the first months", () => {
    expect(holdsTo("| G5 Bb5 |", "first", DROP_D)).toBeGreaterThanOrEqual(100);
  });
});
