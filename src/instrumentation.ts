/** Runs once in the server's process, before the first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { closeAtTheEnd } = await import("@/server/database");
  closeAtTheEnd();
}
