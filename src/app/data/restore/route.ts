import { object, string } from "yup";
import { restoreCopy } from "@/server/database";
import { answerPost } from "@/server/edge";

const schema = object({ copy: string().required().max(100) }).noUnknown();

/** Puts a copy in the place of the data, which are kept beside it. */
export function POST(request: Request): Promise<Response> {
  return answerPost(request, schema, ({ copy }) => restoreCopy(copy));
}
