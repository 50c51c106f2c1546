import { type Result } from "@/core/result";
import { type OpenedComparison } from "@/state";

/** A saved comparison, whole; null where the server does not answer or has it no more. */
export async function fetchComparison(id: number): Promise<OpenedComparison | null> {
  try {
    const response = await fetch(`/comparisons/${id}`, { cache: "no-store" });
    const result = (await response.json()) as Result<OpenedComparison>;
    return result.ok ? result.value : null;
  } catch {
    return null;
  }
}
