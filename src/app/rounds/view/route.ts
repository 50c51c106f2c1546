import { success } from "@/core/result";
import { readLogFilter } from "@/formats/address";
import { served } from "@/server/database";
import { answer, wholeNumber } from "@/server/edge";
import { readLog } from "@/server/practice";

/** A part of the log of practice: ?from=2026-03-01&kind=move&skip=40 */
export function GET(request: Request): Promise<Response> {
  return answer(() => {
    const query = new URL(request.url).searchParams;
    const skip = wholeNumber(query.get("skip"));
    return Response.json(success(readLog(served().connection, readLogFilter(query), skip)));
  });
}
