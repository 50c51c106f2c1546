import { expect, test } from "@jest/globals";
import {
  addRound,
  beginSitting,
  blockOf,
  goOn,
  ladderRounds,
  leftS,
  pass,
  remainingS,
  undoRound,
  type PlannedBlock,
  type SittingRound,
} from ".";

const BLOCKS: readonly PlannedBlock[] = [
  { kind: "drill", drill: "a", minutes: 2, why: "warm-up" },
  { kind: "break", minutes: 1 },
  { kind: "drill", drill: "b", minutes: 3, why: "weak" },
];
const round = (id: number, part: Partial<SittingRound> = {}): SittingRound => ({
  id,
  drill: "a",
  result: "clean",
  bpm: 60,
  roomQuarters: 0,
  step: "whole",
  card: null,
  ...part,
});

test("time goes by block by block, never backwards, and not while it is paused", () => {
  let sitting = pass(beginSitting(BLOCKS), 50);
  expect(leftS(sitting)).toBe(70);
  expect(remainingS(sitting)).toBe(70 + 240);
  // A clock that was set back takes nothing away.
  sitting = pass(sitting, -1000);
  expect(leftS(sitting)).toBe(70);
  expect(leftS(pass({ ...sitting, isPaused: true }, 30))).toBe(70);
  sitting = goOn(pass(sitting, 100));
  expect(blockOf(sitting)?.kind).toBe("break");
  expect(leftS(sitting)).toBe(60);
  const over = goOn(goOn(goOn(sitting)));
  expect([blockOf(over), leftS(over), remainingS(over)]).toEqual([null, 0, 0]);
});

test("rounds lead the ladder of their drill, and the last can be taken back", () => {
  const sitting = [
    round(1),
    round(2, { drill: "b" }),
    round(3, { bpm: null }),
    round(4, { result: "missed" }),
  ].reduce(addRound, beginSitting(BLOCKS));
  expect(ladderRounds(sitting, "a").map(({ result }) => result)).toEqual(["clean", "missed"]);
  expect(ladderRounds(undoRound(sitting), "a")).toHaveLength(1);
  expect(undoRound(beginSitting(BLOCKS)).rounds).toEqual([]);
});
