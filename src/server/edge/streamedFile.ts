import { createReadStream, statSync } from "node:fs";
import { Readable } from "node:stream";
import { fileResponse } from "./fileResponse";

interface FileOnDisk {
  readonly path: string;
  readonly name: string;
  readonly type: string;
}

/** A file of this machine as a response that the browser saves, read as it is sent; `onSent` is called when it is closed. */
export function streamedFile({ path, name, type }: FileOnDisk, onSent?: () => void): Response {
  const file = createReadStream(path);
  if (onSent) file.once("close", onSent);
  return fileResponse({
    body: Readable.toWeb(file) as ReadableStream,
    bytes: statSync(path).size,
    name,
    type,
  });
}
