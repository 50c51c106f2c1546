import { served } from "@/server/database";
import { findKept, prepared } from "@/server/keeper";
import { songKeeper } from "@/server/tables";
import { type OpenedSong } from "@/state";

/** The song of a number; without one, the song that was changed last, unless it is archived. */
export function readSongOrLast(id: number | null): OpenedSong | null {
  if (id !== null) return readSong(id);
  const ids = prepared(
    served().connection,
    `SELECT id FROM song WHERE deleted_at IS NULL AND archived = 0
     ORDER BY revision DESC, id DESC`,
  )
    .pluck()
    .all() as readonly number[];
  for (const each of ids) {
    const song = readSong(each);
    if (song) return song;
  }
  return null;
}

/** A song that is not deleted; null where there is none of that number. */
export function readSong(id: number): OpenedSong | null {
  const found = findKept(served().connection, songKeeper, id);
  if (!found || found.deleted) return null;
  return { ...found.value, id: found.id, revision: found.revision };
}
