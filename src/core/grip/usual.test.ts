import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { soundingMidi, type Fretting } from "@/core/fretting";
import { makeNeck, type Neck } from "@/core/neck";
import { parseNote } from "@/core/pitch";
import {
  requestSet,
  requestVoicing,
  PREFERENCE_TERMS,
  preferenceOf,
  preferencePoints,
  tiltOfWish,
  TILTS,
  WISHES,
  WITH_BASS,
  type Tilt,
} from "@/core/preference";
import { findGrips, findChordFormGrips } from "./grip";

const neckOf = (midi: readonly number[]): Neck => {
  const neck = makeNeck({ midi, frets: 24 });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};
const STANDARD = neckOf([40, 45, 50, 55, 59, 64]);
const DROP_D = neckOf([38, 45, 50, 55, 59, 64]);
const OPEN_D = neckOf([38, 45, 50, 54, 57, 62]);

const first = (neck: Neck, root: string, voicing: readonly number[], minNotes: number | null) => {
  const note = parseNote(root);
  if (!note.ok) throw new Error(note.problem.message);
  return findChordFormGrips(neck, note.value, { voicing, minNotes })[0]
    ?.fretting.map((fret) => fret ?? "x")
    .join(" ");
};

describe("what players take comes first (common practice)", () => {
  test.each([
    ["F", "1 3 3 x x x"],
    ["Bb", "x 1 3 3 x x"],
    ["C", "x 3 5 5 x x"],
    ["E", "0 2 2 x x x"],
    ["A", "x 0 2 2 x x"],
    ["G", "3 5 5 x x x"],
  ])("%s5 in standard tuning", (root, fretting) => {
    expect(first(STANDARD, root, [0, 7, 12], null)).toBe(fretting);
  });

  test("one finger in a drop tuning", () => {
    expect(first(DROP_D, "F", [0, 7, 12], null)).toBe("3 3 3 x x x");
    expect(first(DROP_D, "D", [0, 7, 12], null)).toBe("0 0 0 x x x");
  });

  test.each([
    ["A", [0, 3, 7], "x 0 2 2 1 0"],
    ["C", [0, 4, 7], "x 3 2 0 1 0"],
    ["E", [0, 4, 7], "0 2 2 1 0 0"],
    ["D", [0, 4, 7], "x x 0 2 3 2"],
    ["F", [0, 4, 7], "1 3 3 2 1 1"],
  ])("open and barred chords: %s %j", (root, voicing, fretting) => {
    expect(first(STANDARD, root, voicing, 4)).toBe(fretting);
  });

  test("a bar over all strings of an open tuning", () => {
    expect(first(OPEN_D, "G", [0, 4, 7], 4)).toBe("5 5 5 5 5 5");
    expect(first(OPEN_D, "D", [0, 4, 7], 4)).toBe("0 0 0 0 0 0");
  });
});

const anyFretting = fc
  .tuple(
    fc.integer({ min: 0, max: 12 }),
    fc.array(fc.constantFrom(null, 0, 1, 2, 3, 4), { minLength: 6, maxLength: 6 }),
  )
  .map(([base, frets]): Fretting => frets.map((fret) => (fret ? fret + base : fret)))
  .filter((fretting) => fretting.some((fret) => fret !== null));
const requested = [requestVoicing(4), requestSet(4, [0, 4, 7]), requestSet(9, [0, 3, 7, 10], 7)];
const TILTED: readonly Tilt[] = [WITH_BASS, ...WISHES.map((wish) => tiltOfWish(wish, 5))];
const look = (fretting: Fretting, of: (typeof requested)[number], fingers = 2) => ({
  fretting,
  midi: soundingMidi(STANDARD, fretting),
  fingers,
  requested: of,
});

describe("laws", () => {
  test("the points are the sum of the terms, and the short sum is the same", () => {
    fc.assert(
      fc.property(
        anyFretting,
        fc.constantFrom(...requested),
        fc.subarray([...TILTED]),
        (fretting, of, tilts) => {
          const { points, terms } = preferenceOf(look(fretting, of), tilts);
          const sum = [...PREFERENCE_TERMS, ...TILTS].reduce((all, term) => all + terms[term], 0);
          expect(points).toBeCloseTo(sum, 9);
          expect(preferencePoints(look(fretting, of), tilts)).toBeCloseTo(points, 9);
        },
      ),
    );
  });

  test("it knows the fretting and the pitches, not which names they have", () => {
    fc.assert(
      fc.property(anyFretting, fc.integer({ min: 1, max: 11 }), (fretting, by) => {
        const here = { ...look(fretting, requestSet(4, [0, 4, 7])) };
        const moved = { ...look(fretting, requestSet((4 + by) % 12, [0, 4, 7])) };
        const midi = here.midi.map((pitch) => pitch + by);
        expect(preferencePoints({ ...moved, midi })).toBeCloseTo(preferencePoints(here), 9);
      }),
    );
  });

  test("a wish puts first what it asks for", () => {
    const grips = findGrips(STANDARD, { letter: "D", accidental: 0 }, [0, 7, 12]);
    const best = (tilt: Tilt) =>
      grips.reduce((min, grip) =>
        tiltPointsOf(grip, tilt) < tiltPointsOf(min, tilt) ? grip : min,
      );
    const tiltPointsOf = (
      { fretting, midi, best: { effort, presses } }: (typeof grips)[number],
      tilt: Tilt,
    ) =>
      effort +
      preferencePoints({ fretting, midi, fingers: presses.length, requested: requestVoicing(2) }, [
        tilt,
      ]);
    expect(best(tiltOfWish("ringing")).fretting).toContain(0);
    expect(Math.min(...best(WITH_BASS).midi)).toBeGreaterThanOrEqual(
      Math.min(...(grips[0]?.midi ?? [])),
    );
    const high = Math.max(...best(tiltOfWish("high")).fretting.map(Number));
    expect(high).toBeGreaterThan(Math.max(...(grips[0]?.fretting.map(Number) ?? [])));
  });
});
