import { answer, fileResponse, readJsonBody } from "@/server/edge";
import { pictureSchema } from "@/server/files";
import { runJob } from "@/server/jobs";

const MAX_BYTES = 512 * 1024;

/** Draws what a page shows on paper, as a PDF. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const picture = await readJsonBody(request, pictureSchema, MAX_BYTES);
    const pdf = await runJob("writePicture", picture, { signal: request.signal });
    return fileResponse({
      body: pdf as Uint8Array<ArrayBuffer>,
      name: `${picture.kind}.pdf`,
      type: "application/pdf",
    });
  });
}
