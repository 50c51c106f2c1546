import { describe, expect, test } from "@jest/globals";
import { makeNeck, type Neck } from "@/core/neck";
import { computeApi } from "./api";

const C = { letter: "C", accidental: 0 } as const;

const neckOf = (midi: readonly number[]): Neck => {
  const neck = makeNeck({ midi, frets: 22 });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

const standard = neckOf([40, 45, 50, 55, 59, 64]);
const dropD = neckOf([38, 45, 50, 55, 59, 64]);

describe("what the page asks the worker", () => {
  test("answers are plain values that survive the way to the page", () => {
    const grips = computeApi.grips(dropD, C, [0, 7, 12], {});
    expect(structuredClone(grips)).toEqual(grips);
    expect(grips[0]).toMatchObject({ fretting: [10, 10, 10, null, null, null], name: "C5" });
  });

  test("several necks are answered in the order asked, whatever that is", () => {
    const [a, b] = computeApi.chordOnNecks([standard, dropD], C, [0, 7, 12], 3, {});
    const [d, c] = computeApi.chordOnNecks([dropD, standard], C, [0, 7, 12], 3, {});
    expect([a, b]).toEqual([c, d]);
    expect(a?.grips).toHaveLength(3);
  });
});
