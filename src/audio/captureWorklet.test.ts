import { readFileSync } from "node:fs";
import { describe, expect, test } from "@jest/globals";

interface Processor {
  readonly process: (inputs: readonly (readonly Float32Array[])[]) => boolean;
}

/** Runs the worklet's module as the browser's audio thread does, and collects what it posts. */
function makeCapture() {
  const posted: Float32Array[] = [];
  const endsS: number[] = [];
  class AudioWorkletProcessor {
    port = {
      postMessage: ({ samples, endS }: { samples: Float32Array; endS: number }) => {
        posted.push(samples);
        endsS.push(endS);
      },
    };
  }
  const registered = new Map<string, new () => Processor>();
  const run = new Function(
    "AudioWorkletProcessor",
    "registerProcessor",
    "currentTime",
    "sampleRate",
    readFileSync("public/audio/capture.js", "utf8"),
  );
  const register = (name: string, kind: new () => Processor) => registered.set(name, kind);
  run(AudioWorkletProcessor, register, NOW_S, RATE);
  const Capture = registered.get("capture");
  if (!Capture) throw new Error("no processor called capture");
  return { processor: new Capture(), posted, endsS };
}

/** The clock of the audio thread, which stands still here. */
const NOW_S = 7;
const RATE = 48_000;
const QUANTUM = 128;
const BLOCK = 2048;

describe("the capture worklet", () => {
  test("passes the sound on in blocks, in order and whole", () => {
    const { processor, posted, endsS } = makeCapture();
    for (let start = 0; start < 2 * BLOCK; start += QUANTUM) {
      const samples = Float32Array.from({ length: QUANTUM }, (_, index) => start + index);
      expect(processor.process([[samples]])).toBe(true);
    }
    expect(posted.map((block) => block.length)).toEqual([BLOCK, BLOCK]);
    const all = posted.flatMap((block) => [...block]);
    expect(all).toEqual(Array.from({ length: 2 * BLOCK }, (_, index) => index));
    expect(endsS).toEqual([NOW_S + QUANTUM / RATE, NOW_S + QUANTUM / RATE]);
  });

  test("a source that has ended is silence, so that the tuner sees it fade", () => {
    const { processor, posted } = makeCapture();
    for (let start = 0; start < BLOCK; start += QUANTUM) processor.process([[]]);
    expect(posted).toHaveLength(1);
    expect(posted[0]?.every((sample) => sample === 0)).toBe(true);
  });

  test("a block that was passed on does not change afterwards", () => {
    const { processor, posted } = makeCapture();
    const ones = new Float32Array(QUANTUM).fill(1);
    for (let start = 0; start < BLOCK; start += QUANTUM) processor.process([[ones]]);
    processor.process([[new Float32Array(QUANTUM).fill(9)]]);
    expect(posted[0]?.every((sample) => sample === 1)).toBe(true);
  });
});
