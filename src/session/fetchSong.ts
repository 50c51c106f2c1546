import { type Result } from "@/core/result";
import { type OpenedSong } from "@/state";

/** A song, whole; null where the server does not answer or has it no more. */
export async function fetchSong(id: number): Promise<OpenedSong | null> {
  try {
    const response = await fetch(`/songs/${id}`, { cache: "no-store" });
    const result = (await response.json()) as Result<OpenedSong>;
    return result.ok ? result.value : null;
  } catch {
    return null;
  }
}
