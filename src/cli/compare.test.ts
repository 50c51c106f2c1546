import { describe, expect, test } from "@jest/globals";
import { findCommand } from "@/cli/commands/index";
import { runNow } from "./testing";
import { readOptions } from "./options";
import { askCommand, result } from "./testing";

interface Compared {
  readonly tunings: readonly {
    readonly name: string;
    readonly midi: readonly number[];
    readonly chords: readonly {
      readonly chord: string;
      readonly times: number;
      readonly best: {
        readonly fretting: readonly (number | null)[];
        readonly cost: number;
      } | null;
    }[];
    readonly totals: { readonly effort: number; readonly cost: number } | null;
    readonly route: { readonly travelMm: number; readonly shifts: number } | null;
    readonly retuning: { readonly steps: readonly unknown[]; readonly points: number } | null;
    readonly score: number | null;
  }[];
}

describe("translate", () => {
  const translate = (args: object) =>
    result<{ frettings: (number | null)[][]; lost: number[] }>("translate", args);

  test("a power chord of standard goes two frets up on string 6 of drop D", () => {
    const { frettings, lost } = translate({
      from: "standard",
      to: "drop D",
      fretting: [3, 5, 5, null, null, null],
      maxSpanFrets: 2,
    });
    expect(frettings).toContainEqual([5, 5, 5, null, null, null]);
    expect(lost).toEqual([]);
  });

  test("what is lost, silence, and frets as text", () => {
    const lost = translate({ from: "drop D", to: "standard", fretting: "0 0 0 x x x" });
    expect(lost).toEqual({ frettings: [], lost: [38] });
    const silent = [null, null, null, null, null, null];
    const still = translate({ from: "standard", to: "open G", fretting: silent });
    expect(still).toEqual({ frettings: [silent], lost: [] });
  });

  test("problems name their argument", () => {
    expect(askCommand("translate", { from: "H", to: "drop D", fretting: "x" }).error.field).toBe(
      "from",
    );
    expect(
      askCommand("translate", { from: "standard", to: [1, 2], fretting: "0 2 2 x x x" }).error
        .field,
    ).toBe("to");
    expect(
      askCommand("translate", { from: "standard", to: "drop D", fretting: "1 2" }).error.field,
    ).toBe("fretting");
  });
});

describe("compare", () => {
  const chords = ["D5", "F5", "C5", "D5"];
  const args = { tunings: ["standard", "drop D", "7-string B standard"], chords };
  const compared = result<Compared>("compare", args);
  const [standard, dropped, seven] = compared.tunings;

  test("the best of each chord, totals, and what to retune", () => {
    expect(standard?.retuning).toEqual({ steps: [], points: 0 });
    expect(dropped?.retuning?.steps).toEqual([{ string: 0, from: 40, to: 38, semitones: -2 }]);
    expect(dropped?.chords.map(({ chord, times }) => [chord, times])).toEqual([
      ["D5", 2],
      ["F5", 1],
      ["C5", 1],
    ]);
    expect(dropped?.chords[0]?.best?.fretting).toEqual([0, 0, 0, null, null, null]);
    expect(dropped?.totals?.effort).toBeLessThan(standard?.totals?.effort ?? 0);
    expect(seven?.midi).toHaveLength(7);
    expect(seven?.retuning).toMatchObject({ points: 0 });
  });

  test("tunings in another order give the same figures", () => {
    const turned = result<Compared>("compare", { ...args, tunings: [...args.tunings].reverse() });
    expect([...turned.tunings].reverse()).toEqual(compared.tunings);
  });

  test("what is held against something else is retuned from there", () => {
    const from = result<Compared>("compare", { tunings: ["drop C"], chords, from: "drop D" });
    expect(from.tunings[0]?.retuning?.steps).toHaveLength(6);
    const other = result<Compared>("compare", {
      tunings: ["7-string drop A"],
      chords,
      from: "drop D",
    });
    expect(other.tunings[0]?.retuning).toBeNull();
  });

  test("with a voicing, every chord is that voicing; without, chords are what they say", () => {
    const fives = { tunings: "standard", chords: "Dm F", voicing: [0, 7] };
    const [of] = result<Compared>("compare", fives).tunings;
    expect(of?.chords[0]?.best?.fretting.filter((fret) => fret !== null)).toHaveLength(2);
    const [whole] = result<Compared>("compare", {
      tunings: "standard",
      chords: "Dm/F Cmaj7",
    }).tunings;
    expect(whole?.chords.every(({ best }) => best !== null)).toBe(true);
    const classes = result<Compared>("compare", { tunings: "standard", chords: [2, "F5"] });
    expect(classes.tunings[0]?.chords.map(({ chord }) => chord)).toEqual(["D5", "F5"]);
  });

  test.each([
    [{ tunings: [], chords }, "tunings"],
    [{ tunings: ["standard", "E A D G B E"], chords }, "tunings[1]"],
    [{ tunings: ["standard", "H"], chords }, "tunings[1]"],
    [{ tunings: ["standard"], chords: [] }, "chords"],
    [{ tunings: ["standard"], chords: ["D5", "Q"] }, "chords[1]"],
    [{ tunings: ["standard"], chords: [12] }, "chords[0]"],
    [{ tunings: ["standard"], chords: ["Am7", [1]] }, "chords[1]"],
    [{ tunings: ["standard"], chords: ["N.C."] }, "chords"],
    [{ tunings: ["standard"], chords, minNotes: 7 }, "minNotes"],
    [{ tunings: ["standard"], chords, weights: { ease: -1 } }, "weights.ease"],
    [{ tunings: ["standard"], chords, weights: { ease: 3.5 } }, "weights.ease"],
    [{ tunings: ["standard"], chords, weights: { speed: 1 } }, "speed"],
    [{ chords }, "tunings"],
  ])("%j: the problem is in %s", (wrong, field) => {
    expect(askCommand("compare", wrong)).toMatchObject({ ok: false, error: { field } });
  });

  test("on a terminal", () => {
    const options = readOptions(["--tunings", "standard, drop D", "--chords", "D5 F5"]);
    const command = findCommand("compare");
    const ran = options.ok ? runNow(command, options.value.args) : undefined;
    const text = ran?.ok ? command?.print(ran.value as never) : "";
    expect(text).toMatch(/^Standard\n {2}D5 .*\n/);
    expect(text).toMatch(/strings to retune: 1/);
  });
});

describe("search", () => {
  interface Found {
    readonly tunings: readonly {
      readonly name: string;
      readonly midi: readonly number[];
      readonly score: number;
    }[];
    readonly evaluated: number;
    readonly seconds: number;
  }
  const args = { tuning: "standard", chords: ["D5", "F5", "C5"], within: 1 };

  test("what it finds is what compare says of every tuning within reach", () => {
    const found = result<Found>("search", { ...args, limits: { strings: [0, 1, 4] } });
    expect(found.evaluated).toBe(27);
    const all = [-1, 0, 1].flatMap((a) =>
      [-1, 0, 1].flatMap((b) => [-1, 0, 1].map((c) => [40 + a, 45 + b, 50, 55, 59 + c, 64])),
    );
    const compared = result<Compared>("compare", {
      tunings: all,
      chords: args.chords,
      from: "standard",
    });
    const scores = compared.tunings.map(({ score }) => score ?? Infinity).sort((a, b) => a - b);
    expect(found.tunings).toHaveLength(20);
    for (const [place, { score }] of found.tunings.entries()) {
      expect(score).toBeCloseTo(scores[place] ?? NaN, 6);
    }
  });

  test("the catalogue comes in when asked for", () => {
    const none = result<Found>("search", { ...args, within: 0 });
    expect(none).toMatchObject({ evaluated: 1, tunings: [{ name: "Standard" }] });
    const all = result<Found>("search", { ...args, within: 0, catalogue: true, max: 3 });
    expect(all.tunings).toHaveLength(3);
    expect(all.evaluated).toBeGreaterThan(30);
  });

  test("no string is tuned below the lowest that is asked for, turned or not", () => {
    const limits = { strings: [0, 1], lowest: 41 };
    const found = result<Found>("search", { ...args, limits, max: 100 });
    expect(found.evaluated).toBe(3);
    expect(found.tunings.map(({ midi }) => midi[0])).toEqual([41, 41, 41]);
    const stuck = askCommand("search", { ...args, limits: { strings: [1], lowest: 41 } });
    expect(stuck.error).toMatchObject({
      field: "limits.lowest",
      message: expect.stringMatching(/^string 0 is tuned lower/),
    });
  });

  test("a chord that no tuning can play is named", () => {
    const chords = ["Em7", "C13", "Em7"];
    const { error } = askCommand("search", { ...args, chords, frets: 1, within: 0 });
    expect(error).toEqual({
      field: "chords",
      message: "no tuning within these limits can play C13",
    });
  });

  test("what is too large is refused beforehand", () => {
    const { error } = askCommand("search", { ...args, tuning: "8-string F# standard", within: 5 });
    expect(error.field).toBe("within");
    expect(error.message).toMatch(/214,358,881 tunings; at most 1,000,000/);
  });
});
