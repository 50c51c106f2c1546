import { MAX_BYTES } from "@/formats/files";
import { answerInSteps } from "@/server/edge";
import { runJob } from "@/server/jobs";
import { sentFile } from "@/server/uploads";

/** Looks at a file that the player brings in; nothing of it is kept. */
export function POST(request: Request): Promise<Response> {
  return answerInSteps(request, async (steps) => {
    const { path, clear } = await sentFile(request, MAX_BYTES);
    try {
      return Response.json(await runJob("readFile", { path }, steps));
    } finally {
      clear();
    }
  });
}
