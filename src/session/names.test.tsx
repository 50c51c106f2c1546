/** @jest-environment jsdom */
import { type ReactNode } from "react";
import { describe, expect, test } from "@jest/globals";
import { act, renderHook } from "@testing-library/react";
import { noteText } from "@/core/pitch";
import { usualMidi } from "@/core/tuning";
import { DEFAULT_PROFILE, type Choice, type Guitar, type Profile } from "@/state";
import { useNames } from "@/ui/names";
import { Session } from "./Session";
import { fakeBrowser, startWith } from "./testing";

fakeBrowser();

const DROP_C = [36, 43, 48, 53, 57, 62];

const guitar: Guitar = {
  id: 1,
  name: "Ash six",
  usualMidi: usualMidi(6),
  tunedMidi: usualMidi(6),
  frets: 22,
  scaleMm: 648,
  trebleScaleMm: 648,
  perpendicularFret: 7,
  nutMm: 35.5,
  bridgeMm: 52,
  capo: 0,
  leftHanded: false,
  bridge: "fixed",
  strings: [],
};

const names = async (profile: Partial<Profile>, choice: Partial<Choice>) => {
  const start = startWith(
    { guitars: [guitar], profile: { ...DEFAULT_PROFILE, ...profile } },
    { tuningMidi: DROP_C, root: "C", ...choice },
  );
  const wrapper = ({ children }: { children: ReactNode }) => (
    <Session start={start}>{children}</Session>
  );
  const { result } = renderHook(() => useNames(), { wrapper });
  // The player is complete once the worker has answered.
  await act(async () => undefined);
  return result.current;
};

describe("how this player calls things", () => {
  test("as they sound, unless asked otherwise", async () => {
    const called = await names({}, {});
    expect(called.shift).toBe(0);
    expect(called.parentName).toBeNull();
    expect(noteText(called.shownRoot)).toBe("C");
    expect(called.chord([36, 43, 48])).toBe("C5");
    expect(called.rootFor(2)).toBe("D");
  });

  test("in drop C, by the shapes of drop D", async () => {
    const called = await names({ naming: "shape" }, {});
    expect(called.shift).toBe(-2);
    expect(called.parentName).toBe("Drop D");
    expect(noteText(called.shownRoot)).toBe("D");
    expect(called.chord([36, 43, 48])).toBe("D5");
    // The player says D; C sounds.
    expect(called.rootFor(2)).toBe("C");
  });

  test("a tuning that is nobody's transposition is called as it sounds", async () => {
    const called = await names({ naming: "shape" }, { tuningMidi: [38, 45, 50, 55, 57, 62] });
    expect(called.parentName).toBeNull();
    expect(called.shift).toBe(0);
  });

  test("in the player's accidentals", async () => {
    expect((await names({ accidentals: "flats" }, {})).note(37)).toBe("Db");
    expect((await names({ accidentals: "sharps" }, {})).pitch(39)).toBe("D#2");
    expect(
      (await names({ accidentals: "sharps", naming: "shape" }, { root: "Bb" })).chord([46, 53]),
    ).toBe("C5");
  });
});

test("a choice for a guitar that is gone shows the first one as it is tuned", async () => {
  expect((await names({ naming: "shape" }, { guitarId: 99 })).shift).toBe(0);
});
