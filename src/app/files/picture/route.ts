import { answer, fileResponse, readJsonBody } from "@/server/edge";
import { pictureSchema, writePicture } from "@/server/files";

const MAX_BYTES = 512 * 1024;

/** Draws what a page shows on paper, as a PDF. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const picture = await readJsonBody(request, pictureSchema, MAX_BYTES);
    return fileResponse({
      body: writePicture(picture) as Uint8Array<ArrayBuffer>,
      name: `${picture.kind}.pdf`,
      type: "application/pdf",
    });
  });
}
