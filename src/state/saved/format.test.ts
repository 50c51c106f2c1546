import { describe, expect, test } from "@jest/globals";
import { array, number, object, string } from "yup";
import { readSaved, type SavedFormat } from ".";

interface Amp {
  readonly name: string;
  readonly watts: number;
  readonly tone: { readonly low: number; readonly high: number };
}

const DEFAULTS: Amp = { name: "Amp", watts: 15, tone: { low: 5, high: 5 } };
/** Version 1 had kilowatts; version 2 had no name. */
const AMP: SavedFormat<Amp> = {
  version: 3,
  steps: [
    (saved) => ({ ...(saved as object), watts: 1000 * (saved as { readonly kw: number }).kw }),
    (saved) => ({ ...(saved as object), name: "From version 2" }),
  ],
  schema: object({
    name: string().required(),
    watts: number().positive().required(),
    tone: object({ low: number().max(10).required(), high: number().max(10).required() }),
  }),
  defaults: DEFAULTS,
};
const read = (saved: unknown, version: number) => readSaved(AMP, JSON.stringify(saved), version);

describe("what was saved", () => {
  test("by an earlier version goes through every step since", () => {
    expect(read({ kw: 0.1 }, 1)).toEqual({
      value: { ...DEFAULTS, name: "From version 2", watts: 100 },
      replaced: [],
    });
    expect(read({ watts: 30 }, 2)?.value).toMatchObject({ name: "From version 2", watts: 30 });
    expect(read({ name: "Mine", watts: 30 }, 3)?.value).toMatchObject({ name: "Mine", watts: 30 });
  });

  test("without a newer field keeps all others, deep down too", () => {
    expect(read({ name: "Mine", watts: 30, tone: { low: 9 } }, 3)).toEqual({
      value: { name: "Mine", watts: 30, tone: { low: 9, high: 5 } },
      replaced: [],
    });
  });

  test("with a senseless field loses that one alone, and says which", () => {
    expect(read({ name: "Mine", watts: -1, tone: { low: 9, high: 99 } }, 3)).toEqual({
      value: { name: "Mine", watts: 15, tone: { low: 9, high: 5 } },
      replaced: expect.arrayContaining(["watts", "tone.high"]) as unknown,
    });
  });

  test("by a newer version, or as no JSON, is not touched", () => {
    expect(read(DEFAULTS, 4)).toBeNull();
    expect(readSaved(AMP, "{", 3)).toBeNull();
    expect(readSaved(AMP, "7", 3)).toBeNull();
  });

  test("where nothing can stand in, is read whole or not at all", () => {
    const frets: SavedFormat<readonly number[]> = {
      version: 1,
      steps: [],
      schema: array(number().max(36).required()).required(),
      defaults: null,
    };
    expect(readSaved(frets, "[3, 5]", 1)).toEqual({ value: [3, 5], replaced: [] });
    expect(readSaved(frets, "[3, 99]", 1)).toBeNull();
  });
});
