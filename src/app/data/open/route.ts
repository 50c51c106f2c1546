import { boolean, object } from "yup";
import { takeWhatIsThere } from "@/server/database";
import { success } from "@/core/result";
import { answer, readJsonBody } from "@/server/edge";

const schema = object({ afresh: boolean().required() }).noUnknown();

/** Takes whatever is in the data folder now, on the player's word; with `afresh`, new data where there are none. */
export function POST(request: Request): Promise<Response> {
  return answer(async () => {
    takeWhatIsThere(await readJsonBody(request, schema));
    return Response.json(success(null));
  });
}
