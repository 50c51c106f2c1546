import { served } from "@/server/database";

/** A song whose chart holds what was looked for. */
interface FoundSong {
  readonly id: number;
  /** The first line that does. */
  readonly line: string;
}

const LONGEST_QUERY = 100;

/** Songs whose chart holds a text, whatever its case; none for an empty text or one beyond 100 characters. */
export function findSongs(text: string): readonly FoundSong[] {
  const wanted = text.trim().toLowerCase();
  if (wanted === "" || wanted.length > LONGEST_QUERY) return [];
  const songs = served()
    .connection.prepare<[], { id: number; chart: string }>(
      "SELECT id, chart FROM song WHERE deleted_at IS NULL ORDER BY id",
    )
    .iterate();
  const found: FoundSong[] = [];
  for (const { id, chart } of songs) {
    const line = chart.split(/\r?\n/).find((each) => each.toLowerCase().includes(wanted));
    if (line !== undefined) found.push({ id, line: line.trim() });
  }
  return found;
}
