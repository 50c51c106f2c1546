import { describe, expect, test } from "@jest/globals";
import { wavBytes } from "./wav";

describe("a WAV file (RIFF, PCM: multimedia programming interface and data specifications 1.0, from memory)", () => {
  test("has its header, one channel of 16 bits, and the samples", () => {
    const bytes = wavBytes(Float32Array.of(0, 1, -1, 0.5), 44_100);
    const view = new DataView(bytes.buffer);
    const text = (at: number) => String.fromCharCode(...bytes.subarray(at, at + 4));
    expect([text(0), text(8), text(12), text(36)]).toEqual(["RIFF", "WAVE", "fmt ", "data"]);
    expect(view.getUint32(4, true)).toBe(bytes.length - 8);
    expect([view.getUint16(20, true), view.getUint16(22, true), view.getUint16(34, true)]).toEqual([
      1, 1, 16,
    ]);
    expect([view.getUint32(24, true), view.getUint32(28, true), view.getUint16(32, true)]).toEqual([
      44_100, 88_200, 2,
    ]);
    expect(view.getUint32(40, true)).toBe(8);
    const samples = [0, 1, 2, 3].map((at) => view.getInt16(44 + 2 * at, true));
    expect(samples).toEqual([0, 32_767, -32_767, 16_384]);
  });

  test("what is louder than it can be is cut", () => {
    const view = new DataView(wavBytes(Float32Array.of(3, -3), 8000).buffer);
    expect([view.getInt16(44, true), view.getInt16(46, true)]).toEqual([32_767, -32_767]);
  });
});
