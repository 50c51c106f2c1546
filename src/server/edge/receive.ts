import { createWriteStream } from "node:fs";
import { Readable, Transform } from "node:stream";
import { type ReadableStream as NodeStream } from "node:stream/web";
import { pipeline } from "node:stream/promises";
import { checkAnnounced, checkWhole, tooLarge } from "./bodyLength";

/** Writes a body to a file as it arrives. Throws `TooLarge`, or `Refused` where fewer bytes arrived than were announced. */
export async function receiveBody(request: Request, path: string, maxBytes: number): Promise<void> {
  checkAnnounced(request, maxBytes);
  let length = 0;
  const counted = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      length += chunk.length;
      done(length > maxBytes ? tooLarge(maxBytes) : null, chunk);
    },
  });
  const body = request.body ? Readable.fromWeb(request.body as NodeStream) : Readable.from([]);
  await pipeline(body, counted, createWriteStream(path, { mode: 0o600 }));
  checkWhole(request, length);
}
