import { readFileSync, renameSync, rmSync, statSync, writeFileSync } from "node:fs";
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

/**
 * Reads a whole file of at most `maxBytes`. Pipes and devices are refused: they have no end that could be known before.
 *
 * @param field the argument that names the path
 */
export function readWhole(path: string, maxBytes: number, field: string): Result<Uint8Array> {
  const noFile = whyNoFile(path);
  if (noFile !== null) return failure(field, noFile);
  try {
    const found = statSync(path);
    if (found.size > maxBytes) {
      const [size, max] = [found.size, maxBytes].map((bytes) => Math.ceil(bytes / 1024 / 1024));
      return failure(field, `'${path}' has ${size} MB; at most ${max} are read`);
    }
    return success(readFileSync(path));
  } catch (error) {
    return failure(field, `'${path}' cannot be read: ${whyNot(error)}`);
  }
}

/** Why a path cannot be read as a file; null where it can. */
export function whyNoFile(path: string): string | null {
  try {
    const found = statSync(path);
    if (found.isDirectory()) return `'${path}' cannot be read: it is a folder`;
    return found.isFile() ? null : `'${path}' is no file but a pipe or a device`;
  } catch (error) {
    return `'${path}' cannot be read: ${whyNot(error)}`;
  }
}

/** Why the system would not open a file. */
export function whyNot(error: unknown): string {
  const { code } = error as NodeJS.ErrnoException;
  if (code === "ENOENT") return "there is no such file or folder";
  if (code === "EISDIR") return "it is a folder";
  if (code === "EACCES") return "it may not be opened";
  return error instanceof Error ? error.message : String(error);
}
