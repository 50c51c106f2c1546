import { number, object } from "yup";
import { undoRoundImport } from "@/server/changes";
import { served } from "@/server/database";
import { success } from "@/core/result";
import { answer, readJsonBody } from "@/server/edge";

const schema = object({ batch: number().integer().positive().required() }).noUnknown();

/** Takes the rounds of one file out of the log again. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const { batch } = await readJsonBody(request, schema);
    undoRoundImport(served().connection, batch);
    return Response.json(success(null));
  });
}
