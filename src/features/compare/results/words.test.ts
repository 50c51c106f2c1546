import { describe, expect, test } from "@jest/globals";
import { makeSearchSpace, shapeFate, shapeShift, type Totals } from "@/core/compare";
import { usualMidi } from "@/core/tuning";
import { retuneText } from "./retuneText";
import { bestPlace, verdict, type JudgedTuning } from "./verdict";
import { fateText, retuneMinutesText, searchProblemText, shiftSentence } from "./words";

const STANDARD = usualMidi(6);
const DROP_D = [38, 45, 50, 55, 59, 64];

test("what to turn, strings that go alike together", () => {
  const step = (string: number, semitones: number) => ({
    string,
    from: 40,
    to: 40 + semitones,
    semitones,
  });
  expect(retuneText([step(0, -2), step(4, 1)], 6)).toBe("string 6 down 2, string 2 up 1");
  expect(retuneText([step(0, -2), step(4, -2), step(5, -2)], 6)).toBe("strings 6, 2 and 1 down 2");
  expect(
    retuneText(
      STANDARD.map((_, string) => step(string, -1)),
      6,
    ),
  ).toBe("all strings down 1");
  expect(retuneText([], 6)).toBe("nothing");
});

describe("what a player of one tuning must know in another", () => {
  const sentence = (to: readonly number[]) => shiftSentence(shapeShift(STANDARD, to));

  test.each([
    [DROP_D, "Everything on string 6 moves 2 frets up; all else stays."],
    [STANDARD, "Everything stays where it is."],
    [
      STANDARD.map((midi) => midi - 1),
      "Every shape keeps its frets and sounds a half step lower; to sound the same, all of it moves 1 fret up.",
    ],
    [
      [38, 45, 50, 54, 57, 62],
      "Everything on strings 6, 2 and 1 moves 2 frets up, on string 3 moves 1 fret up; all else stays.",
    ],
  ])("%j", (to, text) => expect(sentence(to)).toBe(text));

  test("what a pinned shape needs", () => {
    const fate = (fretting: (number | null)[], to: readonly number[]) =>
      fateText(shapeFate(fretting, STANDARD, to, 22));
    expect(fate([null, 3, 5, 5, null, null], DROP_D)).toBe("stays as it is");
    expect(fate([3, 5, 5, null, null, null], DROP_D)).toBe("string 6: 2 frets up");
    expect(fate([0, 2, 2, null, null, null], STANDARD.with(0, 42))).toMatch(/is lost: string 6/);
  });
});

test.each([
  [0, "no time"],
  [0.5, "½ min"],
  [1, "1 min"],
  [1.5, "1½ min"],
  [0.7, "0.7 min"],
])("%d minutes are %s", (minutes, text) => expect(retuneMinutesText(minutes)).toBe(text));

describe("the verdict", () => {
  const totals = (effort: number, lowest: number, oneFinger: number): Totals => ({
    effort,
    cost: effort,
    lowest,
    highest: 64,
    oneFinger,
    strumSafe: 0,
    ringing: 0,
  });
  const judged = (name: string, part: Partial<JudgedTuning>): JudgedTuning => ({
    name,
    totals: totals(40, 40, 0),
    score: 40,
    turned: 0,
    minutes: 0,
    chords: 4,
    ...part,
  });
  const standard = judged("Standard", {});
  const dropped = judged("Drop D", {
    totals: totals(20, 38, 4),
    score: 24,
    turned: 1,
    minutes: 0.5,
  });
  const none = judged("Lute", { totals: null, score: null });

  test("says in numbers what is gained and paid", () => {
    const line =
      "Drop D serves best. Compared with Standard: 50% less effort, its lowest note 2 half steps lower, 4 of 4 with one finger instead of 0, 24.0 points against 40.0; 1 string to retune, ½ min.";
    expect(verdict([standard, dropped])).toBe(line);
    expect(verdict([dropped, none, standard])).toBe(line);
  });

  test("says where nothing is to be gained", () => {
    const worse = judged("Open G", { totals: totals(60, 40, 0), score: 66, turned: 3 });
    expect(verdict([standard, worse])).toBe(
      "Standard serves best. Compared with Open G: 33% less effort, 40.0 points against 66.0; nothing to retune.",
    );
  });

  test("says who can play it at all", () => {
    expect(verdict([standard, none])).toBe("Only Standard can play it all.");
    expect(verdict([none])).toBe("None of these tunings can play it all.");
    expect(verdict([standard])).toMatch(/add a tuning/);
    expect(bestPlace([none, standard])).toBe(1);
    expect(bestPlace([none])).toBe(-1);
  });
});

test("why a search cannot begin names strings by their numbers, and half steps", () => {
  const standard = [40, 45, 50, 55, 59, 64];
  const limits = { up: 1, down: 1, movable: null, maxTurned: null, lowest: 45, tension: null };
  const low = makeSearchSpace(standard, limits);
  expect(low.ok ? "" : searchProblemText(low.problem, standard.length)).toBe(
    "String 6 is tuned lower and cannot be turned up to it. Allow more half steps, or a lower note.",
  );
  const many = makeSearchSpace(standard, { ...limits, up: 12, down: 12, lowest: null });
  expect(many.ok ? "" : searchProblemText(many.problem, standard.length)).toMatch(
    /^[\d,]+ tunings; at most 1,000,000 are searched\. Allow fewer half steps/,
  );
});
