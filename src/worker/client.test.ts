import { beforeEach, describe, expect, test } from "@jest/globals";
import { type SearchRequest } from "@/core/compare";
import { ask, compute, computeAside, searchInWorker, stopAsking } from "./client";

/** An end of a line on which nobody ever answers, as far as comlink asks. */
class Silent {
  addEventListener() {}
  removeEventListener() {}
  postMessage() {}
  start() {}
}

const started: FakeWorker[] = [];
class FakeWorker extends Silent {
  readonly name: string;
  ended = false;
  constructor(_url: unknown, { name }: { readonly name: string }) {
    super();
    this.name = name;
    started.push(this);
  }
  terminate() {
    this.ended = true;
  }
}

class FakeChannel {
  readonly port1 = new Silent();
  readonly port2 = new Silent();
}

beforeEach(() => {
  started.length = 0;
  Object.assign(globalThis, { Worker: FakeWorker, MessageChannel: FakeChannel });
});

/** A question that is open until the test answers it. */
function open<T>() {
  let answer: (value: T) => void = () => undefined;
  const ask = () => new Promise<T>((resolve) => (answer = resolve));
  return {
    ask: ask as unknown as (api: unknown) => Promise<T>,
    answer: (value: T) => answer(value),
  };
}

describe("the client of the worker", () => {
  test("quick questions share one worker, those aside another", () => {
    // Whatever is asked of comlink's object is a message, even what a matcher asks.
    const [one, aside] = [compute(), computeAside()];
    expect([compute() === one, computeAside() === aside]).toEqual([true, true]);
    expect(started.map(({ name, ended }) => [name, ended])).toEqual([
      ["compute", false],
      ["aside", false],
    ]);
  });

  test("a new slow question of a kind ends the one before, and no other kind", async () => {
    const [first, second, other] = [open<string>(), open<string>(), open<string>()];
    const settled: string[] = [];
    void ask("counts", 1, first.ask).then((value) => settled.push(value));
    const routes = ask("routes", 1, other.ask);
    const counts = ask("counts", 2, second.ask);
    expect(started.map(({ name, ended }) => [name, ended])).toEqual([
      ["counts", true],
      ["routes", false],
      ["counts", false],
    ]);
    second.answer("second");
    other.answer("other");
    expect(await Promise.all([counts, routes])).toEqual(["second", "other"]);
    expect(settled).toEqual([]);
  });

  test("one that is answered leaves its worker to the next", async () => {
    const first = open<number>();
    const one = ask("found", 1, first.ask);
    first.answer(1);
    await one;
    const next = open<number>();
    const two = ask("found", 2, next.ask);
    next.answer(2);
    expect(await two).toBe(2);
    expect(started.filter(({ name }) => name === "found")).toHaveLength(1);
  });

  test("one that fails is told, and the next is asked all the same", async () => {
    await expect(
      ask("grips", "same", () => Promise.reject(new Error("out of memory"))),
    ).rejects.toThrow("out of memory");
    expect(await ask("grips", "same", () => Promise.resolve("fine"))).toBe("fine");
  });

  test("the same question in a row is asked once, until it is forgotten", async () => {
    let times = 0;
    const work = () => Promise.resolve(++times);
    expect(await ask("songRoutes", { text: "A5" }, work)).toBe(1);
    expect(await ask("songRoutes", { text: "A5" }, work)).toBe(1);
    expect(await ask("songRoutes", { text: "D5" }, work)).toBe(2);
    stopAsking("songRoutes");
    expect(await ask("songRoutes", { text: "D5" }, work)).toBe(3);
  });

  test("what is asked no more is ended", () => {
    const never = open<string>();
    void ask("advice", 1, never.ask);
    stopAsking("advice");
    expect(started.at(-1)).toMatchObject({ name: "advice", ended: true });
  });

  test("a search has a worker of its own, ended by its signal", () => {
    const controller = new AbortController();
    void searchInWorker({} as SearchRequest, () => undefined, controller.signal);
    const [worker] = started;
    expect(worker).toMatchObject({ name: "search", ended: false });
    controller.abort();
    expect(worker?.ended).toBe(true);
  });
});
