import { afterEach, beforeAll, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { type SampleBlock } from "./tap";

const RATE = 48_000;
const BLOCK = 2048;
const BLOCK_MS = (1000 * BLOCK) / RATE;

let onBlock: ((block: SampleBlock) => void) | null = null;
const node = () => ({ connect: () => undefined, disconnect: () => undefined });
const context = { sampleRate: RATE, createMediaStreamSource: node };
jest.mock("./context", () => ({ audioContext: async () => Promise.resolve(context) }));
jest.mock("./tap", () => ({
  tap: async (_: object, __: object, handler: (block: SampleBlock) => void) => {
    onBlock = handler;
    return Promise.resolve(() => void (onBlock = null));
  },
  openMicrophone: async () => Promise.resolve({ getTracks: () => [] }),
}));
// Imported after what it uses is replaced.
const importCapture = async () => import("./capture");
let captureMicrophone: Awaited<ReturnType<typeof importCapture>>["captureMicrophone"];
beforeAll(async () => {
  ({ captureMicrophone } = await importCapture());
});
beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

/** Listens for a while with a handler that takes so long; answers when each sound it was handed ended, in ms. */
async function handedOver(blocks: number, handlerMs: number): Promise<readonly number[]> {
  const endedMs: number[] = [];
  // The page's clock: while the handler works, blocks wait, and come at once when it is done.
  await captureMicrophone((samples, _, now) => {
    expect(samples.at(-1)).toBeCloseTo(now, 5);
    endedMs.push(1000 * now);
    jest.advanceTimersByTime(handlerMs);
  });
  const startMs = performance.now();
  for (let index = 0; index < blocks; index++) {
    const endS = ((index + 1) * BLOCK) / RATE;
    const dueMs = startMs + 1000 * endS;
    if (performance.now() < dueMs) jest.advanceTimersByTime(dueMs - performance.now());
    onBlock?.({ samples: new Float32Array(BLOCK).fill(endS), endS });
  }
  return endedMs;
}

describe("what is captured", () => {
  test("is handed over about ten times a second", async () => {
    const endedMs = await handedOver(100, 0);
    const gaps = endedMs.slice(1).map((end, index) => end - (endedMs[index] ?? 0));
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(100);
    expect(Math.max(...gaps)).toBeLessThan(100 + BLOCK_MS);
  });

  test("stays the newest sound where each reading takes longer than the sound in between", async () => {
    const blocks = 200;
    const handlerMs = 400;
    const endedMs = await handedOver(blocks, handlerMs);
    // The sound goes on while it is read: each reading begins with what sounded since the last one.
    const gaps = endedMs.slice(1).map((end, index) => end - (endedMs[index] ?? 0));
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(handlerMs);
    expect(endedMs.at(-1)).toBeGreaterThan(blocks * BLOCK_MS - (handlerMs + 100 + 2 * BLOCK_MS));
  });
});
