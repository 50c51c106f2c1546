import { describe, expect, test } from "@jest/globals";
import { makeNeck, type Neck } from "@/core/neck";
import { NO_FILTER, type Listing } from "@/core/listing";
import { computeApi } from "./api";

const EASIEST: Listing = { filter: NO_FILTER, order: "effort" };
const FIVE = { stack: [0, 7, 12], leastNotes: null };
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
    const listed = computeApi.grips(dropD, C, FIVE, {}, EASIEST);
    expect(structuredClone(listed)).toEqual(listed);
    const five = { fretting: [10, 10, 10, null, null, null], name: "C5" };
    expect(listed.grips[0]).toMatchObject(five);
    expect(listed.total).toBe(listed.grips.length);
    const sound = computeApi.sound([40, 47], {});
    expect(structuredClone(sound)).toEqual(sound);
  });

  test("a filter and an order are applied to all there is", () => {
    const ask = (listing: Partial<Listing>) =>
      computeApi.grips(standard, C, FIVE, {}, { ...EASIEST, ...listing });
    const safe = ask({ filter: { ...NO_FILTER, strumSafe: true } });
    expect(safe.grips.length).toBeLessThan(safe.total);
    expect(safe.loosenings).toEqual([
      { filter: "strumSafe", count: safe.total - safe.grips.length },
    ]);
    expect(Math.min(...(ask({ order: "lowest" }).grips[0]?.midi ?? []))).toBe(48);
  });

  test("several necks are answered in the order asked, whatever that is", () => {
    const [a, b] = computeApi.chordOnNecks([standard, dropD], C, FIVE, 3, {});
    const [d, c] = computeApi.chordOnNecks([dropD, standard], C, FIVE, 3, {});
    expect([a, b]).toEqual([c, d]);
    expect(a?.grips).toHaveLength(3);
  });
});
