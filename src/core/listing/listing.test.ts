import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { findGrips, type Grip } from "@/core/grip";
import { DEFAULT_HAND, gradeReach } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { filterGrips } from "./filter";
import { NO_FILTER, type GripFilter } from "./gripFilter";
import { orderGrips } from "./order";
import { GRIP_ORDERS } from "./orders";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 22 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const grips = findGrips(neck, { letter: "E", accidental: 0 }, [0, 7, 12]);
const kept = (filter: Partial<GripFilter>) =>
  filterGrips(neck, grips, { ...NO_FILTER, ...filter }).grips;
const frettings = (list: readonly Grip[]) => list.map(({ fretting }) => fretting.join());

describe("filters", () => {
  test("nothing asked keeps all, in order", () => {
    expect(kept({})).toEqual(grips);
  });

  test.each<[Partial<GripFilter>, (grip: Grip) => boolean]>([
    [{ bassString: 0 }, ({ fretting }) => fretting[0] !== null],
    [
      { frets: [5, 9] },
      ({ fretting }) => fretting.every((fret) => !fret || (fret > 4 && fret < 10)),
    ],
    [{ openStrings: "without" }, ({ fretting }) => !fretting.includes(0)],
    [{ openStrings: "with" }, ({ fretting }) => fretting.includes(0)],
    [
      { barre: "without" },
      ({ best }) =>
        new Set(best.fingers.filter(Boolean)).size === best.fingers.filter(Boolean).length,
    ],
    [{ strumSafe: true }, ({ best }) => best.damping.strumSafe],
    [{ maxFingers: 2 }, ({ best }) => new Set(best.fingers.filter(Boolean)).size <= 2],
    [{ notes: 2 }, () => false],
    [{ lowestNote: "root" }, ({ tones }) => tones.every((tone) => tone === null || tone >= 0)],
    [{ lowestNote: "fifth" }, ({ tones }) => tones.includes(-5)],
    [{ through: { string: 1, fret: 7 } }, ({ fretting }) => fretting[1] === 7],
  ])("%j", (filter, isWanted) => {
    expect(frettings(kept(filter))).toEqual(frettings(grips.filter(isWanted)));
  });

  test("comfortable reach keeps the easy five and leaves out the longest stretch", () => {
    const comfortable = kept({ comfortable: true });
    expect(comfortable.length).toBeGreaterThan(0);
    expect(comfortable.length).toBeLessThan(grips.length);
    const grade = ({ best }: Grip) =>
      gradeReach(neck, best.fretting, best.presses, DEFAULT_HAND).grade;
    for (const grip of comfortable) expect(grade(grip)).toBe("comfortable");
    expect(grips.filter((grip) => grade(grip) === "comfortable")).toEqual(comfortable);
  });

  test("what is kept out by one condition alone comes back without it", () => {
    const filter: GripFilter = {
      ...NO_FILTER,
      strumSafe: true,
      openStrings: "with",
      frets: [14, 15],
    };
    const { grips: none, loosenings } = filterGrips(neck, grips, filter);
    expect(none).toEqual([]);
    expect(loosenings.length).toBeGreaterThan(0);
    for (const { filter: name, count } of loosenings) {
      expect(kept({ ...filter, [name]: NO_FILTER[name] })).toHaveLength(count);
    }
    const counts = loosenings.map(({ count }) => count);
    expect([...counts].sort((a, b) => b - a)).toEqual(counts);
  });
});

describe("orders", () => {
  test("every order keeps every grip", () => {
    fc.assert(
      fc.property(fc.constantFrom(...GRIP_ORDERS), (order) => {
        const ordered = frettings(orderGrips(grips, order, { neck }));
        expect([...ordered].sort()).toEqual(frettings(grips).sort());
      }),
    );
  });

  test("lowest, nearest, heaviest and clearest begin with what they say", () => {
    const first = (order: (typeof GRIP_ORDERS)[number], anchor?: Grip["fretting"]) =>
      orderGrips(grips, order, { neck, anchor })[0];
    expect(Math.min(...(first("lowest")?.midi ?? []))).toBe(40);
    expect(first("effort")).toBe(grips[0]);
    const seventh = [null, 7, 9, 9, null, null];
    expect(first("nearest", seventh)?.fretting).toEqual(seventh);
    expect(Math.min(...(first("heaviest")?.midi ?? []))).toBe(40);
    expect(Math.min(...(first("clearest")?.midi ?? []))).toBeGreaterThan(40);
  });
});
