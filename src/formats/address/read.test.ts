import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { type Finger } from "@/core/hand";
import { GRIP_ORDERS, NO_FILTER } from "@/core/listing";
import { DEFAULT_VIEW, MARK_LABELS, SPACINGS, type View } from "@/state";
import { readAddress } from "./read";
import { viewSchema } from "@/state/schema";
import { ADDRESS_PARTS, writeAddress } from "./write";

const STANDARD = [40, 45, 50, 55, 59, 64];
const plain: View = { ...DEFAULT_VIEW, tuningMidi: STANDARD };

describe("the address of a view", () => {
  test("says tuning, root and voicing, and beyond them only what is not as at first", () => {
    expect(writeAddress(plain)).toBe("?tuning=40,45,50,55,59,64&root=E&voicing=0,7,12");
    expect(writeAddress({ ...plain, root: "C#", thickOnTop: true, mapped: [0, 4] })).toBe(
      "?tuning=40,45,50,55,59,64&root=C%23&voicing=0,7,12&map=0,4&above=yes",
    );
  });

  const fret = fc.integer({ min: 0, max: 36 });
  const way = fc.constantFrom("any" as const, "with" as const, "without" as const);
  const orNull = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: null });
  const subset = (max: number) =>
    orNull(fc.subarray(Array.from({ length: max }, (_, each) => each)));
  const chosen = fc.record({
    fretting: fc.array(orNull(fret), { minLength: 6, maxLength: 6 }),
    fingers: fc.array(fc.constantFrom<Finger | 0>(0, 1, 2, 3, 4, "T"), {
      minLength: 6,
      maxLength: 6,
    }),
  });
  const filter = fc.record({
    bassString: orNull(fc.integer({ min: 0, max: 5 })),
    frets: orNull(fc.tuple(fret, fret).map(([a, b]) => [Math.min(a, b), Math.max(a, b)] as const)),
    lowestNote: fc.constantFrom("any" as const, "root" as const, "fifth" as const),
    openStrings: way,
    barre: way,
    strumSafe: fc.boolean(),
    comfortable: fc.boolean(),
    maxFingers: orNull(fc.integer({ min: 0, max: 5 })),
    notes: orNull(fc.integer({ min: 1, max: 6 })),
    through: orNull(fc.record({ string: fc.integer({ min: 0, max: 5 }), fret })),
  });
  const anyView = fc.record({
    tuningMidi: fc.constantFrom(STANDARD, [38, 45, 50, 54, 57, 62], [33, 45, 38, 55, 59, 64]),
    root: fc.constantFrom("C", "F#", "Bb", "E"),
    voicing: fc.constantFrom<readonly number[]>([0, 7], [-5, 0, 4], [0, 7, 12, 19]),
    minNotes: orNull(fc.integer({ min: 2, max: 10 })),
    labels: fc.constantFrom(...MARK_LABELS),
    mapped: subset(12),
    naturals: fc.boolean(),
    mapStrings: subset(6),
    spacing: fc.constantFrom(...SPACINGS),
    thickOnTop: fc.boolean(),
    order: fc.constantFrom(...GRIP_ORDERS),
    filter,
    stage: fc.boolean(),
    chosen: orNull(chosen),
  });

  test("read back, it is the same view", () => {
    fc.assert(
      fc.property(anyView, (any) => {
        // Natural notes take the place of degrees, so an address tells only one of them.
        const view = any.naturals ? { ...any, mapped: null } : any;
        expect(readAddress(writeAddress(view))).toEqual({ view, problems: [] });
      }),
    );
  });

  test("a tuning may be told as players say it", () => {
    expect(readAddress("?tuning=drop%20C%23").view.tuningMidi).toEqual([37, 44, 49, 54, 58, 63]);
    expect(readAddress("?tuning=D+A+D+F%23+A+D").view.tuningMidi).toEqual([38, 45, 50, 54, 57, 62]);
  });

  test("no query says nothing, and unknown names are left alone", () => {
    expect(readAddress("")).toEqual({ view: {}, problems: [] });
    expect(readAddress("?utm=1&x=")).toEqual({ view: {}, problems: [] });
  });

  test("a condition alone keeps the rest of the filter as at first", () => {
    expect(readAddress("?safe=yes&frets=3-7").view).toEqual({
      filter: { ...NO_FILTER, strumSafe: true, frets: [3, 7] },
    });
  });

  test.each([
    ["tuning=H", /Address, tuning/],
    ["tuning=40,45,999,55", /Address, tuning/],
    ["root=H", /'H' is not a note/],
    ["voicing=0,x", /semitones/],
    ["voicing=", /semitones/],
    ["least=1", /from 2 to 10/],
    ["grip=1-2-3", /3 frets; this tuning has 6/],
    ["grip=1-y-3-x-x-x", /no fret/],
    ["fingers=1-2-3-0-0-0", /for each string of the grip/],
    ["map=0,12", /0 to 11/],
    ["strings=7", /from 1 to 6/],
    ["marks=colour", /degree, note/],
    ["stage=maybe", /write yes/],
    ["frets=9-5", /lower first/],
    ["frets=3-99", /from 0 to 36/],
    ["open=maybe", /with, without/],
    ["lowest=7", /no string/],
    ["through=9-1", /a string and a fret/],
    ["through=6-99", /up to 36/],
    ["grip=60-2-2-x-x-x", /from 0 to 36/],
    ["strings=1,2,3,4,5,6,7,8,9,10,11", /from 1 to 6/],
  ])("%s is told, and left out", (query, reason) => {
    const { view, problems } = readAddress(`?${query}`);
    expect(problems).toEqual([expect.stringMatching(reason)]);
    expect(view).toEqual({});
  });

  test("whatever is written there, reading never throws", () => {
    const names = fc.constantFrom("tuning", "root", "voicing", "grip", "frets", "map", "through");
    fc.assert(
      fc.property(names, fc.string({ maxLength: 60 }), (name, text) => {
        expect(() => readAddress(`?${name}=${encodeURIComponent(text)}`)).not.toThrow();
      }),
    );
  });

  test("a string counts once, however often it is named", () => {
    expect(readAddress("?strings=1,1,1,1,1,1,1,1,1,1,1").view).toEqual({ mapStrings: [5] });
  });

  test("a long bad value is shortened where it is told", () => {
    const { problems } = readAddress(`?root=${"H".repeat(5000)}`);
    expect(problems).toEqual([expect.stringMatching(/^Address, root: 'H{40}…' is not a note/)]);
  });

  test("whatever is read can be saved", () => {
    const names = fc.constantFrom(...ADDRESS_PARTS);
    const number = fc.oneof(fc.integer({ min: -3, max: 99 }).map(String), fc.constantFrom("T", ""));
    const text = fc
      .array(number, { maxLength: 12 })
      .chain((parts) => fc.constantFrom("-", ",").map((between) => parts.join(between)));
    fc.assert(
      fc.property(names, text, (name, value) => {
        const { view } = readAddress(`?${name}=${encodeURIComponent(value)}`);
        const schema = viewSchema.pick(Object.keys(view) as (keyof typeof view)[]);
        expect(schema.isValidSync(view, { strict: true })).toBe(true);
      }),
    );
  });
});
