import { describe, expect, test } from "@jest/globals";
import { demandsWith } from "@/core/motion/testing";
import { memoryAfter } from "@/core/recall";
import { effectsSince, importRounds, makeChanges, undoRoundImport } from "@/server/changes";
import { unreadableRows, type Keeper } from "@/server/keeper";
import { freshDatabase, roundFor } from "@/server/testing";
import { type RoundContent, WHOLE_LOG } from "@/state";
import { type Act } from "@/wire";
import { readLog, readMemories, readPractice, readTimedRounds, roundKeeper } from ".";
import { localDay } from "./localDay";
import { spanFor, spanStart } from "./spans";

const data = freshDatabase();
const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;
const START = Date.UTC(2026, 2, 10, 18);
let number = 0;

function change(act: Act) {
  const [outcome] = makeChanges(data.connection, [{ ...act, key: `practice-${++number}` }]);
  return outcome;
}
function add(part: Partial<RoundContent> = {}): number {
  const id = 1000 + ++number;
  const outcome = change({ act: "add", kind: "round", id, value: roundFor(part) });
  expect(outcome?.problem).toBeNull();
  return id;
}
const whole = () => readLog(data.connection, WHOLE_LOG);

describe("the log", () => {
  test("adds up by day, kind and drill, against sums by hand", () => {
    add({ atMs: START, seconds: 20 });
    add({ atMs: START + MINUTE, seconds: 25, result: "missed", bpm: 64 });
    add({
      atMs: START + DAY,
      seconds: 5,
      kind: "know",
      drill: "know:name",
      name: "Name the note",
      bpm: null,
    });
    add({ atMs: START + DAY, seconds: 30, bpm: 72 });
    const log = whole();
    expect(log.total).toEqual({ rounds: 4, seconds: 80, clean: 3, missed: 1 });
    expect(log.spans).toMatchObject([
      { from: "2026-03-10", rounds: 2, secondsByKind: { move: 45 } },
      { from: "2026-03-11", rounds: 2, secondsByKind: { know: 5, move: 30 } },
    ]);
    expect(log.drills).toMatchObject([
      { drill: "know:name", name: "Name the note", bestBpm: null },
      { drill: "move:rectangle:6-5", rounds: 3, clean: 2, bestBpm: 72, lastMs: START + DAY },
    ]);
  });

  test("is narrowed by day, kind, drill and song; a drill's tempo and timing are told by span", () => {
    add({ atMs: START, bpm: 60, medianMs: -12 });
    add({ atMs: START + MINUTE, bpm: 66, medianMs: -4, songId: 9 });
    add({ atMs: START + 2 * MINUTE, bpm: 80, result: "missed", medianMs: 40 });
    add({ atMs: START + 9 * DAY, kind: "hear", drill: "hear:which" });
    const part = (filter: Partial<typeof WHOLE_LOG>) =>
      readLog(data.connection, { ...WHOLE_LOG, ...filter });
    expect(part({ from: "2026-03-11" }).total.rounds).toBe(1);
    expect(part({ to: "2026-03-10" }).total.rounds).toBe(3);
    expect(part({ kind: "hear" }).total.rounds).toBe(1);
    expect(part({ songId: 9 }).rounds).toMatchObject([{ bpm: 66 }]);
    expect(part({ drill: "move:rectangle:6-5" }).spans).toMatchObject([
      { bestBpm: 66, medianMs: -4 },
    ]);
    expect(whole().spans[0]).toMatchObject({ bestBpm: null });
  });

  test("what is missed most stands first among the hardest, where there are rounds enough to say so", () => {
    for (let index = 0; index < 6; index++) {
      const atMs = START + index * MINUTE;
      add({ atMs, drill: "move:a:1", result: index < 2 ? "missed" : "clean" });
      add({ atMs, drill: "move:b:1", result: index < 4 ? "missed" : "clean" });
      if (index < 3) add({ atMs, drill: "move:c:1", result: "missed" });
      add({ atMs, drill: "know:name", kind: "know", result: "missed" });
    }
    expect(whole().hardest.map(({ drill }) => drill)).toEqual(["move:b:1", "move:a:1"]);
  });

  test("rounds come a page at a time, the newest first, deleted ones not at all until they are back", () => {
    const ids = Array.from({ length: 45 }, (_, index) => add({ atMs: START + index * MINUTE }));
    const first = whole();
    expect(first.rounds).toHaveLength(40);
    expect(first.rounds[0]?.id).toBe(ids.at(-1));
    const second = readLog(data.connection, WHOLE_LOG, first.next ?? 0);
    expect(second.rounds.map(({ id }) => id)).toEqual(ids.slice(0, 5).toReversed());
    expect(second.next).toBeNull();
    const gone = ids[44] ?? 0;
    change({ act: "delete", kind: "round", id: gone });
    expect(whole().total.rounds).toBe(44);
    change({ act: "restore", kind: "round", id: gone });
    expect(whole().total.rounds).toBe(45);
  });

  test("a round is edited; a note is written, found by its day, and deleted", () => {
    const id = add();
    change({ act: "set", kind: "round", id, fields: { result: "rough", note: "Tired" } });
    expect(whole().rounds[0]).toMatchObject({ result: "rough", note: "Tired" });
    const value = { atMs: START, zoneMin: 60, text: "The thumb was stiff." };
    change({ act: "add", kind: "journal", id: 77, value });
    expect(whole().notes).toEqual([{ ...value, id: 77 }]);
    expect(readLog(data.connection, { ...WHOLE_LOG, from: "2026-03-11" }).notes).toEqual([]);
    change({ act: "delete", kind: "journal", id: 77 });
    expect(whole().notes).toEqual([]);
  });

  test("a round that makes no sense is refused with what would be right", () => {
    const refused = (part: Partial<RoundContent>) =>
      change({ act: "add", kind: "round", id: 5, value: roundFor(part) })?.problem?.message;
    expect(refused({ bpm: 0 })).toMatch(/bpm must be .*20/);
    expect(refused({ atMs: Date.UTC(1970, 0) })).toMatch(/atMs/);
    expect(refused({ result: "perfect" as never })).toMatch(/result/);
    expect(refused({ guitarId: 4711 })).toBe("There is no guitar 4711.");
  });
});

test("a round that a newer Tenon wrote, or that was damaged, stays where it is and is told", () => {
  const [newer, damaged, fine] = [add(), add(), add()];
  data.connection.prepare("UPDATE round SET format = 99 WHERE id = ?").run(newer);
  data.connection.prepare("UPDATE round SET tuning_midi = '[40,' WHERE id = ?").run(damaged);
  const unreadable = unreadableRows(data.connection, roundKeeper as unknown as Keeper);
  expect(unreadable.map(({ id }) => id)).toEqual([newer, damaged]);
  expect(whole().rounds.map(({ id }) => id)).toEqual([fine]);
});

describe("days on the wall", () => {
  test("across midnight and daylight saving, a day is the one the player saw", () => {
    // In Berlin the clocks went forward on 2026-03-29 at 2:00 (EU directive 2000/84).
    expect(localDay({ atMs: Date.UTC(2026, 2, 28, 22, 59), zoneMin: 60 })).toBe("2026-03-28");
    expect(localDay({ atMs: Date.UTC(2026, 2, 28, 23, 1), zoneMin: 60 })).toBe("2026-03-29");
    expect(localDay({ atMs: Date.UTC(2026, 2, 29, 22, 1), zoneMin: 120 })).toBe("2026-03-30");
    expect(localDay({ atMs: Date.UTC(2026, 0, 1, 3), zoneMin: -300 })).toBe("2025-12-31");
  });

  test("long logs are told by weeks from Monday, longer ones by months", () => {
    expect(spanFor("2026-03-01", "2026-04-30")).toBe("day");
    expect(spanFor("2026-01-01", "2026-12-31")).toBe("week");
    expect(spanFor("2020-01-01", "2026-12-31")).toBe("month");
    expect(spanFor(null, null)).toBe("day");
    // 2026-03-29 was a Sunday.
    expect(spanStart("2026-03-29", "week")).toBe("2026-03-23");
    expect(spanStart("2026-03-30", "week")).toBe("2026-03-30");
    expect(spanStart("2026-03-29", "month")).toBe("2026-03-01");
  });
});

describe("what is remembered", () => {
  const card = "note:40:3";
  const answer = (days: number, result: RoundContent["result"]) =>
    add({ atMs: START + days * DAY, card, kind: "know", drill: "know:name", result, bpm: null });

  test("follows from the answers in the log, also when one is edited or deleted", () => {
    const ids = [answer(0, "clean"), answer(3, "missed"), answer(4, "clean")];
    const reviews = (letters: readonly RoundContent["result"][]) =>
      memoryAfter(
        letters.map((result, index) => ({ atMs: START + ([0, 3, 4][index] ?? 0) * DAY, result })),
      );
    const read = () => readMemories(data.connection).get(card);
    expect(read()).toEqual(reviews(["clean", "missed", "clean"]));
    change({ act: "set", kind: "round", id: ids[1] ?? 0, fields: { result: "clean" } });
    expect(read()).toEqual(reviews(["clean", "clean", "clean"]));
    change({ act: "delete", kind: "round", id: ids[2] ?? 0 });
    expect(read()).toEqual(reviews(["clean", "clean"]));
    for (const id of ids.slice(0, 2)) change({ act: "delete", kind: "round", id });
    expect(read()).toBeUndefined();
  });

  test("the room begins with when each card is due, and how well it is known by then", () => {
    for (const days of [0, 20, 40]) answer(days, "clean");
    const cardsAt = (days: number) =>
      readPractice(data.connection, { atMs: START + days * DAY, zoneMin: 60 }).cards;
    const dueMs = readMemories(data.connection).get(card)?.dueMs;
    expect(cardsAt(60)).toEqual([[card, { dueMs, knowing: "sure" }]]);
    expect(cardsAt(5_000)).toEqual([[card, { dueMs, knowing: "shaky" }]]);
  });

  test("the room begins with the ladder's rounds in order, and with what was done today", () => {
    add({ atMs: START, bpm: 60 });
    add({ atMs: START + MINUTE, bpm: 64, result: "rough" });
    add({ atMs: START + 2 * DAY, bpm: 64, seconds: 42 });
    const start = readPractice(data.connection, { atMs: START + 2 * DAY, zoneMin: 60 });
    expect(start.todayS).toBe(42);
    const [standing] = start.standings;
    expect(standing).toMatchObject({ drill: "move:rectangle:6-5", lastMs: START + 2 * DAY });
    expect(standing?.cleanShare).toBeCloseTo(2 / 3, 9);
    expect(standing?.ladder.map(({ bpm, result }) => `${bpm} ${result}`)).toEqual([
      "60 clean",
      "64 rough",
      "64 clean",
    ]);
  });

  test("constants are fitted from moves that came clean or were missed", () => {
    const moved = { ...demandsWith({ travelMm: 60 }), availableMs: 240 };
    add({ change: moved });
    add({ change: moved, result: "rough", atMs: START + MINUTE });
    add({ change: moved, result: "missed", atMs: START + 2 * MINUTE });
    expect(readTimedRounds(data.connection)).toMatchObject([
      { change: moved, isClean: false },
      { change: moved, isClean: true },
    ]);
  });
});

describe("rounds from a file", () => {
  test("come in once, and go out together", () => {
    const rounds = [
      roundFor(),
      roundFor({ atMs: START + MINUTE }),
      roundFor({ atMs: START + DAY }),
    ];
    const first = importRounds(data.connection, rounds, START);
    expect(first).toMatchObject({ added: 3, known: 0 });
    expect(importRounds(data.connection, rounds, START)).toMatchObject({ added: 0, known: 3 });
    add({ atMs: START + 2 * DAY });
    expect(undoRoundImport(data.connection, first.batch)).toBe(3);
    expect(whole().total.rounds).toBe(1);
  });

  test("pages that know the data hear nothing of the log, which they ask for part by part", () => {
    add();
    expect(effectsSince(data.connection, 0).filter(({ kind }) => kind === "round")).toEqual([]);
    expect(whole().total.rounds).toBe(1);
  });
});
