import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { rankFingers, type Fingering } from "./fingering";
import { DEFAULT_HAND, type Hand } from "./hand";
import { frets, testNeckOf, STANDARD } from "./testShapes";

const WITHOUT_THUMB: Hand = { ...DEFAULT_HAND, without: ["T"] };

const standard = testNeckOf(STANDARD);

/** The first suggestion, or the one with these fingers ("134"). */
const held = (text: string, hand: Hand = DEFAULT_HAND, fingers?: string): Fingering => {
  const ways = rankFingers(standard, frets(text), { hand });
  const found = fingers
    ? ways.find((way) => way.fingers.filter(Boolean).join("") === fingers)
    : ways[0];
  if (!found) throw new Error(`${text} cannot be held`);
  return found;
};

/** What damps each silent string, told by the player's number of the string (1 is the thinnest). */
const damping = ({ damping: plan, fingers }: Fingering): Record<number, string> =>
  Object.fromEntries(
    plan.silent.map(({ string, first }) => [
      fingers.length - string,
      first.finger === null || first.by === "thumb" ? first.by : `${first.by} ${first.finger}`,
    ]),
  );

describe("what silences each string (common practice)", () => {
  test("a power chord on 6-5-4: the index's underside keeps the thinner strings quiet", () => {
    for (const shape of ["1 3 3 x x x", "5 7 7 x x x", "12 14 14 x x x"]) {
      const grip = held(shape);
      expect(damping(grip)).toEqual({ 3: "underside 1", 2: "underside 1", 1: "underside 1" });
      expect(grip.damping.strumSafe).toBe(true);
    }
  });

  test("a power chord on 5-4-3: string 6 by the index's tip, else the thumb or a free middle finger", () => {
    const grip = held("x 3 5 5 x x");
    expect(damping(grip)).toEqual({ 6: "tip 1", 2: "underside 1", 1: "underside 1" });
    expect(grip.damping.strumSafe).toBe(true);
    const ofString6 = (hand: Hand) => held("x 3 5 5 x x", hand).damping.silent[0];
    expect(ofString6(DEFAULT_HAND)?.second).toEqual({ by: "thumb", finger: "T" });
    expect(ofString6(WITHOUT_THUMB)?.second).toEqual({ by: "free finger", finger: 2 });
  });

  test("open E5: the index lies over, whether it frets or not", () => {
    for (const fingers of ["12", "11", "23", "34"]) {
      const grip = held("0 2 2 x x x", DEFAULT_HAND, fingers);
      expect(grip.damping.strumSafe).toBe(true);
      expect(damping(grip)[1]).toMatch(/^(underside|lying over) 1$/);
    }
  });

  test("open A5: string 6 by the thumb, else only the pick avoids it, and it hums", () => {
    expect(damping(held("x 0 2 2 x x"))[6]).toBe("thumb");
    expect(held("x 0 2 2 x x").damping.strumSafe).toBe(true);
    const without = held("x 0 2 2 x x", WITHOUT_THUMB);
    expect(damping(without)[6]).toBe("pick");
    expect(without.damping).toMatchObject({ strumSafe: false, humming: [0] });
  });

  test("open D5: strings 6 and 5 by the thumb where it reaches, else only the pick", () => {
    expect(damping(held("x x 0 2 3 x"))).toEqual({ 6: "thumb", 5: "thumb", 1: "underside 1" });
    expect(damping(held("x x 0 2 3 x", WITHOUT_THUMB))).toMatchObject({ 6: "pick", 5: "pick" });
    // A neck too wide for the thumb to come round.
    const wide = testNeckOf(STANDARD, { nutMm: 52, bridgeMm: 60 });
    expect(rankFingers(wide, frets("x x 0 2 3 x"))[0]?.damping.humming).toEqual([0, 1]);
  });

  test("0-2-2-x-0-0: whoever frets string 4 leans onto 3, clear of 2", () => {
    for (const [fingers, leaning] of [
      ["12", 2],
      ["23", 3],
    ] as const) {
      const grip = held("0 2 2 x 0 0", DEFAULT_HAND, fingers);
      expect(grip.damping.silent).toMatchObject([
        { string: 3, first: { by: "leaning", finger: leaning }, clearOf: 4 },
      ]);
      expect(grip.damping.strumSafe).toBe(true);
    }
  });

  test("an octave over a silent string: by the index", () => {
    for (const shape of ["3 x 5 x x x", "x 3 x 5 x x", "x x 5 x 8 x", "x x x 5 x 8"]) {
      const between = held(shape).fretting.findIndex(
        (fret, string, all) => fret === null && all[string - 1] !== null && string > 0,
      );
      expect(damping(held(shape))[6 - between]).toBe("underside 1");
    }
  });

  test("one finger across in a drop tuning lies over the rest", () => {
    const dropD = testNeckOf([38, 45, 50, 55, 59, 64]);
    const [grip] = rankFingers(dropD, frets("5 5 5 x x x"));
    expect(grip?.damping).toMatchObject({ strumSafe: true, humming: [] });
  });
});

describe("what cannot be silenced is told", () => {
  test("a string under a bar sounds unless another finger damps it", () => {
    const grip = held("x 2 x 2 x 2", { ...DEFAULT_HAND, without: [2, 3, 4] });
    expect(damping(grip)).toMatchObject({ 4: "nothing", 2: "nothing" });
    expect(grip.damping.strumSafe).toBe(false);
  });

  test("a finger leans one way only: the other job goes to someone else, and is named", () => {
    const { conflicts, silent } = held("x x 5 x 0 x").damping;
    expect(conflicts).toContainEqual({ kind: "two jobs", finger: 1, strings: [3, 1] });
    expect(silent.find(({ string }) => string === 1)?.first.by).toBe("thumb");
  });

  test("an open string keeps the index from lying over", () => {
    const { conflicts, humming } = held("x x 5 x 0 x").damping;
    expect(humming).toEqual([5]);
    expect(conflicts).toContainEqual({ kind: "open string", finger: 1, string: 5, open: 4 });
  });
});

describe("laws", () => {
  const strings = fc.integer({ min: 4, max: 10 });
  // Silent strings are frequent and frets few, so that most shapes can be held.
  const anyShape = strings.chain((count) =>
    fc.array(fc.constantFrom(null, null, null, 0, 3, 3, 4, 5), {
      minLength: count,
      maxLength: count,
    }),
  );
  const neckFor = (count: number) =>
    testNeckOf(Array.from({ length: count }, (_, string) => 24 + 5 * string));

  /** The strings that a damper of `string` lies on, from what the words mean. */
  const touched = (way: Fingering, string: number, by: string, finger: unknown): number[] => {
    const thinner = way.fretting.map((_, index) => index).filter((index) => index >= string);
    if (by === "lying over") return thinner;
    if (by !== "underside") return [string];
    const press = way.presses.find((each) => each.finger === finger);
    return way.fretting
      .map((_, index) => index)
      .filter((index) => index > (press?.hold.thinnest ?? 99));
  };

  test("a plan covers every silent string and no other", () => {
    fc.assert(
      fc.property(anyShape, (fretting) => {
        for (const { damping: plan } of rankFingers(neckFor(fretting.length), fretting)) {
          const silent = fretting.flatMap((fret, string) => (fret === null ? [string] : []));
          expect(plan.silent.map(({ string }) => string)).toEqual(silent);
          expect(plan.strumSafe).toBe(plan.humming.length === 0);
          const loose = plan.silent.filter(({ first }) => first.finger === null);
          expect(plan.humming).toEqual(loose.map(({ string }) => string));
        }
      }),
    );
  });

  test("damping never silences a sounding string", () => {
    fc.assert(
      fc.property(anyShape, (fretting) => {
        for (const way of rankFingers(neckFor(fretting.length), fretting)) {
          for (const { string, first } of way.damping.silent) {
            const press = way.presses.find(({ finger }) => finger === first.finger);
            for (const lain of touched(way, string, first.by, first.finger)) {
              const fret = fretting[lain];
              // Behind its own fret a pressed string may be touched; an open one never.
              if (typeof fret === "number") {
                expect(fret).toBeGreaterThanOrEqual(press?.hold.fret ?? 1);
              }
            }
          }
        }
      }),
      { numRuns: 1000 },
    );
  });

  test("only a finger that frets nothing is called free", () => {
    fc.assert(
      fc.property(anyShape, (fretting) => {
        for (const { damping: plan, fingers } of rankFingers(neckFor(fretting.length), fretting)) {
          for (const { first, second } of plan.silent) {
            for (const damper of [first, second]) {
              if (!damper?.finger) continue;
              const isFree = ["free finger", "lying over", "thumb"].includes(damper.by);
              expect(fingers.includes(damper.finger)).toBe(!isFree);
            }
          }
        }
      }),
    );
  });
});
