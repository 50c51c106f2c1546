import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { DEFAULT_WEIGHTS, type GripLimits, HIGHEST_WEIGHT } from "@/core/gripSearch";
import { DEFAULT_COMPARISON, HOLDS, type Comparison } from "@/state";
import { comparisonSchema } from "@/state/schema";
import { readCompareAddress } from "./readCompare";
import { writeCompareAddress } from "./writeCompare";

const STANDARD = [40, 45, 50, 55, 59, 64];
const plain: Comparison = {
  ...DEFAULT_COMPARISON,
  columns: [
    { guitarId: 1_764_166_311_123_004, midi: STANDARD },
    { guitarId: 2, midi: [33, 40, 45, 50, 55, 59, 64] },
  ],
  chords: "D5 F#m7",
};

describe("the address of a comparison", () => {
  test("says tunings, guitars and chords, and beyond them only what is not as at first", () => {
    expect(writeCompareAddress(plain)).toBe(
      "?tunings=40,45,50,55,59,64;33,40,45,50,55,59,64&guitars=1764166311123004;2&chords=D5%20F%23m7",
    );
    expect(writeCompareAddress({ ...plain, hold: "shape", allAsPowerChords: true })).toMatch(
      /&reduce=yes&hold=shape$/,
    );
  });

  test("read back, it is the same comparison", () => {
    const tenths = (max: number) => fc.integer({ min: 0, max: 10 * max }).map((n) => n / 10);
    const weight = tenths(HIGHEST_WEIGHT);
    const weights = fc.record({
      usual: tenths(3),
      ease: weight,
      low: weight,
      clear: weight,
      ringing: weight,
      retuning: weight,
    });
    const any = fc.record({
      columns: fc.subarray([...plain.columns], { minLength: 1 }),
      chords: fc.constantFrom("D5", "Am7 | D/F#", "C#5 - Bb5, %"),
      powerChordVoicing: fc.constantFrom<readonly number[]>([0, 7], [-5, 0, 4]),
      allAsPowerChords: fc.boolean(),
      minNotes: fc.integer({ min: 2, max: 10 }),
      hold: fc.constantFrom(...HOLDS),
      shape: fc.constantFrom(null, [null, 3, 5, 5, null, null], [0, 0, 0, null, null, 12]),
      weights: fc.oneof(fc.constant(DEFAULT_WEIGHTS), weights),
      limits: fc.record({
        frets: fc.constantFrom<GripLimits["frets"]>(null, [5, 9], [0, 12]),
        rootStrings: fc.constantFrom<GripLimits["rootStrings"]>(null, [0], [1, 2]),
        openStrings: fc.constantFrom("any" as const, "none" as const),
        maxNotes: fc.constantFrom(null, 3),
      }),
      minutesPerString: tenths(3),
    });
    fc.assert(
      fc.property(any, (comparison) => {
        const { columns, ...rest } = comparison;
        const {
          tunings,
          rest: read,
          problems,
        } = readCompareAddress(writeCompareAddress(comparison));
        expect(problems).toEqual([]);
        expect(tunings).toEqual(columns);
        expect({ ...DEFAULT_COMPARISON, ...read }).toEqual(rest);
      }),
    );
  });

  test("tunings may be told as players say them, without guitars", () => {
    const { tunings } = readCompareAddress("?tunings=drop D;D A D G A D");
    expect(tunings).toEqual([
      { guitarId: null, midi: [38, 45, 50, 55, 59, 64] },
      { guitarId: null, midi: [38, 45, 50, 55, 57, 62] },
    ]);
  });

  test.each([
    ["tunings=H;drop D", /tunings/],
    ["limits=frets 9-5", /limits/],
    ["limits=roots x", /write frets 5-9/],
    [`tunings=${Array(7).fill("drop D").join(";")}`, /only the first 6/],
    ["chords=Q", /'Q' is no chord/],
    ["fives=0,x", /semitones/],
    ["reduce=maybe", /write yes/],
    ["least=1", /from 2 to 10/],
    ["hold=breath", /chord, pitches, shape/],
    ["shape=1-y", /no fret/],
    ["shape=60-5-5-x-x-x", /from 0 to 36/],
    [`shape=${"1-".repeat(11)}1`, /entries/],
    [`chords=${"D5 ".repeat(1000)}`, /at most/],
    ["weigh=1,2", /ease, usual, low, clear, ringing, retuning/],
    ["weigh=1,2,3,4,5,1", /from 0 to 3/],
    ["minutes=99", /from 0 to 10/],
  ])("%s is told, and left out", (query, reason) => {
    const { problems } = readCompareAddress(`?${query}`);
    expect(problems).toEqual([expect.stringMatching(reason)]);
  });

  test("an address from before there was a weight of what is usual is read, that weight as by default", () => {
    const { rest, problems } = readCompareAddress("?weigh=0.5,1,0,2,3");
    expect(problems).toEqual([]);
    expect(rest.weights).toEqual({
      ease: 0.5,
      usual: 1,
      low: 1,
      clear: 0,
      ringing: 2,
      retuning: 3,
    });
  });

  test("no query says nothing", () => {
    expect(readCompareAddress("")).toEqual({ tunings: [], rest: {}, problems: [] });
  });

  test("whatever is read can be saved", () => {
    const names = fc.constantFrom("fives", "least", "shape", "weigh", "minutes", "chords");
    const number = fc.oneof(fc.integer({ min: -3, max: 99 }).map(String), fc.constantFrom("x", ""));
    const text = fc
      .array(number, { maxLength: 12 })
      .chain((parts) => fc.constantFrom("-", ",").map((between) => parts.join(between)));
    fc.assert(
      fc.property(names, text, (name, value) => {
        const { rest } = readCompareAddress(`?${name}=${encodeURIComponent(value)}`);
        const schema = comparisonSchema.pick(Object.keys(rest) as (keyof typeof rest)[]);
        expect(schema.isValidSync(rest, { strict: true })).toBe(true);
      }),
    );
  });
});
