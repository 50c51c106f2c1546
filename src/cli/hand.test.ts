import { describe, expect, test } from "@jest/globals";
import { findCommand } from "@/cli/commands/index";
import { answerNow, runNow } from "./testing";

const ask = (command: string, args: unknown): unknown =>
  JSON.parse(answerNow(JSON.stringify({ command, args })));

const x = null;
const five = { tuning: "standard", fretting: [x, 3, 5, 5, x, x] };

interface Fingers {
  readonly playable: boolean;
  readonly fingerings: readonly {
    readonly fingers: readonly (number | string)[];
    readonly effort: number;
    readonly terms: Readonly<Record<string, number>>;
    readonly damping: readonly { readonly string: number; readonly first: { by: string } }[];
    readonly strumSafe: boolean;
  }[];
}

const fingersOf = (args: object): Fingers => {
  const answer = ask("fingers", { ...five, ...args }) as { result: Fingers };
  return answer.result;
};

describe("fingers", () => {
  test("best first, with effort, terms, damping and whether all strings may be struck", () => {
    const { playable, fingerings } = fingersOf({});
    expect(playable).toBe(true);
    const efforts = fingerings.map(({ effort }) => effort);
    expect([...efforts].sort((a, b) => a - b)).toEqual(efforts);
    const [best] = fingerings;
    expect(best).toMatchObject({ fingers: [0, 1, 3, 4, 0, 0], strumSafe: true });
    const sum = Object.values(best?.terms ?? {}).reduce((total, term) => total + term, 0);
    expect(sum).toBeCloseTo(best?.effort ?? NaN, 9);
    expect(best?.damping.map(({ string, first }) => [string, first.by])).toEqual([
      [0, "tip"],
      [4, "underside"],
      [5, "underside"],
    ]);
  });

  test("the thumb is written T, and what no hand reaches is not playable", () => {
    const thumb = fingersOf({ fretting: "1 3 3 2 1 1", school: "thumb allowed" });
    expect(thumb.fingerings[0]?.fingers).toEqual(["T", 3, 4, 2, 1, 1]);
    expect(fingersOf({ fretting: "1 8 x x x x" })).toEqual({ playable: false, fingerings: [] });
  });

  test.each([
    [{ ...five, fretting: [1, 2, 3] }, "fretting"],
    [{ ...five, fretting: [30, x, x, x, x, x] }, "fretting"],
    [{ ...five, fretting: "x 3 H 5 x x" }, "fretting"],
    [{ ...five, fretting: "" }, "fretting"],
    [{ ...five, fretting: [x, -3, 5, 5, x, x] }, "fretting[1]"],
    [{ ...five, fretting: [x, 3.5, 5, 5, x, x] }, "fretting[1]"],
    [{ ...five, fretting: undefined }, "fretting"],
    [{ ...five, hand: { spanMm: -150 } }, "hand.spanMm"],
    [{ ...five, hand: { without: ["nose"] } }, "hand.without[0]"],
    [{ ...five, school: "none" }, "school"],
  ])("bad input names its argument: %j", (args, field) => {
    expect(ask("fingers", args)).toMatchObject({ ok: false, error: { field } });
  });

  test("reads on a terminal", () => {
    const command = findCommand("fingers");
    const answer = runNow(command, five);
    const text = answer?.ok ? command?.print(answer.value as never) : "";
    expect(text?.split("\n")[0]).toMatch(
      /^013400 +\d+\.\d +60 mm +strum-safe \(silent: 6 tip of 1, 2 underside of 1, 1 underside of 1\)$/,
    );
  });
});

describe("why", () => {
  test("the figures of the first fingering, by parts with units", () => {
    const { result } = ask("why", five) as {
      result: { fingers: unknown; reasons: { figure: string; part: string; unit: string }[] };
    };
    expect(result.fingers).toEqual([0, 1, 3, 4, 0, 0]);
    expect(new Set(result.reasons.map(({ figure }) => figure))).toEqual(
      new Set([
        "effort",
        "reach",
        "damping",
        "implied note",
        "beating",
        "roughness",
        "weight",
        "clarity",
      ]),
    );
    expect(result.reasons.every(({ part, unit }) => part !== "" && unit !== "")).toBe(true);
  });

  test("reads on a terminal, and says so where there is nothing to explain", () => {
    const command = findCommand("why");
    const answer = runNow(command, five);
    const text = answer?.ok ? command?.print(answer.value as never) : "";
    expect(text).toMatch(/^reach +comfortable +60\.3 mm$/m);
    expect(text).toMatch(/^damping +tip +string index 0$/m);
    expect(ask("why", { ...five, fretting: "1 8 x x x x" })).toMatchObject({
      error: { field: "fretting" },
    });
  });
});

test("more than a hand could be tried on is refused at once, in words", () => {
  const set = { allowed: [0, 4, 7, 10], required: [0], minNotes: 2, maxNotes: 6 };
  const args = { tuning: "standard", root: "E", set, frets: 36, hand: { spanMm: 190 } };
  expect(ask("fingerings", args)).toMatchObject({
    ok: false,
    error: {
      message: "more than 250000 frettings; ask for less reach, fewer notes or fewer frets",
    },
  });
});
