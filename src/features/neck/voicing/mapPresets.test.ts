import { describe, expect, test } from "@jest/globals";
import { isOtherChord, MAP_PRESETS, presetOf, takePreset, type ShownMap } from "./mapPresets";
import { usualMinNotes } from "./usualMinNotes";

describe("what the map shows", () => {
  const map: ShownMap = {
    mapped: null,
    naturals: false,
    mapStrings: null,
    voicing: [0, 7, 12],
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
    expect([4, 6, 8, 10].map((strings) => usualMinNotes([0, 4, 7], strings))).toEqual([3, 4, 6, 8]);
    expect(usualMinNotes([0, 2, 4, 7, 10], 6)).toBe(5);
  });
});
