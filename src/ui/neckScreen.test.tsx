/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import { describe, expect, test } from "@jest/globals";
import { rankFingers } from "@/core/hand";
import { makeNeck, type Neck } from "@/core/neck";
import { damperOnString } from "./grip/reasonWords";
import { makeNeckScale, narrowestWidth } from "./neck/neckScale";
import { fileName } from "./save/fileName";
import { isOtherChord, MAP_PRESETS, presetOf, takePreset, type ShownMap } from "./stack/mapPresets";
import { usualLeast } from "./stack/usualLeast";
import { useHistory } from "./workspace/useHistory";

const neckOf = (midi: readonly number[], frets: number): Neck => {
  const neck = makeNeck({ midi, frets });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};
const SIX = [40, 45, 50, 55, 59, 64];
const TEN = [20, 25, 30, 35, 40, 45, 50, 55, 59, 64];

describe("undo and redo", () => {
  const start = () => renderHook(() => useHistory({ root: "C", stack: 1, theme: "light" }, KEPT));
  const KEPT = ["theme"] as const;

  test("walk back and forth; what is no step stays out of it", () => {
    const { result } = start();
    act(() => result.current.change(() => ({ root: "D" }), true));
    act(() => result.current.change(() => ({ theme: "dark" }), false));
    act(() => result.current.change(({ stack }) => ({ stack: stack + 1 }), true));
    expect(result.current.value).toEqual({ root: "D", stack: 2, theme: "dark" });
    act(() => result.current.undo());
    act(() => result.current.undo());
    expect(result.current.value).toEqual({ root: "C", stack: 1, theme: "dark" });
    expect(result.current).toMatchObject({ canUndo: false, canRedo: true });
    act(() => result.current.redo());
    act(() => result.current.redo());
    expect(result.current.value).toEqual({ root: "D", stack: 2, theme: "dark" });
    expect(result.current).toMatchObject({ canUndo: true, canRedo: false });
  });

  test("asking for what is there already is no step", () => {
    const { result } = start();
    act(() => result.current.change(() => ({ root: "C" }), true));
    expect(result.current.canUndo).toBe(false);
  });

  test("a new step ends what could be brought again; at the ends nothing happens", () => {
    const { result } = start();
    act(() => result.current.undo());
    act(() => result.current.change(() => ({ root: "D" }), true));
    act(() => result.current.undo());
    act(() => result.current.change(() => ({ root: "E" }), true));
    expect(result.current.canRedo).toBe(false);
    act(() => result.current.redo());
    expect(result.current.value.root).toBe("E");
  });
});

describe("what the map shows", () => {
  const map: ShownMap = {
    mapped: null,
    naturals: false,
    mapStrings: null,
    stack: [0, 7, 12],
    strings: 6,
  };

  test("every preset that is taken is the one that is shown", () => {
    for (const { name } of MAP_PRESETS) {
      expect(presetOf({ ...map, ...takePreset(name, map) })).toBe(name);
    }
    expect(presetOf({ ...map, mapped: [0, 1] })).toBeNull();
  });

  test("strings the player chose stay; those of a preset go with it", () => {
    const chosen = { ...map, mapStrings: [0, 2] };
    expect(takePreset("all roots", chosen)).toMatchObject({ mapStrings: [0, 2] });
    const roots = { ...map, ...takePreset("my roots, 2 strings", map) };
    expect(roots.mapStrings).toEqual([0, 1]);
    expect(takePreset("blues", roots)).toMatchObject({ mapStrings: null });
  });

  test("other degrees than the chord's, the root among them, may become a chord", () => {
    expect(isOtherChord({ ...map, mapped: [0, 4, 7] })).toBe(true);
    expect(isOtherChord({ ...map, mapped: [0, 7] })).toBe(false);
    expect(isOtherChord({ ...map, mapped: [4, 7] })).toBe(false);
    expect(isOtherChord({ ...map, mapped: [0] })).toBe(false);
  });

  test("a voicing is asked for on nearly all strings", () => {
    expect([4, 6, 8, 10].map((strings) => usualLeast([0, 4, 7], strings))).toEqual([3, 4, 6, 8]);
    expect(usualLeast([0, 2, 4, 7, 10], 6)).toBe(5);
  });
});

describe("the drawing", () => {
  test.each([
    ["six strings, 22 frets", SIX, 22],
    ["ten strings, 36 frets", TEN, 36],
  ])("at its narrowest, marks of %s do not touch", (_, midi, frets) => {
    const neck = neckOf(midi, frets);
    for (const spacing of ["true", "even"] as const) {
      const scale = makeNeckScale(neck, narrowestWidth(neck, { spacing }), { spacing });
      for (let fret = 1; fret < frets; fret++) {
        const apart = Math.abs(scale.markX(0, fret + 1) - scale.markX(0, fret));
        // The widest form is 1.22 times as wide as high.
        expect(1.22 * (scale.markSize(fret) + scale.markSize(fret + 1))).toBeLessThan(apart + 1.5);
      }
      expect(2 * scale.markSize(1)).toBeLessThan(scale.stringY(0) - scale.stringY(1));
    }
  });

  test("the player's own view turns the strings round, not the frets", () => {
    const neck = neckOf(SIX, 24);
    const [chart, own] = [
      makeNeckScale(neck, 1200),
      makeNeckScale(neck, 1200, { thickOnTop: true }),
    ];
    expect(own.stringY(0)).toBe(chart.stringY(5));
    expect(own.wireX(0, 7)).toBe(chart.wireX(0, 7));
    expect([chart.bottomString, own.bottomString]).toEqual([0, 5]);
  });

  test("even frets are all as wide", () => {
    const scale = makeNeckScale(neckOf(SIX, 24), 1200, { spacing: "even" });
    const widths = Array.from({ length: 24 }, (_, n) => scale.wireX(0, n + 1) - scale.wireX(0, n));
    expect(Math.max(...widths)).toBeCloseTo(Math.min(...widths), 9);
  });

  test("a silent string says in a word what keeps it so, and warns where nothing does", () => {
    const [way] = rankFingers(neckOf(SIX, 22), [null, 3, 5, 5, null, null]);
    expect(way?.damping.silent.map(damperOnString)).toEqual([
      "index tip",
      "under index",
      "under index",
    ]);
    const [open] = rankFingers(neckOf(SIX, 22), [0, 2, 2, null, null, 0]);
    expect(open?.damping.silent.map(damperOnString).some((text) => text.startsWith("!"))).toBe(
      open?.damping.strumSafe === false,
    );
  });
});

test("file names are plain letters", () => {
  expect(fileName("C#5/G#", "in", "Drop D", "neck")).toBe("c-sharp-5-over-g-sharp-in-drop-d-neck");
  expect(fileName("Bbm", "in", "E standard", "grip")).toBe("b-flat-m-in-e-standard-grip");
});
