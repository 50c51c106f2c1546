import { success } from "@/core/result";
import { served } from "@/server/database";
import { answer } from "@/server/edge";
import { readTimedRounds } from "@/server/practice";

/** The rounds from which the hand's constants are fitted. */
export function GET(): Promise<Response> {
  return answer(() => {
    return Response.json(success(readTimedRounds(served().connection)));
  });
}
