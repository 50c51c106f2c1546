import { success } from "@/core/result";
import { served } from "@/server/database";
import { answer } from "@/server/edge";
import { readPractice } from "@/server/practice";

/** What is remembered and how each drill stands, at a time and in a zone: ?at=1774800000000&zone=120 */
export function GET(request: Request): Promise<Response> {
  return answer(() => {
    const query = new URL(request.url).searchParams;
    const [atMs, zoneMin] = ["at", "zone"].map((name) => Number(query.get(name)) || 0);
    const now = { atMs: atMs || Date.now(), zoneMin: zoneMin ?? 0 };
    return Response.json(success(readPractice(served().connection, now)));
  });
}
