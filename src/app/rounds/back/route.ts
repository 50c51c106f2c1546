import { number, object } from "yup";
import { takeBackRounds } from "@/server/changes";
import { served } from "@/server/database";
import { answerPost } from "@/server/edge";

const schema = object({ batch: number().integer().positive().required() }).noUnknown();

/** Takes the rounds of one file out of the log again. */
export function POST(request: Request): Promise<Response> {
  return answerPost(request, schema, ({ batch }) => {
    takeBackRounds(served().connection, batch);
  });
}
