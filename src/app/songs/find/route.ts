import { success } from "@/core/result";
import { findSongs } from "@/server/page";

/** The songs whose chart holds the text `for`, each with the first line that does. */
export function GET(request: Request): Response {
  const text = new URL(request.url).searchParams.get("for") ?? "";
  return Response.json(success(findSongs(text)));
}
