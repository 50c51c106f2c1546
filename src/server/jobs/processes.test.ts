import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, afterEach, beforeAll, describe, expect, jest, test } from "@jest/globals";
import { type JobOrder } from "./messages";
import { makeProcesses, type Processes } from "./processes";

/** A process that does what the order's request says. */
const SCRIPT = `
process.on("disconnect", () => process.exit());
process.on("message", ({ request }) => {
  const say = (message) => process.send(message);
  if (request === "pid") say({ kind: "answer", answer: process.pid });
  if (request === "progress") {
    say({ kind: "progress", share: 0.5 });
    say({ kind: "answer", answer: "done" });
  }
  if (request === "refuse") say({ kind: "refused", status: 413, field: "input", message: "Too large." });
  if (request === "fail") say({ kind: "failed", code: "SQLITE_FULL", words: "disk" });
  if (request === "end") process.exit(3);
  if (request === "swell") {
    const kept = [];
    for (;;) kept.push(new Array(100_000).fill(kept.length));
  }
  if (request instanceof Uint8Array) say({ kind: "answer", answer: request.length });
});
`;
let folder: string;
let script: string;
let made: Processes[] = [];
beforeAll(() => {
  // What a process says before it ends is passed on, and would look like the words of this one.
  jest.spyOn(console, "error").mockImplementation(() => undefined);
  folder = mkdtempSync(join(tmpdir(), "tenon-jobs-"));
  script = join(folder, "script.mjs");
  writeFileSync(script, SCRIPT);
});
afterEach(() => {
  for (const processes of made) processes.end();
  made = [];
});
afterAll(() => rmSync(folder, { recursive: true }));

const start = (maxProcesses = 2) => {
  const processes = makeProcesses({ script, maxProcesses, idleMs: 60_000, maxHeapMb: 40 });
  made.push(processes);
  return processes;
};
const order = (request: unknown) => ({ name: "readFile", request, file: "", folder: "" });
const ask = (processes: Processes, request: unknown, options = {}) =>
  processes.run(order(request) as JobOrder, options);

describe("jobs in processes of their own", () => {
  test("one after the other in the same process; bytes arrive as bytes", async () => {
    const processes = start(1);
    const pids = await Promise.all([1, 2, 3].map(() => ask(processes, "pid")));
    expect(new Set(pids).size).toBe(1);
    expect(pids[0]).not.toBe(process.pid);
    expect(await ask(processes, new Uint8Array(7))).toBe(7);
  });

  test("at once in several", async () => {
    const processes = start(2);
    const pids = await Promise.all([1, 2].map(() => ask(processes, "pid")));
    expect(new Set(pids).size).toBe(2);
  });

  test("say how far they are, why they refuse, and what failed", async () => {
    const processes = start(1);
    const shares: number[] = [];
    const onProgress = (share: number) => void shares.push(share);
    expect(await ask(processes, "progress", { onProgress })).toBe("done");
    expect(shares).toEqual([0.5]);
    await expect(ask(processes, "refuse")).rejects.toMatchObject({
      status: 413,
      message: "Too large.",
    });
    await expect(ask(processes, "fail")).rejects.toMatchObject({ code: "SQLITE_FULL" });
  });

  test("a cancelled one ends with its process; the next gets another", async () => {
    const processes = start(1);
    const pid = await ask(processes, "pid");
    const ending = new AbortController();
    const endless = ask(processes, "never", { signal: ending.signal });
    const next = ask(processes, "pid");
    ending.abort(new Error("cancelled"));
    await expect(endless).rejects.toThrow("cancelled");
    expect(await next).not.toBe(pid);
  });

  test("one that is cancelled while it waits is never begun", async () => {
    const processes = start(1);
    const first = new AbortController();
    const waiting = new AbortController();
    const running = ask(processes, "never", { signal: first.signal });
    const second = ask(processes, "pid", { signal: waiting.signal });
    const third = ask(processes, "pid");
    waiting.abort(new Error("cancelled"));
    first.abort(new Error("cancelled"));
    await expect(running).rejects.toThrow("cancelled");
    await expect(second).rejects.toThrow("cancelled");
    expect(await third).toBeGreaterThan(0);
  });

  test("a process that ends early, or takes too much memory, takes only its own job with it", async () => {
    const processes = start(1);
    await expect(ask(processes, "end")).rejects.toThrow(/ended early \(3\)/);
    await expect(ask(processes, "swell")).rejects.toThrow(/more memory than Tenon takes/);
    expect(await ask(processes, "pid")).toBeGreaterThan(0);
  });
});
