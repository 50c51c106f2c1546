import { join } from "node:path";
import { makeWorkFolder } from "@/server/database";
import { receiveBody } from "@/server/edge";
import { wholeUpload } from "./uploads";

interface SentFile {
  readonly path: string;
  /** Clears away what was made to read it; an upload stays until its page drops it. */
  readonly clear: () => void;
}

/**
 * The file that a request brings: one that was uploaded before (?upload=...&sha256=...), or the body. Throws a
 * `WordedError` where it did not arrive whole or is larger than `maxBytes`.
 */
export async function sentFile(request: Request, maxBytes: number): Promise<SentFile> {
  const query = new URL(request.url).searchParams;
  const upload = query.get("upload");
  if (upload !== null) {
    const path = await wholeUpload(upload, query.get("sha256") ?? "", maxBytes);
    return { path, clear: () => undefined };
  }
  const work = makeWorkFolder();
  try {
    const path = join(work.path, "sent");
    await receiveBody(request, path, Math.min(maxBytes, MAX_BODY_BYTES));
    return { path, clear: work.clear };
  } catch (error) {
    work.clear();
    throw error;
  }
}

/** Larger files are sent in pieces (next.config.ts lets no larger body through). */
const MAX_BODY_BYTES = 64_000_000;
