import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { alongReachMm, hold, NOTHING_HELD, type Fretting } from "@/core/fretting";
import { makeNeck } from "@/core/neck";
import { makeEffortBook } from "./effortBook";
import { makeEffortBound } from "./effortBound";
import { rankFingers, type Player } from "./fingering";
import { SCHOOLS } from "./hand";

const neckOf = (trebleScaleMm: number) => {
  const neck = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 22, trebleScaleMm });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};
const NECKS = [neckOf(648), neckOf(610)];

const anyFretting = fc
  .tuple(
    fc.integer({ min: 0, max: 18 }),
    fc.array(fc.constantFrom(null, null, 0, 1, 2, 3, 4), { minLength: 6, maxLength: 6 }),
  )
  .map(([base, frets]) => frets.map((fret) => (fret ? fret + base : fret)));
const anyPlayer: fc.Arbitrary<Player> = fc.record({
  school: fc.constantFrom(...SCHOOLS),
  hand: fc.record({
    fingertipMm: fc.integer({ min: 8, max: 25 }),
    spanMm: fc.integer({ min: 120, max: 220 }),
    without: fc.constantFrom([], ["barre" as const], [4 as const]),
  }),
});

/** What is known of a fretting before its fingers are. */
function sketch(neck: (typeof NECKS)[number], fretting: Fretting) {
  const sounding = fretting.flatMap((fret, string) => (fret === null ? [] : [string]));
  const inner = fretting.filter(
    (fret, string) =>
      fret === null && string > (sounding[0] ?? 9) && string < (sounding.at(-1) ?? -1),
  );
  const pressedFrets = fretting.flatMap((fret) => (fret ? [fret] : []));
  let held = NOTHING_HELD;
  for (const fret of fretting) if (fret !== null) held = hold(held, fret);
  return {
    pressed: fretting.filter(Boolean).length,
    fingers: held.fingers,
    spanMm: alongReachMm(neck, fretting),
    lowestFret: Math.min(...pressedFrets, Math.max(0, ...pressedFrets)),
    highestFret: Math.max(0, ...pressedFrets),
    inner: inner.length,
  };
}

test("no fingering falls below the bound, for any hand, school and neck", () => {
  fc.assert(
    fc.property(fc.constantFrom(...NECKS), anyFretting, anyPlayer, (neck, fretting, player) => {
      const [best] = rankFingers(neck, fretting, player);
      if (!best) return;
      const bound = makeEffortBound(neck, player)(sketch(neck, fretting));
      expect(bound).toBeLessThanOrEqual(best.effort + 1e-9);
    }),
    { numRuns: 3000 },
  );
});

test("the bound of a plain power chord is more than half of its effort", () => {
  const [neck] = NECKS;
  if (!neck) throw new Error();
  const five = [3, 5, 5, null, null, null];
  const bound = makeEffortBound(neck, {})(sketch(neck, five));
  expect(bound).toBeGreaterThan(0.5 * (rankFingers(neck, five)[0]?.effort ?? Infinity));
});

test("a book tells the least effort, whatever it was asked before", () => {
  const [neck] = NECKS;
  if (!neck) throw new Error();
  const book = makeEffortBook(neck, {});
  fc.assert(
    fc.property(anyFretting, (fretting) => {
      const [best] = rankFingers(neck, fretting);
      const min = { effort: best?.effort ?? Infinity, fingers: best?.presses.length ?? 0 };
      expect([book.easiest(fretting), book.easiest([...fretting])]).toEqual([min, min]);
    }),
    { numRuns: 100 },
  );
});
