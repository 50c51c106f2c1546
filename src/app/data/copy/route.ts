import { createReadStream, mkdtempSync, rmSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Readable } from "node:stream";
import { copyInto, served } from "@/server/database";
import { answer, fileResponse } from "@/server/edge";

/** A whole copy of the data, made while they may be in use. */
export function GET(): Promise<Response> {
  return answer(() => {
    const { connection } = served();
    const folder = mkdtempSync(join(tmpdir(), "tenon-copy-"));
    const clearAway = () => rmSync(folder, { recursive: true, force: true });
    const path = join(folder, "tenon.sqlite");
    try {
      copyInto(connection, path);
    } catch (error) {
      clearAway();
      throw error;
    }
    const file = createReadStream(path);
    file.once("close", clearAway);
    return fileResponse({
      body: Readable.toWeb(file) as ReadableStream,
      bytes: statSync(path).size,
      name: `tenon-${new Date().toISOString().slice(0, 10)}.sqlite`,
      type: "application/vnd.sqlite3",
    });
  });
}
