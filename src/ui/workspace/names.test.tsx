/** @jest-environment jsdom */
import { describe, expect, jest, test } from "@jest/globals";
import { renderHook } from "@testing-library/react";
import { type ReactNode } from "react";
import { noteText } from "@/core/pitch";
import { usualMidi } from "@/core/tuning";
import {
  DEFAULT_PROFILE,
  FIRST_CHOICE,
  type Choice,
  type Guitar,
  type Profile,
} from "@/server/types";
import { useNames, Workspace } from ".";

jest.mock("@/server/actions", () => ({}));

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

const names = (profile: Partial<Profile>, choice: Partial<Choice>) => {
  const start = {
    rig: {
      guitars: [guitar] as const,
      pins: [],
      ownTunings: [],
      ownStacks: [],
      favourites: [],
      comparisons: [],
      profile: { ...DEFAULT_PROFILE, ...profile },
    },
    choice: {
      ...FIRST_CHOICE,
      guitarId: 1,
      tuningMidi: DROP_C,
      root: "C",
      ...choice,
    },
    isFirst: false,
    problems: [],
  };
  const wrapper = ({ children }: { children: ReactNode }) => (
    <Workspace start={start}>{children}</Workspace>
  );
  return renderHook(() => useNames(), { wrapper }).result.current;
};

describe("how this player calls things", () => {
  test("as they sound, unless asked otherwise", () => {
    const called = names({}, {});
    expect(called.shift).toBe(0);
    expect(called.parentName).toBeNull();
    expect(noteText(called.shownRoot)).toBe("C");
    expect(called.chord([36, 43, 48])).toBe("C5");
    expect(called.rootFor(2)).toBe("D");
  });

  test("in drop C, by the shapes of drop D", () => {
    const called = names({ naming: "shape" }, {});
    expect(called.shift).toBe(-2);
    expect(called.parentName).toBe("Drop D");
    expect(noteText(called.shownRoot)).toBe("D");
    expect(called.chord([36, 43, 48])).toBe("D5");
    // The player says D; C sounds.
    expect(called.rootFor(2)).toBe("C");
  });

  test("a tuning that is nobody's transposition is called as it sounds", () => {
    const called = names({ naming: "shape" }, { tuningMidi: [38, 45, 50, 55, 57, 62] });
    expect(called.parentName).toBeNull();
    expect(called.shift).toBe(0);
  });

  test("in the player's accidentals", () => {
    expect(names({ accidentals: "flats" }, {}).note(37)).toBe("Db");
    expect(names({ accidentals: "sharps" }, {}).pitch(39)).toBe("D#2");
    expect(names({ accidentals: "sharps", naming: "shape" }, { root: "Bb" }).chord([46, 53])).toBe(
      "C5",
    );
  });
});

test("a choice for a guitar that is gone shows the first one as it hangs", () => {
  expect(names({ naming: "shape" }, { guitarId: 99 }).shift).toBe(0);
});
