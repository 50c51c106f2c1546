import { blockOf, type Sitting } from "@/core/practice";

/** Where the browser keeps a sitting that waits; the rounds themselves are in the log. */
const KEY = "tenon-sitting";
/** The sitting that waits in this browser; null where there is none, or it makes no sense. */
export async function keptSitting(): Promise<Sitting | null> {
  try {
    const saved: unknown = JSON.parse(localStorage.getItem(KEY) ?? "null");
    if (saved === null) return null;
    // Most pages have none, and need not know what one must be.
    const { sittingSchema } = await import("./sittingSchema");
    if (!sittingSchema.isValidSync(saved, { strict: true })) return null;
    const sitting = saved as unknown as Sitting;
    return blockOf(sitting) ? sitting : null;
  } catch {
    return null;
  }
}

/** Keeps a sitting for a reload; null forgets it. A browser that keeps nothing loses only where it stopped. */
export function keepSitting(sitting: Sitting | null): void {
  try {
    if (sitting) localStorage.setItem(KEY, JSON.stringify(sitting));
    else localStorage.removeItem(KEY);
  } catch {
    // The browser keeps nothing: the sitting goes on, and its rounds are in the log.
  }
}
