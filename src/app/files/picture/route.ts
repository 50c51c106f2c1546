import { answerWritten } from "@/server/edge";
import { pictureSchema, writePicture } from "@/server/files";

const MAX_BYTES = 512 * 1024;

/** Draws what a page shows on paper, as a PDF. */
export function POST(request: Request): Promise<Response> {
  return answerWritten(request, MAX_BYTES, pictureSchema, (question) => ({
    content: writePicture(question),
    name: `${question.kind}.pdf`,
    told: [],
  }));
}
