import { describe, expect, test } from "@jest/globals";
import { neededMs, TIMING } from "@/core/motion";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { DEFAULT_PRACTICE, DEFAULT_PROFILE } from "@/state";
import { PROFILE_FORMAT, readSaved, ROUND_CHANGE_FORMAT, SONG_FORMAT } from ".";

/** As the version before wrote them, literally. */
describe("what the first law of tempos saved", () => {
  const round = (part: object) =>
    readSaved(
      ROUND_CHANGE_FORMAT,
      JSON.stringify({
        travelMm: 114.1,
        spaceMm: 25.7,
        isNewShape: false,
        isAcross: false,
        isTowardNut: true,
        availableMs: 380,
        ...part,
      }),
      1,
    )?.value;

  test("the change of a round keeps its way, and has the whole time since the last strum", () => {
    // 500 ms less the 120 that the chord was left; of 250 a third was left.
    expect(round({})).toMatchObject({ travelMm: 114.1, arrivalSpaceMm: 25.7, availableMs: 500 });
    expect(round({ availableMs: 500 / 3 })?.availableMs).toBeCloseTo(250, 9);
    expect(round({ isNewShape: true })).toMatchObject({ placedFingers: 3 });
    expect(round({ isAcross: true })).toMatchObject({ placedFingers: 1.5 });
    expect(round({ availableMs: "much" })).toBeUndefined();
  });

  test("own times stay as much slower or faster than the level as they were", () => {
    const ownTiming = {
      aMs: 140,
      bMsPerBit: 140,
      usableShare: 0.5,
      newShapeMs: 90,
      acrossMs: 50,
      towardNutMs: 25,
    };
    const saved = { ...DEFAULT_PROFILE, practice: { ...DEFAULT_PRACTICE, minutes: 20, ownTiming } };
    const read = readSaved(PROFILE_FORMAT, JSON.stringify(saved), 1);
    expect(read?.replaced).toEqual([]);
    expect(read?.value.practice.minutes).toBe(20);
    const own = read?.value.practice.ownTiming;
    const slide = round({});
    if (!own || !slide) throw new Error("nothing was read");
    expect(neededMs(slide, own) / neededMs(slide, TIMING.steady)).toBeCloseTo(2, 1);
    expect(readSaved(PROFILE_FORMAT, JSON.stringify(DEFAULT_PROFILE), 1)?.value).toEqual(
      DEFAULT_PROFILE,
    );
  });

  test("a last eighth that was left empty is a last strum that is let go", () => {
    const leave = { act: "leave", chord: "D5", section: "Verse", at: [0, 1] };
    const thin = { act: "thin", chord: "D5", section: null, at: null, notes: 1 };
    const saved = { ...DEFAULT_SONG_SETTINGS, marks: [leave, thin] };
    expect(readSaved(SONG_FORMAT, JSON.stringify(saved), 1)).toEqual({
      value: { ...saved, marks: [{ ...leave, strums: 1 }, thin] },
      replaced: [],
    });
  });
});
