import { failure, success } from "@/core/result";
import { MAX_BACKUP_BYTES } from "@/server/backup";
import { dataFile, dataFolder, makeWorkFolder, moveInPlace } from "@/server/database";
import { answer, answerInSteps, streamedFile } from "@/server/edge";
import { runJob } from "@/server/jobs";
import { makeFile } from "@/server/saving";
import { sentFile } from "@/server/uploads";

/** Everything of the player in one file. */
export function GET({ signal }: Request): Promise<Response> {
  return answer(async () => {
    const made = await makeFile("backup", { signal });
    return streamedFile(made, made.clear);
  });
}

/** Looks at a backup and says what it would change; with ?restore=1 puts it in the place of the data. */
export function POST(request: Request): Promise<Response> {
  return answerInSteps(request, async (steps) => {
    const isMeant = new URL(request.url).searchParams.get("restore") === "1";
    const sent = await sentFile(request, MAX_BACKUP_BYTES);
    const unpacked = makeWorkFolder();
    try {
      const { path } = sent;
      const checked = await runJob("unpackBackup", { path, into: unpacked.path }, steps);
      if (!checked.ok) {
        return Response.json(failure(checked.problem.field, capital(checked.problem.message)));
      }
      if (isMeant) moveInPlace(dataFile(unpacked.path), dataFolder());
      return Response.json(success(checked.value));
    } finally {
      unpacked.clear();
      sent.clear();
    }
  });
}

function capital(text: string): string {
  return `${text.slice(0, 1).toUpperCase()}${text.slice(1)}.`;
}
