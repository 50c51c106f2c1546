import { success } from "@/core/result";
import { servedToWrite } from "@/server/database";
import { answer, answerInSteps, streamedFile } from "@/server/edge";
import { runJob } from "@/server/jobs";
import { makeFile } from "@/server/saving";
import { sentFile } from "@/server/uploads";
import { MAX_LOG_BYTES, type ReadRounds } from "@/wire";

/** The whole log, as comma-separated values. */
export function GET({ signal }: Request): Promise<Response> {
  return answer(async () => {
    const made = await makeFile("log", { signal });
    return streamedFile(made, made.clear);
  });
}

/** Reads a log; with ?keep=1 what was understood is added to the player's. */
export function POST(request: Request): Promise<Response> {
  return answerInSteps(request, async (steps) => {
    const isKept = new URL(request.url).searchParams.get("keep") === "1";
    if (isKept) servedToWrite();
    const { path, clear } = await sentFile(request, MAX_LOG_BYTES);
    try {
      const read: ReadRounds = await runJob("readLogTable", { path, isKept }, steps);
      return Response.json(success(read));
    } finally {
      clear();
    }
  });
}
