import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { renameInChange, type Change } from "@/wire";

/** A change that the server has not acknowledged yet. */
export interface Waiting {
  /** The data it belongs to; it is never sent to others. */
  readonly identity: string;
  readonly change: Change;
}

/** Where waiting changes outlive their page. */
export interface WaitingStore {
  /** Those of these data, in the order they were made. */
  readonly load: (identity: string) => Promise<readonly Change[]>;
  /** Those of any other data. */
  readonly loadOthers: (identity: string) => Promise<readonly Change[]>;
  readonly put: (waiting: readonly Waiting[]) => Promise<void>;
  readonly remove: (keys: readonly string[]) => Promise<void>;
}

interface WaitingDatabase extends DBSchema {
  waiting: { key: number; value: Waiting; indexes: { byKey: string } };
}

const [NAME, VERSION, TABLE] = ["tenon", 1, "waiting"] as const;

/** The browser's own database. Where it refuses one, changes wait in the page alone. */
export function browserStore(): WaitingStore {
  let isWarned = false;
  let opened: Promise<IDBPDatabase<WaitingDatabase>> | null = null;
  const open = () =>
    (opened ??= openDB<WaitingDatabase>(NAME, VERSION, {
      upgrade: (database) => {
        const table = database.createObjectStore(TABLE, { autoIncrement: true });
        table.createIndex("byKey", "change.key");
      },
    }));
  // One after the other, so that what is removed has been put before.
  let last: Promise<unknown> = Promise.resolve();
  const inTurn = <T>(work: (database: IDBPDatabase<WaitingDatabase>) => Promise<T>, without: T) => {
    const turn = last
      .then(open)
      .then(work)
      .catch((error: unknown) => {
        if (!isWarned) console.warn("The browser keeps no waiting changes:", error);
        isWarned = true;
        return without;
      });
    last = turn;
    return turn;
  };
  const list = (isWanted: (each: Waiting) => boolean) =>
    inTurn<readonly Change[]>(async (database) => {
      const all = await database.getAll(TABLE);
      // An earlier Tenon may have put them there.
      return all.filter(isWanted).map(({ change }) => renameInChange(change) as Change);
    }, []);
  return {
    load: (identity) => list((each) => each.identity === identity),
    loadOthers: (identity) => list((each) => each.identity !== identity),
    put: (waiting) =>
      inTurn(async (database) => {
        const { store, done } = database.transaction(TABLE, "readwrite");
        for (const each of waiting) void store.add(each);
        await done;
      }, undefined),
    remove: (keys) =>
      inTurn(async (database) => {
        const { store, done } = database.transaction(TABLE, "readwrite");
        for (const key of keys) {
          const found = await store.index("byKey").getKey(key);
          if (found !== undefined) await store.delete(found);
        }
        await done;
      }, undefined),
  };
}
