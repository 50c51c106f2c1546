import { describe, expect, test } from "@jest/globals";
import { rankFingers } from "./fingering";
import { EFFORT_WEIGHTS, type EffortPart } from "./fittedEffort";
import { DEFAULT_HAND, type Finger } from "./hand";
import { countParts, EFFORT_PARTS } from "./parts";
import { EFFORT_TERMS, TERM_OF_PART } from "./partTerms";
import { frets, testNeckOf, STANDARD } from "./testShapes";

const standard = testNeckOf(STANDARD);

/** What is counted of a shape in these fingers ("134"), whole parts only. */
const counted = (shape: string, fingers: string): Readonly<Record<string, number>> => {
  const fretting = frets(shape);
  const way = rankFingers(standard, fretting, {}, "any").find(
    (each) => each.fingers.filter(Boolean).join("") === fingers,
  );
  if (!way) throw new Error(`${shape} cannot be fingered ${fingers}`);
  const parts: Record<string, number> = {};
  countParts(standard, fretting, way.presses, DEFAULT_HAND, (part, amount) => {
    const name = EFFORT_PARTS[part] ?? "unknown";
    if (!name.endsWith("per mm")) parts[name] = (parts[name] ?? 0) + amount;
  });
  return parts;
};

describe("what the effort counts", () => {
  test.each<[string, string, Partial<Record<EffortPart, number>>]>([
    [
      "3 5 5 x x x",
      "134",
      { "finger 1": 1, "finger 3": 1, "finger 4": 1, "13 over 2": 1, "34 over 0": 1 },
    ],
    [
      "3 5 5 x x x",
      "133",
      {
        "finger 1": 1,
        "finger 3": 1,
        "13 over 2": 1,
        "barre 3": 1,
        "barre 3 per string": 1,
        "barre 3 beside a lower note": 1,
      },
    ],
    ["3 3 3 x x x", "111", { "finger 1": 1, "barre 1": 1, "barre 1 per string": 2 }],
    ["x x 2 x 0 x", "1", { "finger 1": 1 }],
    ["x x 2 0 x x", "1", { "finger 1": 1, "arch 1": 1 }],
    ["14 x x x x x", "1", { "finger 1": 1, "fret beyond the body": 2 }],
    [
      "1 1 1 1 1 3",
      "111113",
      {
        "finger 1": 1,
        "finger 3": 1,
        "barre 1": 1,
        "barre 1 per string": 4,
        "barre 1 short of a thinner note": 1,
        "13 over 2": 1,
        "13 past the barre": 1,
        "finger 3 alone on the thinnest past a barre": 1,
      },
    ],
    [
      "x x x 1 2 1",
      "121",
      {
        "finger 1": 1,
        "finger 2": 1,
        "barre 1": 1,
        "barre 1 per string": 2,
        "barre 1 per higher note inside": 1,
        "barre of two over higher notes only": 1,
        "12 over 1": 1,
      },
    ],
    [
      "x 3 x 3 x x",
      "11",
      {
        "finger 1": 1,
        "barre 1": 1,
        "barre 1 per string": 2,
        "barre over idle strings only": 1,
      },
    ],
    [
      "x 3 x 3 x x",
      "12",
      { "finger 1": 1, "finger 2": 1, "12 over 0": 1, "string skipped on one fret": 1 },
    ],
    [
      "1 3 3 2 1 1",
      "T34211",
      {
        "finger T": 1,
        "finger 1": 1,
        "finger 2": 1,
        "finger 3": 1,
        "finger 4": 1,
        "barre 1": 1,
        "barre 1 per string": 1,
        "12 over 1": 1,
        "23 over 1": 1,
        "34 over 0": 1,
      },
    ],
  ])("of %s as %s", (shape, fingers, expected) => {
    expect(counted(shape, fingers)).toEqual(expected);
  });

  test("is weighed by points that are never below 0, in a known term", () => {
    for (const name of EFFORT_PARTS) {
      expect(EFFORT_WEIGHTS[name]).toBeGreaterThanOrEqual(0);
      expect(EFFORT_TERMS).toContain(TERM_OF_PART[name]);
    }
  });
});

describe("the thumb round the neck", () => {
  const usesThumb = (midi: readonly number[], spanMm: number) => {
    const shape = frets(["3", ...midi.slice(1).map(() => "x")].join(" "));
    const hand = { ...DEFAULT_HAND, spanMm };
    const fingers = rankFingers(testNeckOf(midi), shape, { hand }).map((way) => way.fingers[0]);
    return fingers.includes("T" satisfies Finger);
  };
  const strings = (count: number) => Array.from({ length: count }, (_, string) => 30 + 5 * string);

  test("comes round six strings, not round eight, and round more with a larger hand", () => {
    expect(usesThumb(strings(6), 150)).toBe(true);
    expect(usesThumb(strings(8), 150)).toBe(false);
    expect(usesThumb(strings(8), 190)).toBe(true);
    expect(usesThumb(strings(6), 100)).toBe(false);
  });
});
