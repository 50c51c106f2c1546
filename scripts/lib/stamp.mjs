import { createHash } from "node:crypto";
import { mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { ROOT } from "./run.mjs";

/** A digest of files and folders, by path and content, to tell whether a result is stale. */
export function digest(paths) {
  const hash = createHash("sha256");
  for (const path of paths) addPath(hash, path);
  return hash.digest("hex");
}

/** Does the work unless the stamp file says that it was done for just these inputs. */
export function whenStale(stampPath, wanted, work) {
  const stamp = join(ROOT, stampPath);
  if (readStamp(stamp) === wanted) return;
  work();
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, wanted);
}

function readStamp(path) {
  try {
    return readFileSync(path, "utf8");
  } catch {
    return null;
  }
}

function addPath(hash, path) {
  const full = join(ROOT, path);
  if (statSync(full).isDirectory()) {
    for (const name of readdirSync(full).sort()) addPath(hash, join(path, name));
    return;
  }
  hash.update(path).update("\0").update(readFileSync(full)).update("\0");
}
