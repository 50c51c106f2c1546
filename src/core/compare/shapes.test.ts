import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { soundingMidi, type Fretting } from "@/core/fretting";
import { makeNeck, type Neck } from "@/core/neck";
import { usualMidi } from "@/core/tuning";
import { holdShape } from "./heldShape";
import { fitShape, shapeFate, shapeShift } from "./shapes";
import { translatePitches } from "./translate";

const STANDARD = usualMidi(6);
const DROP_D = [38, 45, 50, 55, 59, 64];
const FRETS = 22;

const neckOf = (midi: readonly number[], frets = FRETS): Neck => {
  const neck = makeNeck({ midi, frets });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

const anyTuning = fc
  .array(fc.integer({ min: -4, max: 4 }), { minLength: 6, maxLength: 6 })
  .map((steps) => steps.map((step, string) => (STANDARD[string] ?? 0) + step));
const anyFretting = fc.array(fc.option(fc.integer({ min: 0, max: FRETS }), { nil: null }), {
  minLength: 6,
  maxLength: 6,
});

describe("the same pitches", () => {
  test("there and back again, a shape is among the answers", () => {
    fc.assert(
      fc.property(anyTuning, anyTuning, anyFretting, (from, to, fretting) => {
        const sounding = soundingMidi(neckOf(from), fretting);
        const there = translatePitches(neckOf(to), sounding);
        for (const found of there.frettings.slice(0, 20)) {
          const pitches = soundingMidi(neckOf(to), found);
          expect([...pitches].sort()).toEqual([...sounding].sort());
          const back = translatePitches(neckOf(from), pitches).frettings;
          expect(back).toContainEqual(fretting);
        }
      }),
      { numRuns: 50 },
    );
  });

  test("silence stays silent", () => {
    const silent: Fretting = STANDARD.map(() => null);
    expect(translatePitches(neckOf(DROP_D), [])).toEqual({
      frettings: [silent],
      lost: [],
      places: [],
    });
  });

  test("the low D of drop D is lost in standard; its octave is there", () => {
    const { frettings, lost, places } = translatePitches(neckOf(STANDARD), [38, 45, 50]);
    expect(frettings).toEqual([]);
    expect(lost).toEqual([38]);
    expect(places[0]).toEqual({ midi: 38, positions: [], octave: 50 });
    expect(places[2]?.positions).toContainEqual({ string: 1, fret: 5 });
  });

  test("two notes that want the same string have no way, though neither is lost", () => {
    expect(translatePitches(neckOf(STANDARD), [40, 41])).toMatchObject({ frettings: [], lost: [] });
  });

  test("a pitch heard twice needs two strings", () => {
    const { frettings } = translatePitches(neckOf(STANDARD, 5), [45, 45]);
    expect(frettings).toEqual([[5, 0, null, null, null, null]]);
  });

  test("a limit of reach holds where one is given", () => {
    const all = translatePitches(neckOf(STANDARD), [48, 55]).frettings;
    const near = translatePitches(neckOf(STANDARD), [48, 55], { maxSpanFrets: 3 }).frettings;
    expect(near.length).toBeLessThan(all.length);
    expect(near).toContainEqual([null, 3, 5, null, null, null]);
  });
});

describe("the same shape", () => {
  // Common practice: in drop D everything fretted on string 6 moves up two, all else stays.
  test("drop D against standard changes only what is on string 6, by two frets", () => {
    expect(shapeShift(STANDARD, DROP_D)).toEqual({
      shifts: [{ strings: [6], semitones: -2 }],
      shared: 6,
      staying: 5,
    });
    fc.assert(
      fc.property(anyFretting, (fretting) => {
        const fate = shapeFate(fretting, STANDARD, DROP_D, FRETS + 2);
        if (fretting[0] === null) expect(fate).toEqual({ kind: "unchanged", fretting });
        else {
          expect(fate).toMatchObject({ kind: "moved", moves: [{ strings: [6], frets: 2 }] });
          expect(fate).toMatchObject({ fretting: fretting.with(0, (fretting[0] ?? 0) + 2) });
        }
      }),
    );
  });

  test("what a fate tells sounds the same", () => {
    fc.assert(
      fc.property(anyTuning, anyTuning, anyFretting, (from, to, fretting) => {
        const fate = shapeFate(fretting, from, to, FRETS);
        if (fate.kind === "lost") return;
        expect(soundingMidi(neckOf(to), fate.fretting)).toEqual(
          soundingMidi(neckOf(from), fretting),
        );
      }),
    );
  });

  test("an open string cannot go lower, and a missing one is lost", () => {
    const raised = STANDARD.with(0, 42);
    expect(shapeFate([0, 2, 2, null, null, null], STANDARD, raised, FRETS)).toEqual({
      kind: "lost",
      strings: [6],
    });
    const lowB: Fretting = [0, 2, 2, null, null, null, null];
    expect(shapeFate(lowB, usualMidi(7), STANDARD, FRETS)).toEqual({ kind: "lost", strings: [7] });
  });

  test("the power chord of standard becomes a sixth-string slip in drop D", () => {
    const held = holdShape([3, 5, 5, null, null, null], STANDARD, DROP_D);
    expect(held.midi).toEqual([41, 50, 55]);
    expect(held.changes).toEqual([-2, 0, 0, null, null, null]);
    expect(held.name).not.toBe("G5");
  });

  test("a whole guitar turned down keeps the shape and its kind", () => {
    const eFlat = STANDARD.map((midi) => midi - 1);
    expect(holdShape([3, 5, 5, null, null, null], STANDARD, eFlat).name).toBe("F#5");
    expect(shapeShift(STANDARD, eFlat).shifts).toEqual([
      { strings: [6, 5, 4, 3, 2, 1], semitones: -1 },
    ]);
  });

  test("between guitars with different numbers of strings, the thin ones are shared", () => {
    expect(shapeShift(STANDARD, usualMidi(7))).toEqual({ shifts: [], shared: 6, staying: 6 });
    const shape: Fretting = [3, 5, 5, null, null, null];
    expect(fitShape(shape, 7)).toEqual({ fretting: [null, ...shape], isCut: false });
    expect(fitShape(shape, 4)).toEqual({ fretting: [5, null, null, null], isCut: true });
    const held = holdShape(shape, STANDARD, usualMidi(7));
    expect(held).toMatchObject({ name: "G5", isCut: false, isNamed: true });
    expect(held.changes).toEqual([null, 0, 0, 0, null, null, null]);
  });
});
