import { describe, expect, test } from "@jest/globals";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { readChart } from "@/core/song";
import { newGuitar, type SongContent } from "@/state";
import { inTuning, tuningTyped } from "./songTuning";

const STANDARD = [40, 45, 50, 55, 59, 64];
const DROP_C = [36, 43, 48, 53, 57, 62];
const guitarOf = (strings: number, id: number) => {
  const guitar = newGuitar(strings, `Guitar ${strings}`);
  return { ...guitar, id, tunedMidi: guitar.usualMidi };
};
const GUITARS = [guitarOf(6, 1), guitarOf(7, 2)] as const;

const songOf = (chart: string): SongContent => ({
  name: "Gate",
  chart,
  guitarId: 1,
  tuningMidi: STANDARD,
  settings: DEFAULT_SONG_SETTINGS,
  archived: false,
});

describe("the tuning that a chart says", () => {
  test("is taken when it is typed, by name or by its strings", () => {
    const typed = (text: string) => tuningTyped(songOf("| A5 |"), text, GUITARS);
    expect(typed("Tuning: drop C\n| A5 |")).toEqual({ guitarId: 1, tuningMidi: DROP_C });
    expect(typed("Tuning: C2 G2 C3 F3 A3 D4\n| A5 |")).toEqual({ guitarId: 1, tuningMidi: DROP_C });
  });

  test("of seven strings takes a guitar that has them", () => {
    expect(tuningTyped(songOf(""), "Tuning: 7-string drop A\n", GUITARS).guitarId).toBe(2);
  });

  test("changes nothing where it is as before, cannot be read, or no guitar has the strings", () => {
    const said = songOf("Tuning: drop C\n| A5 |");
    // The player has chosen another since.
    expect(tuningTyped(said, "Tuning: drop C\n| A5 | D5 |", GUITARS)).toEqual({});
    expect(tuningTyped(songOf(""), "Tuning: loud\n", GUITARS)).toEqual({});
    expect(tuningTyped(songOf(""), "Tuning: 8-string standard\n", GUITARS)).toEqual({});
  });
});

describe("a song put in another tuning", () => {
  test("says so in its chart where that says one, and leaves the text alone where it does not", () => {
    expect(inTuning(songOf("Tuning: standard\n| A5 |"), 1, DROP_C)).toEqual({
      guitarId: 1,
      tuningMidi: DROP_C,
      chart: "Tuning: Drop C\n| A5 |",
    });
    expect(inTuning(songOf("| A5 |"), 1, DROP_C).chart).toBe("| A5 |");
  });

  test("without a name it is said by its strings", () => {
    const odd = [37, 45, 50, 56, 59, 64];
    const { chart } = inTuning(songOf("Tuning: standard\n| A5 |"), 1, odd);
    expect(chart).toBe("Tuning: C# A D G# B E\n| A5 |");
    expect(readChart(chart).tuningMidi).toEqual(odd);
  });
});
