import { served } from "@/server/database";
import { findKept, listKept } from "@/server/keeper";
import { songKeeper } from "@/server/tables";
import { type OpenedSong } from "@/state";

/** The song of a number; without one, the song that was changed last, unless it archived. */
export function readSongOrLast(id: number | null): OpenedSong | null {
  if (id !== null) return readSong(id);
  const songs = listKept(served().connection, songKeeper).filter(({ value }) => !value.archived);
  const last = songs.toSorted((a, b) => b.revision - a.revision || b.id - a.id)[0];
  return last ? { ...last.value, id: last.id, revision: last.revision } : null;
}

/** A song that is not deleted; null where there is none of that number. */
export function readSong(id: number): OpenedSong | null {
  const found = findKept(served().connection, songKeeper, id);
  if (!found || found.deleted) return null;
  return { ...found.value, id: found.id, revision: found.revision };
}
