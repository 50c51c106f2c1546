import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { makeNeck } from "@/core/neck";
import {
  answered,
  cardAt,
  cardId,
  knowingOf,
  learningOrder,
  makeQueue,
  memoryAfter,
  nextCard,
  readCardId,
  RESULTS,
} from ".";
import { recallAt } from "./memory";

const DAY = 86_400_000;
const NOON = Date.UTC(2026, 2, 1, 12);
const neckOf = (midi: readonly number[]) => {
  const made = makeNeck({ midi });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
};
const STANDARD = neckOf([40, 45, 50, 55, 59, 64]);

describe("memory", () => {
  // FSRS-6's forgetting curve, R = (1 + f t / S)^-d with f = 0.9^(-1/d) - 1 and d = 0.1542, as published with the
  // model (open-spaced-repetition, "The Algorithm", from memory).
  const published = (days: number, stability: number) =>
    (1 + ((0.9 ** (-1 / 0.1542) - 1) * days) / stability) ** -0.1542;

  test("follows the published forgetting curve; nine in ten are recalled after its stability", () => {
    const memory = memoryAfter([{ atMs: NOON, result: "clean" }]);
    if (!memory) throw new Error("no memory");
    for (const days of [0, 1, 5, 30, 365]) {
      const expected = published(days, memory.stabilityDays);
      expect(recallAt(memory, NOON + days * DAY)).toBeCloseTo(expected, 3);
    }
    expect(recallAt(memory, NOON + memory.stabilityDays * DAY)).toBeCloseTo(0.9, 3);
  });

  test("a right answer at its time makes it last longer, a missed one shorter", () => {
    const first = memoryAfter([{ atMs: NOON, result: "clean" }]);
    const at = first?.dueMs ?? 0;
    const then = (result: "clean" | "rough" | "missed") =>
      memoryAfter([
        { atMs: NOON, result: "clean" },
        { atMs: at, result },
      ])?.stabilityDays ?? 0;
    expect(then("clean")).toBeGreaterThan(then("rough"));
    expect(then("rough")).toBeGreaterThan(then("missed"));
    expect(then("clean")).toBeGreaterThan(first?.stabilityDays ?? Infinity);
    expect(then("missed")).toBeLessThan(first?.stabilityDays ?? 0);
  });

  test("a clock set back neither fails nor makes the answer count before the last", () => {
    const back = memoryAfter([
      { atMs: NOON, result: "clean" },
      { atMs: NOON - 400 * DAY, result: "clean" },
    ]);
    expect(back?.lastMs).toBe(NOON);
    expect(back?.dueMs).toBeGreaterThan(NOON);
    expect(memoryAfter([])).toBeNull();
  });

  test("whatever was answered, it is due after it was asked", () => {
    const review = fc.record({
      atMs: fc.integer({ min: 0, max: NOON }),
      result: fc.constantFrom(...RESULTS),
    });
    fc.assert(
      fc.property(fc.array(review, { minLength: 1, maxLength: 30 }), (reviews) => {
        const memory = memoryAfter(reviews);
        expect(memory?.dueMs).toBeGreaterThan(memory?.lastMs ?? Infinity);
        expect(memory?.reviews).toBe(reviews.length);
      }),
    );
  });

  test("how well it is known: never asked, shaky, known, sure, and shaky again once it is missed", () => {
    const reviews = [{ atMs: NOON, result: "rough" as const }];
    expect(knowingOf(null, NOON)).toBe("never asked");
    expect(knowingOf(memoryAfter(reviews), NOON)).toBe("shaky");
    const seen = new Set<string>();
    let all: Parameters<typeof memoryAfter>[0] = reviews;
    for (let count = 0; count < 8; count++) {
      const memory = memoryAfter(all);
      seen.add(knowingOf(memory, memory?.lastMs ?? 0));
      all = [...all, { atMs: memory?.dueMs ?? 0, result: "clean" }];
    }
    expect([...seen]).toEqual(["shaky", "known", "sure"]);
    const long = memoryAfter(all);
    expect(knowingOf(long, (long?.lastMs ?? 0) + 40_000 * DAY)).toBe("shaky");
    const missed = memoryAfter([...all, { atMs: long?.dueMs ?? 0, result: "missed" }]);
    expect(knowingOf(missed, missed?.lastMs ?? 0)).toBe("shaky");
  });
});

describe("cards", () => {
  const places = (midi: readonly number[]) =>
    learningOrder(neckOf(midi)).map(({ string, fret }) => `${midi.length - string}:${fret}`);

  test("frets 3, 5 and 7 of string 6 come first, then its naturals, sharps and flats, then string 5", () => {
    const order = places([40, 45, 50, 55, 59, 64]);
    expect(order.slice(0, 13).join(" ")).toBe(
      "6:3 6:5 6:7 6:0 6:1 6:8 6:10 6:2 6:4 6:6 6:9 6:11 5:3",
    );
  });

  test("drop D has five strings in common with standard, a doubled string none twice", () => {
    const ids = (midi: readonly number[]) => learningOrder(neckOf(midi)).map(cardId);
    const standard = new Set(ids([40, 45, 50, 55, 59, 64]));
    expect(standard.size).toBe(6 * 12);
    const shared = ids([38, 45, 50, 55, 59, 64]).filter((id) => standard.has(id));
    expect(shared).toHaveLength(60);
    expect(ids([38, 45, 50, 55, 57, 57])).toHaveLength(60);
  });

  test("a seventh string is learnt after the six that most players know", () => {
    const order = places([35, 40, 45, 50, 55, 59, 64]);
    expect(order[0]).toBe("6:3");
    expect(order.at(-1)?.startsWith("7:")).toBe(true);
  });

  test("a card is read as it was written, and shared an octave up", () => {
    expect(readCardId(cardId({ openMidi: 40, fret: 7 }))).toEqual({ openMidi: 40, fret: 7 });
    expect(cardAt(STANDARD, 1, 15)).toEqual({ openMidi: 45, fret: 3 });
    for (const other of ["note:40:12", "note:40", "change:1", "note:x:1"]) {
      expect(readCardId(other)).toBeNull();
    }
  });
});

describe("the queue", () => {
  test("what is most overdue comes first, a new card after every two", () => {
    const due = (days: number) => ({
      dueMs: NOON - days * DAY,
      lastMs: 0,
      stabilityDays: 1,
      reviews: 1,
      last: "clean" as const,
    });
    const memories = new Map([
      ["a", due(1)],
      ["b", due(5)],
      ["c", due(-1)],
      ["d", due(2)],
    ]);
    const queue = makeQueue(["a", "b", "c", "d", "x", "y", "z"], memories, NOON, 2);
    expect(queue.waiting).toEqual(["b", "d", "x", "a", "y"]);
  });

  test("a missed card comes back after three others, and at the end whatever was missed", () => {
    let queue = makeQueue(["a", "b", "c", "d", "e"], new Map(), NOON, 5);
    const asked: string[] = [];
    for (let turn = 0; turn < 9; turn++) {
      const card = nextCard(queue);
      if (card === null) break;
      asked.push(card);
      queue = answered(queue, card, turn === 0 || (card === "e" && turn < 6));
    }
    expect(asked.join("")).toBe("abcdaee");
    expect(nextCard(queue)).toBeNull();
  });
});
