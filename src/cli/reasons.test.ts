import { describe, expect, test } from "@jest/globals";
import { readFretting } from "@/core/fretting";
import { rankFingers, type Fingering } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { explain, type Reason } from "./reasons";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 24 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;

const first = (text: string): Fingering => {
  const fretting = readFretting(text);
  const best = fretting.ok ? rankFingers(neck, fretting.value)[0] : undefined;
  if (!best) throw new Error(`${text} cannot be held`);
  return best;
};
const about = <Figure extends Reason["figure"]>(figure: Figure, reasons: readonly Reason[]) =>
  reasons.filter((reason): reason is Extract<Reason, { figure: Figure }> => {
    return reason.figure === figure;
  });

describe("explain", () => {
  const grip = first("1 3 3 x x x");
  const reasons = explain(neck, grip);

  test("tells an effort by its parts, the largest first, so that they add up", () => {
    const parts = about("effort", reasons);
    const sum = parts.reduce((total, { value }) => total + value, 0);
    expect(Math.abs(sum - grip.effort)).toBeLessThan(0.5);
    const sizes = parts.map(({ value }) => Math.abs(value));
    expect([...sizes].sort((a, b) => b - a)).toEqual(sizes);
  });

  test("tells between which fingers the hand opens, and what they can do", () => {
    expect(about("reach", reasons)[0]).toMatchObject({
      fingers: [1, 3],
      unit: "mm",
      comfortMm: 66,
      hardMm: 102,
    });
  });

  test("tells what damps each silent string, and what stands in the way", () => {
    expect(about("damping", reasons).map(({ value, part }) => [value, part])).toEqual([
      [3, "underside"],
      [4, "underside"],
      [5, "underside"],
    ]);
    expect(about("conflict", explain(neck, first("x x 5 x 0 x")))).toMatchObject([
      { part: "two jobs", value: 1 },
      { part: "open string", value: 5 },
    ]);
  });

  test("tells what sounds: the implied note, beats, roughness, weight and clarity", () => {
    // F2 C3 F3.
    expect(about("implied note", reasons)).toMatchObject([{ part: "implied", midi: 29 }]);
    expect(about("beating", reasons).map(({ part }) => part)).toEqual(["3:2", "2:1", "4:3"]);
    expect(about("roughness", reasons).map(({ part }) => part)).toEqual(["clean", "gain"]);
    expect(about("weight", reasons).length).toBeGreaterThan(0);
    expect(about("clarity", reasons)[0]).toMatchObject({ part: "start", value: 100 });
  });

  test("a silent fretting has reasons for its damping only", () => {
    const silence = explain(neck, first("x x x x x x"));
    expect(new Set(silence.map(({ figure }) => figure))).toEqual(new Set(["damping"]));
  });
});
