import { createHash, randomBytes } from "node:crypto";
import { createReadStream, existsSync, mkdirSync, readdirSync, rmSync, statSync } from "node:fs";
import { open, statfs } from "node:fs/promises";
import { join } from "node:path";
import { pipeline } from "node:stream/promises";
import { workParent } from "@/server/database";
import { NotFound, Refused, tooLarge, WordedError } from "@/server/edge";
import { MAX_UPLOAD_BYTES, PIECE_BYTES } from "@/wire";

const CONFLICT = 409;
const HOUR_MS = 3_600_000;
/** So many may be under way at once: a player has few windows. */
const MAX_UPLOADS = 8;
/** An upload is a file whose name holds its id and its whole length, so that it outlives the server's process. */
const NAME = /^upload-([0-9a-f]{32})-(\d{1,12})$/;

/** A file that arrives in pieces. */
interface Upload {
  readonly id: string;
  readonly path: string;
  readonly totalBytes: number;
  /** The offset of the next piece. */
  readonly receivedBytes: number;
}

/** A piece of a file, with its offset and hash. */
interface Piece {
  readonly offset: number;
  readonly bytes: Uint8Array;
  /** Hex, of the piece. */
  readonly sha256: string;
}

/** Makes room for a file of a known length. Throws `Refused` where there is none. */
export async function startUpload(totalBytes: number): Promise<Upload> {
  if (totalBytes > MAX_UPLOAD_BYTES) {
    const max = Math.floor(MAX_UPLOAD_BYTES / 1_000_000);
    throw new Refused("bytes", `That is larger than ${max} MB, the most that is read.`);
  }
  const folder = workParent();
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  clearForgotten(folder);
  if (listUploads(folder).length >= MAX_UPLOADS) {
    throw new Refused(
      "bytes",
      `${MAX_UPLOADS} files are on their way already; wait for one of them.`,
    );
  }
  const { bavail, bsize } = await statfs(folder);
  if (bavail * bsize < totalBytes) {
    throw new Refused("bytes", "There is not enough room on the disk for this file.");
  }
  const id = randomBytes(16).toString("hex");
  const path = join(folder, `upload-${id}-${totalBytes}`);
  await (await open(path, "wx", 0o600)).close();
  return { id, path, totalBytes, receivedBytes: 0 };
}

/** An upload under way. Throws `NotFound`. */
export function findUpload(id: string): Upload {
  const found = listUploads(workParent()).find((upload) => upload.id === id);
  if (!found) throw new NotFound("upload", "This file is not on its way any more; send it again.");
  return found;
}

/**
 * Adds a piece; one that is there already counts once. Throws a `WordedError` of status 409 where one before it is missing,
 * and `Refused` where the piece is not what was sent.
 */
export async function addPiece(id: string, { offset, bytes, sha256 }: Piece): Promise<Upload> {
  const upload = findUpload(id);
  if (createHash("sha256").update(bytes).digest("hex") !== sha256) {
    throw new Refused("sha256", "A piece of the file was damaged on its way; send it again.");
  }
  if (offset > upload.receivedBytes) {
    throw new WordedError(CONFLICT, "offset", `The piece at ${upload.receivedBytes} is next.`);
  }
  const end = offset + bytes.length;
  const isLast = end === upload.totalBytes;
  if (end > upload.totalBytes || (bytes.length !== PIECE_BYTES && !isLast)) {
    throw new Refused("offset", "The piece does not fit into the file that was announced.");
  }
  const file = await open(upload.path, "r+");
  try {
    await file.write(bytes, 0, bytes.length, offset);
  } finally {
    await file.close();
  }
  return { ...upload, receivedBytes: Math.max(upload.receivedBytes, end) };
}

/** The path of a file that has arrived whole and is what was sent. Throws `Refused` where it is not, `TooLarge` above `maxBytes`. */
export async function wholeUpload(id: string, sha256: string, maxBytes: number): Promise<string> {
  const { path, totalBytes, receivedBytes } = findUpload(id);
  if (totalBytes > maxBytes) throw tooLarge(maxBytes);
  if (receivedBytes !== totalBytes) {
    const message = `Only ${receivedBytes} of ${totalBytes} bytes arrived. Send the others.`;
    throw new Refused("upload", message);
  }
  const hash = createHash("sha256");
  await pipeline(createReadStream(path), hash);
  if (hash.digest("hex") !== sha256) {
    throw new Refused("sha256", "The file was damaged on its way; send it again.");
  }
  return path;
}

export function dropUpload(id: string): void {
  rmSync(findUpload(id).path, { force: true });
}

function listUploads(folder: string): readonly Upload[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder).flatMap((name) => {
    const [, id, bytes] = NAME.exec(name) ?? [];
    if (!id || !bytes) return [];
    const path = join(folder, name);
    const receivedBytes = statSync(path, { throwIfNoEntry: false })?.size ?? 0;
    return [{ id, path, totalBytes: Number(bytes), receivedBytes }];
  });
}

function clearForgotten(folder: string): void {
  for (const { path } of listUploads(folder)) {
    const changedMs = statSync(path, { throwIfNoEntry: false })?.mtimeMs ?? 0;
    if (Date.now() - changedMs > HOUR_MS) rmSync(path, { force: true });
  }
}
