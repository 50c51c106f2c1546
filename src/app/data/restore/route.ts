import { object, string } from "yup";
import { restoreCopy } from "@/server/database";
import { success } from "@/core/result";
import { answer, readJsonBody } from "@/server/edge";

const schema = object({ copy: string().required().max(100) }).noUnknown();

/** Puts a copy in the place of the data, which are kept beside it. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    const { copy } = await readJsonBody(request, schema);
    restoreCopy(copy);
    return Response.json(success(null));
  });
}
