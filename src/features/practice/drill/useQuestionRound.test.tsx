/** @jest-environment jsdom */
import { beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, renderHook } from "@testing-library/react";
import { standardNeck } from "@/core/arrangement/testing";
import { QUESTION_DRILLS, type Question } from "@/core/drill";
import { useQuestionRound, type Verdict } from "./useQuestionRound";

const RIG = { neck: standardNeck(), player: {}, accidentals: "mixed" as const };
const answers: { card: string | null; result: Verdict["result"] }[] = [];

function ask(what: string, isPaused = false) {
  const drill = QUESTION_DRILLS.find((each) => each.what === what);
  if (!drill) throw new Error(what);
  const onAnswer = ({ card }: Question, { result }: Verdict) => answers.push({ card, result });
  const cards = new Map();
  return renderHook(
    (props: { isPaused: boolean }) =>
      useQuestionRound({
        drill,
        rig: RIG,
        cards,
        newCards: 5,
        stage: 5,
        answers: [],
        isPaused: props.isPaused,
        onAnswer,
      }),
    { initialProps: { isPaused } },
  );
}
const right = (question: Question | null) =>
  question?.expected.kind === "note" ? question.expected.pitchClass : -1;

beforeEach(() => {
  answers.length = 0;
});

describe("questions one after the other", () => {
  test("new cards come in the order in which they are learnt; a missed one comes back", () => {
    const { result } = ask("name");
    const cards: (string | null | undefined)[] = [];
    for (let turn = 0; turn < 6; turn++) {
      const { question } = result.current;
      cards.push(question?.card);
      const pitchClass = (right(question) + (turn === 0 ? 1 : 0)) % 12;
      act(() => result.current.answer({ kind: "note", pitchClass }));
      act(() => result.current.next());
    }
    // Frets 3, 5, 7, open and 1 of the thick E; the first was missed, and comes after three others.
    expect(cards).toEqual([
      "note:40:3",
      "note:40:5",
      "note:40:7",
      "note:40:0",
      "note:40:3",
      "note:40:1",
    ]);
    expect(answers.map(({ result: how }) => how)).toEqual([
      "missed",
      ...Array<string>(5).fill("clean"),
    ]);
    expect(result.current.cardsLeft).toBe(0);
    // All is done: it asks on, any place of the neck.
    expect(result.current.question).not.toBeNull();
  });

  test("one answer counts, the second says nothing; there is no next before the first", () => {
    const { result } = ask("name");
    const { question } = result.current;
    act(() => result.current.next());
    expect(result.current.question).toBe(question);
    act(() => result.current.answer({ kind: "note", pitchClass: right(question) }));
    act(() => result.current.answer({ kind: "note", pitchClass: 0 }));
    expect(answers).toHaveLength(1);
  });

  test("while it is paused nothing is answered, and the pause is no time to think", () => {
    const now = jest.spyOn(performance, "now").mockReturnValue(0);
    const { result, rerender } = ask("name");
    const { question } = result.current;
    rerender({ isPaused: true });
    act(() => result.current.answer({ kind: "note", pitchClass: right(question) }));
    expect(result.current.verdict).toBeNull();
    now.mockReturnValue(600_000);
    rerender({ isPaused: false });
    now.mockReturnValue(601_000);
    act(() => result.current.answer({ kind: "note", pitchClass: right(question) }));
    expect(result.current.verdict).toMatchObject({ result: "clean", tookMs: 1000 });
    now.mockRestore();
  });

  test("every place is asked for until all are found; one wrong place, and it is missed", () => {
    const { result } = ask("places");
    const { question } = result.current;
    const places = question?.expected.kind === "places" ? question.expected.places : [];
    for (const [index, place] of places.entries()) {
      expect(result.current.verdict).toBeNull();
      act(() => result.current.answer({ kind: "place", place }));
      expect(result.current.found).toHaveLength(index + 1);
    }
    expect(result.current.verdict?.result).toBe("clean");
    act(() => result.current.next());
    act(() => result.current.answer({ kind: "place", place: { string: 9, fret: 30 } }));
    expect(result.current.verdict?.result).toBe("missed");
  });
});
