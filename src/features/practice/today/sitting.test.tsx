/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, renderHook } from "@testing-library/react";
import { type ReactNode } from "react";
import { leftS, type PlannedBlock } from "@/core/practice";
import { Session } from "@/session";
import { fakeBrowser, response, taken } from "@/session/testing";
import { type RoundContent } from "@/state";
import { type ChangeRequest } from "@/wire";
import { keptSitting } from "./keptSitting";
import { roundOf, START } from "@/features/practice/testing";
import { useSitting } from "./useSitting";

fakeBrowser();

const BLOCKS: readonly PlannedBlock[] = [
  { kind: "drill", drill: "move:rectangle:6-5", minutes: 2, why: "weak" },
  { kind: "break", minutes: 1 },
];
const fetched = jest.fn(async (_: string, init?: { body?: string }) =>
  response(taken(JSON.parse(init?.body ?? "{}") as ChangeRequest)),
);
const sent = () =>
  fetched.mock.calls.flatMap(([url, init]) =>
    url === "/changes" && init?.body ? (JSON.parse(init.body) as ChangeRequest).changes : [],
  );
const settled = async () => act(async () => jest.advanceTimersByTimeAsync(50));
const round = (part: Partial<RoundContent> = {}): RoundContent => {
  const { id: _id, ...listed } = roundOf(1);
  return { ...listed, card: null, change: null, ...part };
};

async function sit() {
  const hook = renderHook(useSitting, {
    wrapper: ({ children }: { children: ReactNode }) => <Session start={START}>{children}</Session>,
  });
  await settled();
  return hook;
}

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  fetched.mockClear();
  Object.assign(globalThis, { fetch: fetched });
});
afterEach(() => {
  jest.useRealTimers();
});

describe("a sitting", () => {
  test("time goes by while it is open, not while it is paused or left", async () => {
    const { result } = await sit();
    act(() => result.current.begin(BLOCKS));
    await act(async () => jest.advanceTimersByTimeAsync(5000));
    const left = () => Math.round(leftS(result.current.sitting ?? { ...NONE, blocks: BLOCKS }));
    expect(left()).toBe(115);
    act(() => result.current.setPaused(true));
    await act(async () => jest.advanceTimersByTimeAsync(60_000));
    expect(left()).toBe(115);
    act(() => result.current.carryOn());
    act(() => result.current.leave());
    await act(async () => jest.advanceTimersByTimeAsync(60_000));
    expect(left()).toBe(115);
    expect(result.current.isOpen).toBe(false);
  });

  test("every round is sent to the log; the last can be taken back out of both", async () => {
    const { result } = await sit();
    act(() => result.current.begin(BLOCKS));
    act(() => result.current.record(round()));
    act(() => result.current.record(round({ result: "missed" })));
    await settled();
    expect(sent()).toMatchObject([
      { act: "add", kind: "round", value: { result: "clean" } },
      { act: "add", kind: "round", value: { result: "missed" } },
    ]);
    const second = result.current.sitting?.rounds[1]?.id;
    act(() => result.current.undo());
    await settled();
    expect(sent().at(-1)).toMatchObject({ act: "delete", kind: "round", id: second });
    expect(result.current.sitting?.rounds).toHaveLength(1);
  });

  test("waits in the browser as it stands, and is forgotten once it is over", async () => {
    const { result, unmount } = await sit();
    act(() => result.current.begin(BLOCKS));
    act(() => result.current.record(round()));
    await settled();
    unmount();
    const { result: again } = await sit();
    expect(again.current.sitting).toMatchObject({ at: 0, rounds: [{ result: "clean" }] });
    expect(again.current.isOpen).toBe(false);
    act(() => again.current.carryOn());
    act(() => again.current.next());
    expect(again.current.sitting?.at).toBe(1);
    act(() => again.current.next());
    await settled();
    expect(again.current.sitting).toBeNull();
    expect(await keptSitting()).toBeNull();
  });
});

const NONE = { blocks: [], at: 0, usedS: 0, isPaused: false, rounds: [] };
