import { readStart } from "@/server/choice";
import { dataMark } from "@/server/changes";
import {
  closeIfDamaged,
  dataFolder,
  DataTrouble,
  isDamage,
  migrationsFolder,
  newestGoodCopy,
  newestVersion,
  served,
} from "@/server/database";
import { offered } from "@/server/facts";
import { type Start, type Trouble } from "@/wire";
import { BUILD } from "@/wire/build";

/** What a page is made of: where the player left off, or what is wrong with the data. */
type PageData =
  | { readonly start: Start; readonly trouble: null }
  | { readonly start: null; readonly trouble: Trouble };

/** Reads what a page needs. Whatever is wrong with the data becomes something a page can say. */
export function readPage(search: string, path: string): PageData {
  try {
    const { connection, readOnly, notes } = served();
    const start = readStart(connection, search, path);
    const { identity, revision } = dataMark(connection);
    return {
      start: {
        ...start,
        problems: [...notes, ...start.problems],
        origin: { build: BUILD, identity, revision, readOnly },
      },
      trouble: null,
    };
  } catch (error) {
    console.error(error);
    closeIfDamaged(error);
    return { start: null, trouble: troubleOf(error) };
  }
}

function troubleOf(error: unknown): Trouble {
  const folder = dataFolder();
  const isHeld = error instanceof DataTrouble && error.kind === "in use";
  // What another Tenon has open is not replaced behind its back.
  const copy = isHeld ? null : newestGoodCopy(folder, newestVersion(migrationsFolder()));
  if (error instanceof DataTrouble) {
    return { kind: error.kind, folder, detail: error.detail, copy: copy && offered(copy) };
  }
  const kind = isDamage(error) ? "damaged" : "unknown";
  return { kind, folder, detail: "", copy: copy && offered(copy) };
}
