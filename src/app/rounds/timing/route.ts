import { success } from "@/core/result";
import { answer } from "@/server/edge";
import { askLog } from "@/server/jobs";

/** The rounds from which the hand's constants are fitted. */
export function GET(): Promise<Response> {
  return answer(async () => Response.json(success(await askLog("readTimedRounds", null))));
}
