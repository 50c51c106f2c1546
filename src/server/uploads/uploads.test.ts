import { createHash } from "node:crypto";
import { mkdtempSync, readFileSync, rmSync, utimesSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { MAX_UPLOAD_BYTES, PIECE_BYTES } from "@/wire";
import { addPiece, dropUpload, findUpload, startUpload, wholeUpload } from ".";

let folder: string;
const before = process.env.TENON_DATA;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-uploads-"));
  process.env.TENON_DATA = folder;
});
afterEach(() => {
  if (before === undefined) delete process.env.TENON_DATA;
  else process.env.TENON_DATA = before;
  rmSync(folder, { recursive: true, force: true });
});

const hashOf = (bytes: Uint8Array) => createHash("sha256").update(bytes).digest("hex");
/** Bytes that differ from piece to piece. */
const some = (length: number) => Uint8Array.from({ length }, (_, at) => (at * 31 + at / 997) & 255);
const send = (id: string, whole: Uint8Array, offset: number) => {
  const bytes = whole.subarray(offset, offset + PIECE_BYTES);
  return addPiece(id, { offset, bytes, sha256: hashOf(bytes) });
};
const MAX = Number.MAX_SAFE_INTEGER;

describe("a file in pieces", () => {
  test("is whole once all have come, each as often as it likes, and goes on after a restart", async () => {
    const whole = some(2 * PIECE_BYTES + 5);
    const { id } = await startUpload(whole.length);
    await fc.assert(
      fc.asyncProperty(fc.integer({ min: 0, max: 2 }), async (piece) => {
        const { receivedBytes } = findUpload(id);
        const offset = piece * PIECE_BYTES;
        if (offset > receivedBytes) {
          await expect(send(id, whole, offset)).rejects.toMatchObject({
            status: 409,
            message: `The piece at ${receivedBytes} is next.`,
          });
          return;
        }
        const end = Math.min(whole.length, offset + PIECE_BYTES);
        const now = await send(id, whole, offset);
        expect(now.receivedBytes).toBe(Math.max(receivedBytes, end));
      }),
      { numRuns: 12, seed: 3 },
    );
    for (const offset of [0, PIECE_BYTES, 2 * PIECE_BYTES]) await send(id, whole, offset);
    const path = await wholeUpload(id, hashOf(whole), MAX);
    expect(hashOf(readFileSync(path))).toBe(hashOf(whole));
    dropUpload(id);
    expect(() => findUpload(id)).toThrow(/not on its way any more/);
  });

  test("a damaged piece, one that does not fit, and a file that is not what was sent are refused", async () => {
    const whole = some(100);
    const { id } = await startUpload(100);
    const piece = { offset: 0, bytes: whole, sha256: hashOf(whole) };
    await expect(addPiece(id, { ...piece, sha256: "other" })).rejects.toThrow(/damaged on its way/);
    await expect(addPiece(id, { ...piece, bytes: some(101), sha256: hashOf(some(101)) }))
      .rejects //
      .toThrow(/does not fit/);
    const short = some(99);
    await expect(addPiece(id, { ...piece, bytes: short, sha256: hashOf(short) }))
      .rejects //
      .toThrow(/does not fit/);
    await expect(wholeUpload(id, piece.sha256, MAX)).rejects.toThrow(/^Only 0 of 100 bytes/);
    await addPiece(id, piece);
    await expect(wholeUpload(id, hashOf(short), MAX)).rejects.toThrow(/damaged on its way/);
    await expect(wholeUpload(id, piece.sha256, 99)).rejects.toMatchObject({ status: 413 });
    expect(await wholeUpload(id, piece.sha256, 100)).toContain(id);
  });

  test("no more than a player needs at once; what nobody goes on with is cleared away", async () => {
    await expect(startUpload(MAX_UPLOAD_BYTES + 1)).rejects.toThrow(/larger than 2000 MB/);
    const started: { readonly id: string; readonly path: string }[] = [];
    for (let count = 0; count < 8; count++) started.push(await startUpload(10));
    await expect(startUpload(10)).rejects.toThrow(/8 files are on their way/);
    for (const { path } of started) utimesSync(path, 1, 1);
    await startUpload(10);
    expect(() => findUpload(started[0]?.id ?? "")).toThrow(/send it again/);
  });

  test("names of other files are no ids", () => {
    for (const id of ["", "../tenon.sqlite", "%2e", "a".repeat(32)]) {
      expect(() => findUpload(id)).toThrow(/not on its way/);
    }
  });
});
