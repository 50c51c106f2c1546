/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, renderHook } from "@testing-library/react";
import { currentValue, lastValue, outcomeOf, useComputed, type Computed } from "./useComputed";

/** A question that is answered, or fails, when the test says so. */
function request() {
  let answer: (value: string) => void = () => undefined;
  let fail: (error: Error) => void = () => undefined;
  const work = jest.fn(
    () =>
      new Promise<string>((resolve, reject) => {
        answer = resolve;
        fail = reject;
      }),
  );
  return {
    work,
    answer: (value: string) => act(async () => answer(value)),
    fail: () => act(async () => fail(new Error("the worker is gone"))),
  };
}

const run = (first: () => Promise<string>) =>
  renderHook(({ work }) => useComputed(work), { initialProps: { work: first } });

const shown = (computed: Computed<string>) => [
  computed.kind,
  currentValue(computed),
  lastValue(computed),
];

describe("a computation", () => {
  const log = jest.spyOn(console, "error");
  beforeEach(() => {
    log.mockImplementation(() => undefined);
  });
  afterEach(() => {
    log.mockReset();
  });

  test("waits, then is ready; while the next one runs, the last answer is only the last", async () => {
    const [a, b] = [request(), request()];
    const { result, rerender } = run(a.work);
    expect(shown(result.current)).toEqual(["waiting", null, null]);
    await a.answer("A");
    expect(shown(result.current)).toEqual(["ready", "A", "A"]);
    rerender({ work: b.work });
    expect(shown(result.current)).toEqual(["waiting", null, "A"]);
    await b.answer("B");
    expect(shown(result.current)).toEqual(["ready", "B", "B"]);
  });

  test("an answer that comes after the next question was asked is dropped", async () => {
    const [a, b] = [request(), request()];
    const { result, rerender } = run(a.work);
    rerender({ work: b.work });
    await b.answer("B");
    await a.answer("A");
    expect(shown(result.current)).toEqual(["ready", "B", "B"]);
  });

  test("that failed never shows the old answer as its own, and can be tried again", async () => {
    const [a, b] = [request(), request()];
    const { result, rerender } = run(a.work);
    await a.answer("A");
    rerender({ work: b.work });
    await b.fail();
    expect(shown(result.current)).toEqual(["failed", null, "A"]);
    expect(outcomeOf(result.current, (value) => value.length)).toEqual({ kind: "failed" });
    expect(log).toHaveBeenCalledWith(expect.objectContaining({ message: "the worker is gone" }));
    const failed = result.current;
    act(() => {
      if (failed.kind === "failed") failed.retry();
    });
    expect(shown(result.current)).toEqual(["waiting", null, "A"]);
    expect(b.work).toHaveBeenCalledTimes(2);
    await b.answer("B");
    expect(shown(result.current)).toEqual(["ready", "B", "B"]);
    expect(outcomeOf(result.current, (value) => value.length)).toEqual({ kind: "ready", value: 1 });
  });

  test("a work that throws at once has failed as well", async () => {
    const { result } = run(() => {
      throw new Error("no worker here");
    });
    await act(async () => undefined);
    expect(shown(result.current)).toEqual(["failed", null, null]);
  });
});
