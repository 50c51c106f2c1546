import { renameSync, rmSync, writeFileSync } from "node:fs";
import { failure, success, type Result } from "@/core/result";

/** Writes a file whole or not at all. */
export function writeWhole(
  path: string,
  bytes: Uint8Array,
): Result<{ readonly path: string; readonly bytes: number }> {
  const half = `${path}.part`;
  try {
    writeFileSync(half, bytes);
    renameSync(half, path);
  } catch (error) {
    rmSync(half, { force: true });
    return failure("out", `'${path}' cannot be written: ${whyNot(error)}`);
  }
  return success({ path, bytes: bytes.length });
}

/** Why the system would not open a file. */
export function whyNot(error: unknown): string {
  const { code } = error as NodeJS.ErrnoException;
  if (code === "ENOENT") return "there is no such file or folder";
  if (code === "EISDIR") return "it is a folder";
  if (code === "EACCES") return "it may not be opened";
  return error instanceof Error ? error.message : String(error);
}
