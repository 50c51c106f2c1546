import { MAX_BYTES } from "@/formats/files";
import { answer, readBytes } from "@/server/edge";
import { readUpload } from "@/server/files";

/** Looks at a file that the player brings in; nothing of it is kept. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => Response.json(readUpload(await readBytes(request, MAX_BYTES))));
}
