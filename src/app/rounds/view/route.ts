import { success } from "@/core/result";
import { readLogFilter } from "@/formats/address";
import { answer, wholeNumber } from "@/server/edge";
import { askLog } from "@/server/jobs";

/** A part of the log of practice: ?from=2026-03-01&kind=move&skip=40 */
export function GET(request: Request): Promise<Response> {
  return answer(async () => {
    const query = new URL(request.url).searchParams;
    const [filter, skip] = [readLogFilter(query), wholeNumber(query.get("skip"))];
    return Response.json(success(await askLog("readLog", { filter, skip })));
  });
}
