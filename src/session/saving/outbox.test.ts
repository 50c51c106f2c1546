import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { type Change, type ChangeRequest } from "@/wire";
import { taken } from "../testing";
import { AWAY, makeOutbox } from "./outbox";
import { type Reply } from "./post";
import { type Waiting } from "./store";

const rename = (key: string): Change => ({
  key,
  act: "set",
  kind: "guitar",
  id: 1,
  fields: { name: key },
});
const keysOf = (changes: readonly Change[]) => changes.map(({ key }) => key);
const takes = (request: ChangeRequest): Reply => ({ kind: "answer", answer: taken(request) });

/** An outbox between a store in memory and a server that replies as told, else takes everything. */
function setUp(replies: Reply[] = [], kept: Waiting[] = []) {
  const sent: string[][] = [];
  const last: string[][] = [];
  const states: string[] = [];
  const refused: string[] = [];
  const adopted: string[] = [];
  let waiting: readonly Change[] = [];
  const outbox = makeOutbox({
    identity: "these",
    revision: 0,
    store: {
      loadOthers: async () => Promise.resolve([]),
      load: async (identity) =>
        kept.filter((each) => each.identity === identity).map(({ change }) => change),
      put: async (all) => void kept.push(...all),
      remove: async (keys) => {
        const rest = kept.filter(({ change }) => !keys.includes(change.key));
        kept.splice(0, kept.length, ...rest);
      },
    },
    server: {
      send: async (request) => {
        sent.push(keysOf(request.changes));
        return replies.shift() ?? takes(request);
      },
      ask: async (identity, since) => replies.shift() ?? takes({ identity, since, changes: [] }),
      sendLast: ({ changes }) => void last.push(keysOf(changes)),
    },
    onWaiting: (changes) => {
      waiting = changes;
    },
    onAdopted: (changes) => void adopted.push(...keysOf(changes)),
    onAnswer: () => undefined,
    onRefused: ({ key }, { problem }) => void refused.push(`${key}: ${problem?.message}`),
    onState: (state) => void states.push(state.kind === "trouble" ? state.reason : state.kind),
    onBuild: () => undefined,
  });
  return { outbox, sent, last, states, refused, adopted, kept, waiting: () => keysOf(waiting) };
}

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);
const away: Reply = { kind: "away" };

describe("changes are sent", () => {
  test("at once, in their order, and forgotten once acknowledged", async () => {
    const { outbox, sent, waiting, kept } = setUp();
    outbox.add([rename("one")]);
    outbox.add([rename("two"), rename("three")]);
    expect(waiting()).toEqual(["one", "two", "three"]);
    await pass(0);
    expect(sent).toEqual([["one"], ["two", "three"]]);
    expect([waiting(), kept]).toEqual([[], []]);
  });

  test("again and again while the server is away, all in their order", async () => {
    const { outbox, sent, waiting, states, kept } = setUp([away, away]);
    outbox.add([rename("one")]);
    await pass(0);
    outbox.add([rename("two")]);
    await pass(0);
    expect(waiting()).toEqual(["one", "two"]);
    expect(kept.map(({ change }) => change.key)).toEqual(["one", "two"]);
    await pass(5000);
    expect(sent.at(-1)).toEqual(["one", "two"]);
    expect([waiting(), kept]).toEqual([[], []]);
    expect(states).toEqual([AWAY, AWAY, "in touch"]);
  });

  test("by the next page, before its own, where theirs could not", async () => {
    const kept = [
      { identity: "these", change: rename("old") },
      { identity: "other", change: rename("foreign") },
    ];
    const { outbox, sent, adopted } = setUp([], kept);
    await outbox.adopt();
    await pass(0);
    expect([sent, adopted]).toEqual([[["old"]], ["old"]]);
    // What belongs to other data waits for them.
    expect(kept.map(({ change }) => change.key)).toEqual(["foreign"]);
  });

  test("while the page is being left", async () => {
    const { outbox, last } = setUp([away]);
    outbox.sendBeforeLeaving();
    outbox.add([rename("one")]);
    outbox.sendBeforeLeaving();
    expect(last).toEqual([["one"]]);
  });
});

describe("what the server says", () => {
  const problem = { field: "input", message: "not that" };

  test("a full disk is a reason to wait, in its own words", async () => {
    const full = { field: "full", message: "The disk is full." };
    const { outbox, states, waiting } = setUp([{ kind: "not now", problem: full, build: "now" }]);
    outbox.add([rename("one")]);
    await pass(0);
    expect([states, waiting()]).toEqual([["The disk is full."], ["one"]]);
    await pass(1000);
    expect(waiting()).toEqual([]);
  });

  test("a request that is refused whole is taken apart, until the wrong change is found", async () => {
    const no: Reply = { kind: "refused", problem, build: "now" };
    const { outbox, sent, refused, waiting } = setUp([no, no]);
    outbox.add([rename("wrong"), rename("right")]);
    await pass(0);
    expect(sent).toEqual([["wrong", "right"], ["wrong"], ["right"]]);
    expect(refused).toEqual(["wrong: not that"]);
    expect(waiting()).toEqual([]);
  });

  test("other data get nothing, and nothing is lost", async () => {
    const { outbox, sent, states, kept } = setUp([{ kind: "other data", build: "now" }]);
    outbox.add([rename("one")]);
    await pass(20_000);
    outbox.refresh();
    await pass(20_000);
    expect(sent).toHaveLength(1);
    expect(states).toEqual(["other data"]);
    expect(kept).toHaveLength(1);
  });
});
