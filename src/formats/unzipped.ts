import { Unzip, UnzipInflate, UnzipPassThrough } from "fflate";
import { failure, success, type Result } from "@/core/result";
import { joinBytes } from "@/formats/joinBytes";

const MAX_FILES = 200;
const PACKED = "it is packed in a way that Tenon does not read; pack it as a plain zip";

/**
 * The files of a zip whose names are wanted, all in memory. No more is inflated than `mostBytes`, whatever the zip says of
 * its sizes; names are never paths to write to.
 */
export function unzipped(
  bytes: Uint8Array,
  maxBytes: number,
  isWanted: (name: string) => boolean,
): Result<ReadonlyMap<string, Uint8Array>> {
  const files = new Map<string, Uint8Array>();
  let total = 0;
  let problem: string | null = null;
  let unfinished = 0;
  const unzip = new Unzip((file) => {
    if (problem !== null || !isWanted(file.name)) return;
    if (files.size >= MAX_FILES) {
      problem = `more than ${MAX_FILES} files in the zip`;
      return;
    }
    const chunks: Uint8Array[] = [];
    unfinished += 1;
    file.ondata = (error, chunk, isFinal) => {
      if (error) problem ??= /compression type/.test(error.message) ? PACKED : "the zip is damaged";
      total += chunk?.length ?? 0;
      if (total > maxBytes) {
        problem ??= `it unpacks to more than ${Math.round(maxBytes / 1024 / 1024)} MB`;
        file.terminate();
        return;
      }
      if (chunk) chunks.push(chunk);
      if (!isFinal) return;
      unfinished -= 1;
      files.set(file.name, joinBytes(chunks));
    };
    try {
      file.start();
    } catch {
      problem ??= PACKED;
    }
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);
  try {
    // In pieces, so that what swells is stopped before all of it has.
    for (let at = 0; at < bytes.length && problem === null; at += PIECE) {
      unzip.push(bytes.subarray(at, at + PIECE), at + PIECE >= bytes.length);
    }
  } catch {
    problem ??= "the zip is damaged";
  }
  if (problem === null && unfinished > 0) problem = "the zip is cut off";
  return problem === null ? success(files) : failure("input", problem);
}

const PIECE = 8 * 1024;
