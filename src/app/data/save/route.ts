import { object, string } from "yup";
import { success } from "@/core/result";
import { answer, answerInSteps, readJsonBody, streamedFile } from "@/server/edge";
import { keepReady, makeFile, takeReady } from "@/server/saving";
import { FILES_TO_SAVE } from "@/wire";

const schema = object({ kind: string().oneOf(FILES_TO_SAVE).required() }).noUnknown();

/** Makes a file to be saved, and says under which id it is fetched: {"kind": "backup"} */
export function POST(request: Request): Promise<Response> {
  return answerInSteps(request, async (steps) => {
    const { kind } = await readJsonBody(request, schema);
    const file = await makeFile(kind, steps);
    // Nobody would fetch it.
    if (steps.signal.aborted) file.clear();
    steps.signal.throwIfAborted();
    return Response.json(success({ id: keepReady(file) }));
  });
}

/** The file that was made: ?id=... */
export function GET(request: Request): Promise<Response> {
  return answer(() => {
    const file = takeReady(new URL(request.url).searchParams.get("id") ?? "");
    return streamedFile(file, file.clear);
  });
}
