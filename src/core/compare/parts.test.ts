import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { DEFAULT_CHORD_OPTIONS, readChord } from "@/core/chart";
import { countTunings, DEFAULT_WEIGHTS, tuningAt } from "@/core/gripSearch";
import { makeNeck, stringScaleMm } from "@/core/neck";
import { UNKNOWN_STRING } from "@/core/strings";
import { usualMidi } from "@/core/tuning";
import { makeField } from "./field";
import { retuningPoints, stringRetuningCost } from "./retuning";
import { makeSearchSpace, NO_SEARCH_LIMITS, tuningDigits, type SearchSpace } from "./searchSpace";
import { makeShortlist } from "./shortlist";
import { scoreOf, stageCost } from "./stageCost";
import { stringSets } from "./stringSets";

const STANDARD = usualMidi(6);
const made = makeNeck({ midi: STANDARD, frets: 12 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;

const tonesOf = (text: string, minNotes = 3) => {
  const chord = readChord(text, { ...DEFAULT_CHORD_OPTIONS, minNotes });
  if (!chord.ok) throw new Error(chord.problem.message);
  return chord.value;
};

const spaceOf = (from: readonly number[], maxTurned: number | null): SearchSpace => {
  const space = makeSearchSpace(from, { ...NO_SEARCH_LIMITS, up: 1, down: 2, maxTurned });
  if (!space.ok) throw new Error(space.problem.message);
  return space.value;
};

describe("sets of strings that a chord may sound on", () => {
  const numbers = (sets: readonly (readonly boolean[])[]) =>
    sets.map((playing) => playing.flatMap((plays, string) => (plays ? [string] : [])));

  test("a voicing takes as many as it has tones", () => {
    const sets = numbers(stringSets(tonesOf("D5").tones, 4));
    expect(sets).toEqual([
      [0, 1, 2],
      [0, 1, 3],
      [0, 2, 3],
      [1, 2, 3],
    ]);
  });

  test("free mode takes so many and more, few strings first", () => {
    const sets = numbers(stringSets(tonesOf("D").tones, 6));
    // Six over three, four, five and six (Pascal's triangle).
    expect(sets).toHaveLength(20 + 15 + 6 + 1);
    const sizes = sets.map(({ length }) => length);
    expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
    expect(stringSets(tonesOf("D", 6).tones, 4)).toHaveLength(1);
  });
});

describe("the tunings of a search, a row each", () => {
  const from = [38, 45, 50, 55];

  test("each once, with the cost of its retuning", () => {
    for (const maxTurned of [null, 0, 1, 2]) {
      const space = spaceOf(from, maxTurned);
      const field = makeField(space, DEFAULT_WEIGHTS, 0);
      const rows = Array.from({ length: field.size }, (_, row) => field.midiOf(row));
      expect(field.size).toBe(space.size);
      expect(tuningDigits(space)).toHaveLength(space.size * from.length);
      expect(new Set(rows.map((midi) => midi.join())).size).toBe(space.size);
      for (const [row, midi] of rows.entries()) {
        expect(field.costs[row]).toBe(retuningPoints(from, midi));
      }
    }
  });

  test("those that agree on some strings are one group", () => {
    const field = makeField(spaceOf(from, null), DEFAULT_WEIGHTS, 0);
    const { ofRow, tree } = field.group([false, true, false, true]);
    expect(countTunings(tree)).toBe(4 * 4);
    for (let row = 0; row < field.size; row++) {
      const midi = field.midiOf(row);
      const group = tuningAt(tree, ofRow[row] ?? 0);
      expect([group[1], group[3]]).toEqual([midi[1], midi[3]]);
    }
  });

  test("with a capo groups are told as they sound", () => {
    const { ofRow, tree } = makeField(spaceOf(from, 0), DEFAULT_WEIGHTS, 2).group([
      true,
      true,
      true,
      true,
    ]);
    expect(tuningAt(tree, ofRow[0] ?? 0)).toEqual(from.map((midi) => midi + 2));
  });

  test("the cheapest are those that cost least", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ noNaN: true }), { minLength: 256, maxLength: 256 }),
        (costs) => {
          const field = makeField(spaceOf(from, null), DEFAULT_WEIGHTS, 0);
          field.costs.set(costs);
          const found = field.cheapest(5).map((row) => costs[row]);
          const best = costs.filter((cost) => cost !== Infinity).sort((a, b) => a - b);
          expect(found).toEqual(best.slice(0, 5));
        },
      ),
    );
  });
});

test("a shortlist holds the best of what it was offered, each once", () => {
  const offers = fc.array(
    fc.record({
      midi: fc.array(fc.integer({ min: 30, max: 33 }), { minLength: 3, maxLength: 3 }),
      score: fc.integer({ min: 0, max: 20 }),
      retuning: fc.integer({ min: 0, max: 5 }),
    }),
    { maxLength: 60 },
  );
  fc.assert(
    fc.property(offers, (all) => {
      const shortlist = makeShortlist(4);
      const once = all.filter(
        ({ midi }, index) => all.findIndex((other) => other.midi.join() === midi.join()) === index,
      );
      for (const each of once) shortlist.offer(each);
      for (const each of once) shortlist.offer(each);
      const scores = once.map(({ score }) => score).sort((a, b) => a - b);
      expect(shortlist.best().map(({ score }) => score)).toEqual(scores.slice(0, 4));
      expect(shortlist.worst()).toBe(scores.length < 4 ? Infinity : scores[3]);
    }),
  );
});

describe("what a retuning costs", () => {
  test("a string costs something to turn at all, and more to wind up than to let down", () => {
    expect(stringRetuningCost(40, 40)).toBe(0);
    expect(stringRetuningCost(40, 38)).toBe(4);
    expect(stringRetuningCost(40, 42)).toBe(6);
    expect(retuningPoints([40, 45], [38, 45])).toBe(4);
  });

  test("on stage it costs so much a string, and its score is as it weighs", () => {
    const guitar = {
      usualMidi: STANDARD,
      scalesMm: STANDARD.map((_, string) => stringScaleMm(neck, string)),
      frets: 12,
      strings: STANDARD.map(() => UNKNOWN_STRING),
    };
    const cost = stageCost(guitar, STANDARD, [38, 45, 50, 54, 57, 62], 0.5);
    expect(cost).toMatchObject({ turned: 4, minutes: 2, points: 4 + 3 + 4 + 4 });
    // A whole step down leaves 79.4 % of the tension (common check).
    expect(cost.sheet.strings[0]?.usualShare).toBeCloseTo(0.794, 3);
    const weights = { ease: 1, usual: 1, low: 0, clear: 0, ringing: 0, retuning: 2 };
    const totals = { cost: 30 } as Parameters<typeof scoreOf>[0];
    expect(scoreOf(totals, cost, weights)).toBe(30 + 2 * 15);
    expect(scoreOf(null, cost, weights)).toBeNull();
  });
});
