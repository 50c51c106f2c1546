import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import { MAX_BYTES as MAX_SONG_FILE_BYTES } from "@/formats/files";
import { served } from "@/server/database";
import { MAX_LOG_BYTES, PIECE_BYTES } from "@/wire";
import { POST as changes } from "./changes/route";
import { POST as backup } from "./data/backup/route";
import { POST as open } from "./data/open/route";
import { POST as restore } from "./data/restore/route";
import { POST as save } from "./data/save/route";
import { POST as picture } from "./files/picture/route";
import { POST as readFile } from "./files/read/route";
import { POST as writeFile } from "./files/write/route";
import { POST as back } from "./rounds/back/route";
import { POST as csv } from "./rounds/csv/route";
import { POST as piece } from "./uploads/piece/route";
import { POST as upload } from "./uploads/route";

type Handler = (request: Request) => Promise<Response>;

/** Every route that takes a body, and the most bytes that it reads. */
const LIMITS: readonly (readonly [string, Handler, number])[] = [
  ["/changes", changes, 8_000_000],
  ["/data/backup", backup, 64_000_000],
  ["/data/open", open, 10_000],
  ["/data/restore", restore, 10_000],
  ["/data/save", save, 10_000],
  ["/files/picture", picture, 512 * 1024],
  ["/files/read", readFile, MAX_SONG_FILE_BYTES],
  ["/files/write", writeFile, 4 * 1024 * 1024],
  ["/rounds/back", back, 10_000],
  ["/rounds/csv", csv, MAX_LOG_BYTES],
  ["/uploads", upload, 10_000],
  ["/uploads/piece?id=none", piece, PIECE_BYTES],
];
const [OK, BAD_REQUEST, NOT_FOUND, TOO_LARGE] = [200, 400, 404, 413];

let folder: string;
const before = process.env.TENON_DATA;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-limits-"));
  process.env.TENON_DATA = folder;
});
afterAll(() => {
  served().connection.close();
  if (before === undefined) delete process.env.TENON_DATA;
  else process.env.TENON_DATA = before;
  rmSync(folder, { recursive: true, force: true });
});

describe.each(LIMITS)("%s", (path, handler, maxBytes) => {
  const send = (bytes: number, headers: Readonly<Record<string, string>> = {}) =>
    handler(
      new Request(`http://127.0.0.1${path}`, {
        method: "POST",
        headers,
        // Fields and numbers mean nothing to any of them.
        body: new Uint8Array(bytes).fill(0x78),
      }),
    );

  test("reads a body of the most bytes, and refuses what is in it in words", async () => {
    const response = await send(maxBytes);
    expect([OK, BAD_REQUEST, NOT_FOUND]).toContain(response.status);
    const { problem, value } = (await response.json()) as {
      readonly problem?: { readonly message: string };
      readonly value?: { readonly problems: readonly unknown[] };
    };
    expect(JSON.stringify(problem ?? value?.problems[0])).toMatch(/\w/);
  }, 60_000);

  test("refuses one byte more, announced or not, and a body that was cut", async () => {
    for (const headers of [{}, { "content-length": String(maxBytes + 1) }]) {
      const response = await send(maxBytes + 1, headers);
      expect(response.status).toBe(TOO_LARGE);
    }
    const cut = await send(10, { "content-length": "11" });
    const { problem } = (await cut.json()) as { readonly problem: { readonly message: string } };
    expect(problem.message).toBe("Only 10 of 11 bytes arrived. Send it again.");
  }, 60_000);
});
