import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { readFretting, soundingMidi } from "@/core/fretting";
import { rankFingers } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { MOVES, moveShape } from "./moveShape";
import { readShape, type ShapeReading } from "./readShape";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 22 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;

const read = (text: string): ShapeReading => {
  const fretting = readFretting(text);
  const reading = fretting.ok ? readShape(neck, fretting.value) : null;
  if (!reading) throw new Error(`${text} sounds nothing`);
  return reading;
};
const names = (reading: ShapeReading, kind: "more" | "less") =>
  reading.steps.filter((step) => step.kind === kind).map(({ name }) => name);

describe("reading a shape (common practice)", () => {
  test.each([
    ["x 5 7 7 x x", "D5", [0, 7, 12], null],
    ["x 5 7 7 6 x", "Dm", [0, 7, 12, 15], null],
    ["3 3 x x x x", "C5/G", [-5, 0], 43],
    ["3 3 2 x x x", "C/G", [-5, 0, 4], 43],
    ["3 x 5 x x x", "G octave", [0, 12], null],
    ["0 2 2 x 0 0", "E5", [0, 7, 12, 19, 24], null],
  ])("%s is %s", (text, name, voicing, bass) => {
    const reading = read(text);
    expect(reading).toMatchObject({ name, isNamed: true, bass });
    expect(reading.voicing).toEqual(voicing);
    expect(reading.fingerings.length).toBeGreaterThan(0);
  });

  test("one note more brings the minor, the major and the suspended chords back", () => {
    const more = names(read("x 5 7 7 x x"), "more");
    expect(more).toEqual(expect.arrayContaining(["Dm", "D", "Dsus4", "Dsus2"]));
    const minor = read("x 5 7 7 x x").steps.find(({ name }) => name === "Dm");
    expect(minor?.fretting).toEqual([null, 5, 7, 7, 6, null]);
  });

  test("one note less reduces a chord to its five", () => {
    expect(names(read("x 5 7 7 6 x"), "less")).toContain("D5");
  });

  test("what has no name is told by its notes", () => {
    expect(read("x 0 1 0 x x")).toMatchObject({ isNamed: false, name: "A Eb G" });
  });

  test("what is only too far says how far; what no fingers can do says nothing", () => {
    const far = read("1 7 x x x x");
    expect(far.fingerings).toEqual([]);
    expect(far.beyond).toMatchObject({ grade: "beyond" });
    expect(read("x 1 2 3 4 5").beyond).toBeNull();
  });

  test("silence is no shape", () => {
    expect(readShape(neck, [null, null, null, null, null, null])).toBeNull();
  });
});

test("every step changes one string, can be held where it adds, and is named rightly", () => {
  const anyShape = fc.array(fc.constantFrom(null, null, 0, 3, 4, 5, 7), {
    minLength: 6,
    maxLength: 6,
  });
  fc.assert(
    fc.property(anyShape, (fretting) => {
      const reading = readShape(neck, fretting);
      for (const step of reading?.steps ?? []) {
        const changed = fretting.filter((fret, string) => fret !== step.fretting[string]);
        expect(changed).toHaveLength(1);
        expect(step.name).not.toBe(reading?.name);
        expect(readShape(neck, step.fretting)?.name).toBe(step.name);
        const notes = soundingMidi(neck, fretting).length + (step.kind === "more" ? 1 : -1);
        expect(soundingMidi(neck, step.fretting)).toHaveLength(notes);
        if (step.kind === "more") {
          expect(rankFingers(neck, step.fretting).length).toBeGreaterThan(0);
        }
      }
    }),
    { numRuns: 30 },
  );
});

test("a player of shapes is told the shape's name, and what sounds", () => {
  const made = makeNeck({ midi: [36, 43, 48, 53, 57, 62] });
  const dropC = made.ok ? made.value : neck;
  const shape = [0, 0, 0, null, null, null];
  const read = readShape(dropC, shape, {}, { shift: -2 });
  expect(read).toMatchObject({ name: "D5", sounding: "C5", voicing: [0, 7, 12], bass: null });
  expect(read?.steps.map(({ name }) => name)).toContain("D octave");
  expect(readShape(dropC, shape)).toMatchObject({ name: "C5", sounding: "C5" });
});

describe("moving a whole shape", () => {
  const frets = (text: string) => {
    const fretting = readFretting(text);
    if (!fretting.ok) throw new Error(fretting.problem.message);
    return fretting.value;
  };

  test.each([
    ["3 5 5 x x x", "up", "4 6 6 x x x"],
    ["3 5 5 x x x", "thinner", "x 3 5 5 x x"],
    ["x 3 5 5 x x", "thicker", "3 5 5 x x x"],
    // Open strings ring on, as players let them.
    ["0 2 2 1 0 0", "up", "0 3 3 2 0 0"],
  ] as const)("%s %s is %s", (from, way, to) => {
    expect(moveShape(neck, frets(from), way)).toEqual(frets(to));
  });

  test.each([
    ["1 3 3 x x x", "down"],
    ["22 x x x x x", "up"],
    ["3 5 5 x x x", "thicker"],
    ["x x x x x 3", "thinner"],
    ["0 0 0 x x x", "up"],
    ["x x x x x x", "thinner"],
  ] as const)("%s has nowhere to go %s", (from, way) => {
    expect(moveShape(neck, frets(from), way)).toBeNull();
  });

  test.each([
    // The same major triad on the next three strings: strings 3 and 2 lie a third apart.
    ["x x 7 7 5 x", "thinner", "x x x 7 8 5"],
    ["x 3 5 5 x x", "thinner", "x x 3 5 6 x"],
    ["x x 5 7 8 x", "thicker", "x 5 7 7 x x"],
    ["x x x 0 0 0", "thicker", "x x 1 0 1 x"],
  ] as const)("%s %s keeps its notes to each other as %s", (from, way, to) => {
    expect(moveShape(neck, frets(from), way, "chord")).toEqual(frets(to));
  });

  test("there and back again is where it was", () => {
    const back = { up: "down", down: "up", thinner: "thicker", thicker: "thinner" } as const;
    const anyShape = fc.array(fc.option(fc.integer({ min: 0, max: 22 }), { nil: null }), {
      minLength: 6,
      maxLength: 6,
    });
    fc.assert(
      fc.property(anyShape, fc.constantFrom(...MOVES), (shape, way) => {
        const moved = moveShape(neck, shape, way);
        if (moved) expect(moveShape(neck, moved, back[way])).toEqual(shape);
      }),
    );
  });
});

test("the bass names a shape wherever it makes a sensible name", () => {
  const openD = makeNeck({ midi: [38, 45, 50, 54, 57, 62] });
  if (!openD.ok) throw new Error(openD.problem.message);
  const over = (text: string) => {
    const fretting = readFretting(text);
    return fretting.ok ? readShape(openD.value, fretting.value)?.name : null;
  };
  // G D A C D G over the low G: G with 2 and 4.
  expect(over("5 5 7 6 5 5")).toBe("Gsus2sus4");
  expect(over("0 5 7 6 5 5")).toBe("D7sus4");
});
