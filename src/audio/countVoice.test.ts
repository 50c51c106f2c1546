import { afterEach, expect, jest, test } from "@jest/globals";
import { readFile } from "node:fs/promises";
import path from "node:path";

const FOLDER = path.resolve("public/audio/count");
const context = {
  decodeAudioData: async (bytes: ArrayBuffer) => Promise.resolve({ bytes: bytes.byteLength }),
} as unknown as BaseAudioContext;
const fetched: string[] = [];

function serve(answer: (url: string) => Promise<Response>): void {
  globalThis.fetch = ((url: string) => {
    fetched.push(url);
    return answer(url);
  }) as typeof fetch;
}
const fromDisk = async (url: string) =>
  new Response(await readFile(path.join(FOLDER, path.basename(url))));

afterEach(() => {
  fetched.length = 0;
  jest.resetModules();
});

test("every word of the count is there, is short enough for eighths at 120, and is fetched once", async () => {
  const { countVoice } = await import("./countVoice");
  serve(fromDisk);
  const voice = await countVoice(context);
  expect([...voice.keys()]).toEqual(["one", "two", "three", "four", "five", "six", "and"]);
  await countVoice(context);
  expect(fetched).toHaveLength(7);
  for (const word of voice.keys()) {
    const wave = await readFile(path.join(FOLDER, `${word}.wav`));
    // RIFF WAVE, PCM: rate at byte 24, bytes a second at 28, length of the samples at 40.
    expect(wave.toString("latin1", 0, 4)).toBe("RIFF");
    expect(wave.readUInt32LE(40) / wave.readUInt32LE(28)).toBeLessThan(0.25);
  }
});

test("a word that cannot be had is left out, and asked for again the next time", async () => {
  const { countVoice } = await import("./countVoice");
  serve(async (url) =>
    url.endsWith("two.wav") ? new Response(null, { status: 404 }) : fromDisk(url),
  );
  expect((await countVoice(context)).has("two")).toBe(false);
  serve(async () => Promise.reject(new Error("gone")));
  expect((await countVoice(context)).size).toBe(0);
  serve(fromDisk);
  expect((await countVoice(context)).size).toBe(7);
});
