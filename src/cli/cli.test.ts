import { spawnSync } from "node:child_process";
import { describe, expect, test } from "@jest/globals";
import { findCommand } from "@/cli/commands/index";
import { answerNow, runNow } from "./testing";
import { readOptions } from "./options";
import { askCommand, result, type CommandAnswer } from "./testing";

interface Frettings {
  readonly count: number;
  readonly frettings: readonly (readonly (number | null)[])[];
}

interface Fingerings {
  readonly count: number;
  readonly fingerings: readonly {
    readonly fretting: readonly (number | null)[];
    readonly fingers: readonly (number | string)[];
    readonly effort: number;
    readonly preference: number;
    readonly reachMm: number;
    readonly pitches: readonly number[];
    readonly name: string;
  }[];
}

describe("commands", () => {
  test("tuning", () => {
    expect(result("tuning", { text: "Drop C#" })).toEqual({
      name: "Drop C#",
      kind: "drop",
      midi: [37, 44, 49, 54, 58, 63],
      alternatives: [],
    });
    expect(result("tuning", { text: "drop A", strings: 7 })).toMatchObject({
      midi: [33, 40, 45, 50, 55, 59, 64],
    });
    expect(result("tuning", { text: [38, 45, 50, 55, 57, 62] })).toMatchObject({ name: "DADGAD" });
  });

  test("retune", () => {
    interface Sheet {
      readonly strings: readonly {
        readonly from: number;
        readonly to: number;
        readonly semitones: number;
        readonly hz: number;
        readonly check: unknown;
      }[];
      readonly order: readonly number[];
    }
    const sheet = result<Sheet>("retune", { from: "standard", to: "drop D" });
    expect(sheet.strings).toHaveLength(6);
    expect(sheet.strings[0]).toMatchObject({
      from: 40,
      to: 38,
      semitones: -2,
      check: { referenceString: 2, referenceFret: 0, tunedFret: 0, kind: "octave" },
    });
    expect(sheet.strings[0]?.hz).toBeCloseTo(73.416, 3);
    expect(sheet.strings[5]).toMatchObject({ semitones: 0, check: null });
    const seven = result<Sheet>("retune", { from: "7-string", to: "drop G", frets: 24 });
    expect(seven.strings.map(({ to }) => to)).toEqual([31, 38, 43, 48, 53, 57, 62]);
    expect(seven.order).toHaveLength(7);
  });

  test.each([
    [{ from: "standard", to: "7-string" }, "to"],
    [{ from: "standard", to: "D A D" }, "to"],
    [{ from: "drop H", to: "standard" }, "from"],
    [{ from: [40, 45], to: [40, 45] }, "from"],
    [{ from: "standard" }, "to"],
    [{ from: "standard", to: "drop D", guitar: { scaleMm: 50 } }, "scaleMm"],
  ])("retune refuses %j by name of its argument", (args, field) => {
    expect(askCommand("retune", args)).toMatchObject({ ok: false, error: { field } });
  });

  test("retune reads on a terminal: what to turn, the check, and what to mind", () => {
    const command = findCommand("retune");
    const sheet = runNow(command, { from: "standard", to: "drop C" });
    const text = sheet?.ok ? (command?.print(sheet.value as never) ?? "") : "";
    expect(text).toMatch(
      /string 6 +E2 to C2 +down 4 +65\.41 Hz {2}open in octave with string 4 open/,
    );
    expect(text).toMatch(/by a tuner or a tone/);
    expect(text).toMatch(/pull of all strings: 77% of before/);
    expect(text).toMatch(/careful: string 6: slack/);
    expect(text).toMatch(/once more round all strings$/);
  });

  test("tuning: changes, choices, and arrays that are no guitar", () => {
    expect(result("tuning", { text: "6 down 2, 2 up 1" })).toMatchObject({
      midi: [38, 45, 50, 55, 60, 64],
    });
    expect(result("tuning", { text: "dadgbbe" })).toMatchObject({
      alternatives: [{ kind: "own" }],
    });
    expect(askCommand("tuning", { text: [40] })).toMatchObject({
      ok: false,
      error: { field: "text" },
    });
    expect(askCommand("tuning", { text: "x".repeat(10_000) })).toMatchObject({
      ok: false,
      error: { field: "text" },
    });
  });

  test("positions", () => {
    const args = { tuning: [40, 45], frets: 3, pitchClasses: [7, 0] };
    expect(result("positions", args)).toEqual([
      [0, 3],
      [1, 3],
    ]);
  });

  test("frettings: counted, sorted, silent before open", () => {
    const args = { tuning: "standard", frets: 5, root: "E", voicing: [0, 7], maxSpanFrets: 4 };
    const { count, frettings } = result<Frettings>("frettings", args);
    expect(count).toBe(frettings.length);
    expect(frettings).toContainEqual([0, 2, null, null, null, null]);
    const sortable = frettings.map((fretting) => fretting.map((fret) => (fret ?? -1) + 1));
    const order = (a: readonly number[], b: readonly number[]) =>
      a.map((fret, i) => fret - (b[i] ?? 0)).find((difference) => difference !== 0) ?? 0;
    expect([...sortable].sort(order)).toEqual(sortable);
  });

  test("frettings without a limit keep to the default hand's reach", () => {
    const args = { tuning: "standard", frets: 22, root: 4, voicing: [0, 7, 12] };
    const wide = result<Frettings>("frettings", { ...args, maxSpanFrets: 22 });
    const reach = result<Frettings>("frettings", args);
    expect(reach.count).toBeLessThan(wide.count);
    expect(reach).toEqual(result<Frettings>("frettings", { ...args, reachMm: 126 }));
  });

  test("frettings in free mode", () => {
    const set = { allowed: [0, 7], required: [0, 7], minNotes: 5, maxNotes: 5 };
    const { frettings } = result<Frettings>("frettings", {
      tuning: "standard",
      frets: 3,
      root: "E",
      set,
    });
    expect(frettings).toContainEqual([0, 2, 2, null, 0, 0]);
  });

  test("fingerings: usual first or easiest first, with fingers, reach and name", () => {
    const args = { tuning: "drop D", root: "C", voicing: [0, 7, 12], frets: 15 };
    const { count, fingerings } = result<Fingerings>("fingerings", args);
    expect(count).toBe(fingerings.length);
    expect(fingerings[0]).toMatchObject({
      fretting: [10, 10, 10, null, null, null],
      fingers: [1, 1, 1, 0, 0, 0],
      reachMm: 0,
      pitches: [48, 55, 60],
      name: "C5",
    });
    const sums = fingerings.map(({ effort, preference }) => effort + preference);
    expect([...sums].sort((a, b) => a - b)).toEqual(sums);
    const easiest = result<Fingerings>("fingerings", { ...args, order: "easiest" });
    const efforts = easiest.fingerings.map(({ effort }) => effort);
    expect([...efforts].sort((a, b) => a - b)).toEqual(efforts);
  });

  test("fingerings keep to the strings and the lowest note asked for", () => {
    const args = {
      tuning: "standard",
      root: "A",
      set: { allowed: [0, 7], required: [0, 7], minNotes: 2, maxNotes: 6 },
      maxSpanFrets: 3,
    };
    const on = result<Fingerings>("fingerings", { ...args, strings: [1, 2, 3] }).fingerings;
    expect(on.length).toBeGreaterThan(3);
    for (const { fretting } of on) {
      expect(fretting.map((fret) => fret !== null)).toEqual([
        false,
        true,
        true,
        true,
        false,
        false,
      ]);
    }
    const inverted = result<Fingerings>("fingerings", { ...args, bass: 7 }).fingerings;
    for (const { pitches } of inverted) expect(Math.min(...pitches) % 12).toBe(4);
    expect(askCommand("fingerings", { ...args, strings: [6] })).toMatchObject({
      ok: false,
      error: { field: "strings" },
    });
  });

  test("fingerings follow the hand and the school", () => {
    const args = { tuning: "standard", root: "A", voicing: [0, 7], frets: 9 };
    const small = result<Fingerings>("fingerings", { ...args, hand: { spanMm: 110 } });
    const large = result<Fingerings>("fingerings", { ...args, hand: { spanMm: 190 } });
    expect(small.count).toBeLessThan(large.count);
    const school = result<Fingerings>("fingerings", { ...args, school: "index and little" });
    const five = school.fingerings.find(({ fretting }) => fretting[0] === 5 && fretting[1] === 7);
    expect(five?.fingers).toEqual([1, 4, 0, 0, 0, 0]);
  });

  test("a capo takes its frets away and raises what sounds", () => {
    const args = { tuning: "standard", frets: 12, root: "E", voicing: [0, 7], guitar: { capo: 2 } };
    const { frettings } = result<Frettings>("frettings", args);
    expect(Math.max(...frettings.flat().map((fret) => fret ?? 0))).toBeLessThanOrEqual(10);
    expect(
      result("positions", { tuning: [40], frets: 12, pitchClasses: [6], guitar: { capo: 2 } }),
    ).toEqual([[0, 0]]);
  });
});

describe("bad input names its argument", () => {
  const base = { tuning: "standard", frets: 12, root: "E", voicing: [0, 7] };
  test.each([
    ["frettings", { ...base, tuning: "drop H" }, "tuning"],
    ["frettings", { ...base, tuning: [40, "x"] }, "tuning[1]"],
    ["frettings", { ...base, tuning: undefined }, "tuning"],
    ["frettings", { ...base, frets: 0 }, "frets"],
    ["frettings", { ...base, root: "H" }, "root"],
    ["frettings", { ...base, root: 12 }, "root"],
    ["frettings", { ...base, voicing: [] }, "voicing"],
    ["frettings", { ...base, voicing: [0.5] }, "voicing[0]"],
    ["frettings", { ...base, voicing: undefined }, "voicing"],
    ["frettings", { ...base, set: { allowed: [0], required: [7] } }, "voicing"],
    [
      "frettings",
      { ...base, voicing: undefined, set: { allowed: [0], required: [7] } },
      "set.required",
    ],
    ["frettings", { ...base, maxSpanFrets: -1 }, "maxSpanFrets"],
    ["frettings", { ...base, reachMm: "wide" }, "reachMm"],
    ["frettings", { ...base, guitar: { scaleMm: 50 } }, "scaleMm"],
    ["frettings", { ...base, strum: true }, "strum"],
    ["fingerings", { ...base, hand: { spanMm: -1 } }, "hand.spanMm"],
    ["fingerings", { ...base, school: "thumb only" }, "school"],
    ["tuning", { text: "" }, "text"],
    ["tuning", {}, "text"],
    ["tuning", { text: 5 }, "text"],
    ["tuning", { text: "standard", strings: 11 }, "strings"],
    ["positions", { tuning: "standard", frets: 12, pitchClasses: [12] }, "pitchClasses[0]"],
    ["nothing", {}, "command"],
  ])("%s %j", (command, args, field) => {
    expect(askCommand(command, args)).toMatchObject({ ok: false, error: { field } });
  });

  test.each(["", "not json", "[]", "null", "3", '{"args": {}}', '{"command": {}}'])(
    "the line '%s' is answered, not thrown",
    (line) => expect(JSON.parse(answerNow(line))).toMatchObject({ ok: false }),
  );
});

describe("options", () => {
  test.each([
    [["--tuning", "drop D", "--json"], { tuning: "drop D" }],
    [["--voicing", "-5,0,7", "--root", "3"], { voicing: [-5, 0, 7], root: 3 }],
    [["--voicing=0"], { voicing: [0] }],
    [["--text", "123"], { text: "123" }],
    [["--guitar", '{"capo": 2}'], { guitar: { capo: 2 } }],
    [["--tuning", "40,45,50,55"], { tuning: [40, 45, 50, 55] }],
  ])("%j", (words, args) => {
    expect(readOptions(words)).toMatchObject({ ok: true, value: { args } });
  });

  test("what is no option is named", () => {
    expect(readOptions(["drop"])).toMatchObject({ ok: false, problem: { field: "drop" } });
    expect(readOptions(["--root"])).toMatchObject({ ok: false, problem: { field: "root" } });
  });
});

describe("the program itself", () => {
  const tenon = (words: readonly string[], input = "") =>
    spawnSync(process.execPath, ["scripts/tenon.mjs", ...words], { input, encoding: "utf8" });

  test("prints readable text, or JSON", () => {
    const text = tenon(["tuning", "--text", "drop D"]);
    expect([text.status, text.stdout]).toEqual([0, "Drop D (drop): D2 A2 D3 G3 B3 E4\n"]);
    const json = tenon(["tuning", "--text", "drop D", "--json"]);
    expect(JSON.parse(json.stdout)).toMatchObject({ midi: [38, 45, 50, 55, 59, 64] });
  });

  test("a bad argument ends with status 2 and one line that names it", () => {
    const { status, stderr, stdout } = tenon([
      "frettings",
      "--tuning",
      "drop H",
      "--root",
      "C",
      "--voicing",
      "0,7",
    ]);
    expect([status, stdout]).toEqual([2, ""]);
    expect(stderr).toMatch(/^tuning: .*\n$/);
    expect(tenon(["dance"]).status).toBe(2);
  });

  test("batch answers every line in order and never stops at a bad one", () => {
    const good = '{"command": "tuning", "args": {"text": "DADGAD"}}';
    const { stdout, status } = tenon(["batch"], `${good}\nnonsense\n${good}\n`);
    const answers = stdout
      .trim()
      .split("\n")
      .map((line) => JSON.parse(line) as CommandAnswer);
    expect(answers.map(({ ok }) => ok)).toEqual([true, false, true]);
    expect(status).toBe(0);
  });

  test("whoever reads may stop at any time", () => {
    const request = JSON.stringify({
      command: "frettings",
      args: {
        tuning: "standard",
        root: "E",
        set: { allowed: [0, 7], required: [0] },
        reachMm: 120,
      },
    });
    const piped = spawnSync(
      "bash",
      ["-o", "pipefail", "-c", `node scripts/tenon.mjs batch | head -c 20`],
      { input: `${request}\n`.repeat(40), encoding: "utf8" },
    );
    expect([piped.stderr, piped.status]).toEqual(["", 0]);
    expect(piped.stdout).toMatch(/^\{"ok":true/);
  });
});
