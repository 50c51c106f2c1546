import { UNREADABLE_HEADER } from "@/proxy";

/** Runs once in the server's process, before the first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { closeAtTheEnd } = await import("@/server/database");
  const { markUnreadable } = await import("@/server/edge");
  closeAtTheEnd();
  markUnreadable(UNREADABLE_HEADER);
}
