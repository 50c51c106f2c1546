import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { countTunings, makePitchTree, highestBelow, tuningAt } from "./pitchTree";

/** Some of the combinations of a few pitches for each string, as ascending codes. */
const anyTunings = fc
  .array(fc.uniqueArray(fc.integer({ min: 30, max: 70 }), { minLength: 1, maxLength: 3 }), {
    minLength: 1,
    maxLength: 5,
  })
  .chain((pitches) => {
    const all = pitches.reduce((count, { length }) => count * length, 1);
    const codes = fc.uniqueArray(fc.integer({ min: 0, max: all - 1 }), { minLength: 1 });
    return fc.record({
      pitches: fc.constant(pitches),
      codes: codes.map((each) => Float64Array.from(each).sort()),
    });
  });

function pitchesOf(pitches: readonly (readonly number[])[], code: number): number[] {
  const midi: number[] = [];
  let rest = code;
  for (const each of pitches.toReversed()) {
    midi.unshift(each[rest % each.length] ?? 0);
    rest = Math.floor(rest / each.length);
  }
  return midi;
}

describe("tunings as a tree", () => {
  test("each tuning is one of its leaves, and thick strings are shared", () => {
    fc.assert(
      fc.property(anyTunings, ({ pitches, codes }) => {
        const tree = makePitchTree(pitches, codes);
        expect(countTunings(tree)).toBe(codes.length);
        const tunings = [...codes.keys()].map((tuning) => tuningAt(tree, tuning));
        expect(tunings).toEqual([...codes].map((code) => pitchesOf(pitches, code)));
        for (const [level, { pitch }] of tree.levels.entries()) {
          const beginnings = tunings.map((midi) => midi.slice(0, level + 1).join());
          expect(pitch).toHaveLength(new Set(beginnings).size);
        }
      }),
    );
  });

  test("the most below a branch follows the tunings as they sink", () => {
    fc.assert(
      fc.property(
        anyTunings,
        fc.array(fc.tuple(fc.nat(), fc.integer({ min: -20, max: 0 })), { maxLength: 20 }),
        ({ pitches, codes }, sinking) => {
          const tree = makePitchTree(pitches, codes);
          const values = codes.map((code) => code % 7);
          const max = highestBelow(tree, values);
          for (const [pick, value] of sinking) {
            const tuning = pick % values.length;
            if (value > (values[tuning] ?? 0)) continue;
            values[tuning] = value;
            max.lower(tuning, value);
          }
          const again = highestBelow(tree, values);
          for (let level = 0; level <= pitches.length; level++) {
            for (let node = 0; node < codes.length; node++) {
              expect(max.at(level, node)).toBe(again.at(level, node));
            }
          }
          expect(max.at(0, 0)).toBe(Math.max(...values));
        },
      ),
    );
  });
});
