import { success } from "@/core/result";
import { served } from "@/server/database";
import { readTimedRounds } from "@/server/practice";

/** The rounds from which the hand's constants are fitted. */
export function GET(): Response {
  return Response.json(success(readTimedRounds(served().connection)));
}
