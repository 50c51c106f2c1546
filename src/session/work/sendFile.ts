import { failure, success, type Result } from "@/core/result";
import { PIECE_BYTES, type UploadState } from "@/wire";
import { askInSteps, type WorkOptions } from "./askInSteps";

/** A server that does not answer is asked so often again, with such pauses. */
const [TRIES, PAUSE_MS] = [40, 750];
/** What is wrong with a piece on its way, or with the way. */
const WORTH_ANOTHER_TRY = ["server", "sha256", "input"];

/** A file on the server, for one or more requests. */
export interface SentFile {
  /** Sends a request about the file; `path` may have a query. Throws when the signal aborts. */
  readonly ask: <T>(path: string, options: WorkOptions) => Promise<Result<T>>;
  /** Deletes the file from the server. */
  readonly drop: () => void;
}

/**
 * Uploads a file, a large one in pieces. A piece that is lost is sent again, and after a restart of the server the upload
 * continues where it was. Throws when the signal aborts.
 */
export async function sendFile(file: Blob, options: WorkOptions): Promise<Result<SentFile>> {
  if (file.size <= PIECE_BYTES) {
    return success({
      ask: (path, asking) => askInSteps(path, file, asking),
      drop: () => undefined,
    });
  }
  const started = await send("/uploads", JSON.stringify({ bytes: file.size }), options.signal);
  if (!started.ok) return started;
  const { id } = started.value;
  const drop = () => void fetch(`/uploads/piece?id=${id}`, { method: "DELETE" }).catch(() => null);
  try {
    const sent = await sendPieces(id, file, options);
    if (!sent.ok) {
      drop();
      return sent;
    }
    const query = `upload=${id}&sha256=${sent.value}`;
    return success({
      ask: (path, asking) =>
        askInSteps(`${path}${path.includes("?") ? "&" : "?"}${query}`, null, asking),
      drop,
    });
  } catch (error) {
    drop();
    throw error;
  }
}

/** Answers with the hash of the whole file. */
async function sendPieces(
  id: string,
  file: Blob,
  { signal, onProgress }: WorkOptions,
): Promise<Result<string>> {
  // Not the browser's own: it hashes only where the page came over a line that it trusts.
  const [{ sha256 }, { bytesToHex }] = await Promise.all([
    import("@noble/hashes/sha2.js"),
    import("@noble/hashes/utils.js"),
  ]);
  const whole = sha256.create();
  for (let at = 0, hashed = 0; at < file.size;) {
    const piece = new Uint8Array(await file.slice(at, at + PIECE_BYTES).arrayBuffer());
    if (at === hashed) {
      whole.update(piece);
      hashed += piece.length;
    }
    const path = `/uploads/piece?id=${id}&offset=${at}&sha256=${bytesToHex(sha256(piece))}`;
    const sent = await sendUntilItArrives(path, new Blob([piece]), signal);
    if (!sent.ok) return sent;
    at = sent.value.receivedBytes;
    if (at > hashed) return failure("server", "The server has more of this file than was sent.");
    onProgress(at / file.size);
  }
  return success(bytesToHex(whole.digest()));
}

async function sendUntilItArrives(
  path: string,
  piece: Blob,
  signal: AbortSignal,
): Promise<Result<UploadState>> {
  for (let tries = 0; ; tries++) {
    const sent = await send(path, piece, signal);
    if (sent.ok || tries === TRIES || !WORTH_ANOTHER_TRY.includes(sent.problem.field)) return sent;
    await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    signal.throwIfAborted();
  }
}

function send(
  path: string,
  body: Blob | string,
  signal: AbortSignal,
): Promise<Result<UploadState>> {
  return askInSteps(path, body, { signal, onProgress: () => undefined });
}
