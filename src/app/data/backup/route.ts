import { failure, success } from "@/core/result";
import {
  backupBytes,
  checkBackup,
  countsOf,
  MAX_BACKUP_BYTES,
  restoreBackup,
} from "@/server/backup";
import { dataFolder, served } from "@/server/database";
import { answer, fileResponse, readBytes } from "@/server/edge";

/** Everything of the player in one file. */
export function GET(): Promise<Response> {
  return answer(() => {
    const now = new Date();
    const bytes = backupBytes(served().connection, now);
    return fileResponse({
      body: new Blob([bytes as Uint8Array<ArrayBuffer>]),
      bytes: bytes.length,
      name: `tenon-${now.toISOString().slice(0, 10)}.zip`,
      type: "application/zip",
    });
  });
}

/** Looks at a backup and says what it would change; with ?restore=1 puts it in the place of the data. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const bytes = await readBytes(request, MAX_BACKUP_BYTES);
    const isMeant = new URL(request.url).searchParams.get("restore") === "1";
    const current = countsOf(served().connection);
    const checked = (isMeant ? restoreBackup : checkBackup)(bytes, dataFolder());
    return Response.json(
      checked.ok
        ? success({ ...checked.value, current })
        : failure(checked.problem.field, capital(checked.problem.message)),
    );
  });
}

function capital(text: string): string {
  return `${text.slice(0, 1).toUpperCase()}${text.slice(1)}.`;
}
