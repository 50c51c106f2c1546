import { describe, expect, test } from "@jest/globals";
import Papa from "papaparse";
import { countChords, DEFAULT_CHORD_OPTIONS, readProgression } from "@/core/chart";
import { weighTuning } from "@/core/compare";
import { DEFAULT_WEIGHTS, makeGripSearch } from "@/core/gripSearch";
import { makeNeck } from "@/core/neck";
import { nameTuning } from "@/core/tuning";
import { compareCsv, type CsvColumn } from "./compareCsv";

const DROP_D = [38, 45, 50, 55, 59, 64];

function columnFor(
  midi: readonly number[],
  guitarName: string,
  powerChordVoicing = DEFAULT_CHORD_OPTIONS.powerChordVoicing,
): CsvColumn {
  const neck = makeNeck({ midi });
  const chords = readProgression("D5 F5 D5", { ...DEFAULT_CHORD_OPTIONS, powerChordVoicing });
  if (!neck.ok || !chords.ok) throw new Error("a neck and chords");
  const search = makeGripSearch(neck.value, {}, DEFAULT_WEIGHTS);
  return {
    tuning: nameTuning(midi),
    guitarName,
    weighed: weighTuning(search, neck.value, countChords(chords.value), {}, 1),
    counts: null,
    travelMm: 138.4,
    shifts: 2,
    turned: 1,
    minutes: 0.5,
    score: 21.456,
  };
}

describe("a comparison as comma-separated values", () => {
  const text = compareCsv([
    columnFor(DROP_D, 'Ash "six", old'),
    columnFor([28, 33, 38, 43], "=1+1", [0, 7, 12, 19, 24]),
  ]);
  const { data, errors } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: true,
  });

  test("a row for each chord in each tuning, and one for all of them", () => {
    expect(errors).toEqual([]);
    expect(data).toHaveLength(6);
    expect(data[0]).toMatchObject({
      tuning: "Drop D",
      strings: "D2 A2 D3 G3 B3 E4",
      guitar: 'Ash "six", old',
      chord: "D5",
      times: "2",
      frets: "0 0 0 x x x",
      fingers: "0 0 0 0 0 0",
      effort: "0",
      notes: "D2 A2 D3",
      "strum-safe": "yes",
    });
    expect(data[2]).toMatchObject({
      chord: "all",
      "travel mm": "138",
      "strings to turn": "1",
      minutes: "0.5",
      score: "21.46",
    });
  });

  test("what cannot be played leaves its cells empty", () => {
    expect(data[3]).toMatchObject({ chord: "D5", frets: "", effort: "" });
  });

  test("lines end as RFC 4180 says, and a name is never a formula", () => {
    expect(text).toMatch(/^tuning,strings,.*\r\n/);
    expect(text).toMatch(/\r\n$/);
    expect(data[3]?.guitar).toBe("'=1+1");
  });
});
