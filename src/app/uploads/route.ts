import { number, object } from "yup";
import { success } from "@/core/result";
import { answer, readJsonBody } from "@/server/edge";
import { startUpload } from "@/server/uploads";
import { type UploadState } from "@/wire";

const schema = object({ bytes: number().integer().positive().required() }).noUnknown();

/** Begins a file that arrives in pieces: {"bytes": 15500000} */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const { bytes } = await readJsonBody(request, schema);
    const { id, receivedBytes } = await startUpload(bytes);
    return Response.json(success<UploadState>({ id, receivedBytes }));
  });
}
