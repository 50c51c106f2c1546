import { success } from "@/core/result";
import { answer, wholeNumber } from "@/server/edge";
import { askLog } from "@/server/jobs";

/** The end of the last year that dates are written for. */
const LATEST_MS = Date.UTC(9999, 11, 31);
const ZONES_MIN = { min: -900, max: 900 };

/** What is remembered and how each drill stands, at a time and in a zone: ?at=1774800000000&zone=120 */
export function GET(request: Request): Promise<Response> {
  return answer(async () => {
    const query = new URL(request.url).searchParams;
    const atMs = wholeNumber(query.get("at"), { max: LATEST_MS });
    const zoneMin = query.has("zone") ? wholeNumber(query.get("zone"), ZONES_MIN) : 0;
    const now = { atMs: atMs || Date.now(), zoneMin };
    return Response.json(success(await askLog("readPractice", now)));
  });
}
