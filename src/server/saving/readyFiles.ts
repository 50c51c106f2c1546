import { randomBytes } from "node:crypto";
import { NotFound } from "@/server/edge";
import { type ReadyFile } from "./makeFile";

/** How long a page may take to fetch what was made for it. */
const KEPT_MS = 600_000;

/** `next start` loads a module several times in one process; all of them share what is ready. */
const global = globalThis as typeof globalThis & { tenonReady?: Map<string, ReadyFile> };
const ready = (global.tenonReady ??= new Map());

/** Keeps a file until it is fetched, under the name that is returned. */
export function keepReady(file: ReadyFile): string {
  const id = randomBytes(16).toString("hex");
  ready.set(id, file);
  setTimeout(() => {
    if (ready.delete(id)) file.clear();
  }, KEPT_MS).unref();
  return id;
}

/** Hands over a file; it is kept no longer. Throws `NotFound`. */
export function takeReady(id: string): ReadyFile {
  const file = ready.get(id);
  if (!file)
    throw new NotFound("id", "This file was fetched already, or is too old; make it again.");
  ready.delete(id);
  return file;
}
