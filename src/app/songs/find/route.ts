import { success } from "@/core/result";
import { answer } from "@/server/edge";
import { findSongs } from "@/server/page";

/** The songs whose chart holds the text `for`, each with the first line that does. */
export function GET(request: Request): Promise<Response> {
  return answer(() => {
    const text = new URL(request.url).searchParams.get("for") ?? "";
    return Response.json(success(findSongs(text)));
  });
}
