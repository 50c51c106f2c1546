import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { readGaugeMm, readScaleMm, readTensionN, readUnitMassGPerM, readWidthMm } from "./measure";

const value = (result: ReturnType<typeof readScaleMm>) => (result.ok ? result.value : NaN);

describe("lengths of a guitar, in mm", () => {
  test.each([
    ["648", 648],
    ["648 mm", 648],
    ["64.8 cm", 648],
    ["25.5 in", 647.7],
    ['25.5"', 647.7],
    ["25.5", 647.7],
    ["25,5 in", 647.7],
    ["  628MM ", 628],
  ])("%s", (text, mm) => expect(value(readScaleMm(text, "scale"))).toBeCloseTo(mm, 6));
});

test.each([
  ["43", 43],
  ["1.69", 42.926],
  ["52 mm", 52],
  ["2 in", 50.8],
])("the width %s, in mm", (text, mm) => expect(value(readWidthMm(text, "nut"))).toBeCloseTo(mm, 6));

describe("gauges, in mm", () => {
  test.each([
    [".010", 0.254],
    ["0.010 in", 0.254],
    ["10", 0.254],
    ["0.254", 0.254],
    ["0.254 mm", 0.254],
    ["56", 1.4224],
    ["1.42 mm", 1.42],
  ])("%s", (text, mm) => expect(value(readGaugeMm(text, "gauge"))).toBeCloseTo(mm, 6));
});

// 1 kgf = 9.80665 N by definition (3rd CGPM, 1901); 1 lbf = 0.45359237 kgf (pound of 1959).
test("tensions, in newtons", () => {
  expect(value(readTensionN("72.6", "tension"))).toBe(72.6);
  expect(value(readTensionN("10 kg", "tension"))).toBeCloseTo(98.0665, 9);
  expect(value(readTensionN("10 lb", "tension"))).toBeCloseTo(9.80665 * 4.5359237, 6);
});

test("unit weights, in grams per metre: one pound per inch is 453.59237 g in 25.4 mm", () => {
  expect(value(readUnitMassGPerM("0.4 g/m", "unit"))).toBe(0.4);
  expect(value(readUnitMassGPerM("0.0254 lb/in", "unit"))).toBeCloseTo(453.59237, 6);
});

describe("what is no measure", () => {
  test.each(["", "   ", "long", "-5 mm", "0", "12 parsec", "1e9x", "mm", "NaN", "1.2.3"])(
    "'%s' is refused by name of the field",
    (text) => {
      const result = readScaleMm(text, "scale");
      expect(result).toMatchObject({ ok: false, problem: { field: "scale" } });
      expect(result.ok ? "" : result.problem.message).toMatch(/write a length/);
    },
  );

  test("no text makes a reader throw", () => {
    fc.assert(fc.property(fc.string(), (text) => void readGaugeMm(text, "gauge")));
  });
});
