import { type Database } from "better-sqlite3";
import { ALL_KEEPERS } from "@/server/changes";
import { unreadableRows, listSetAside } from "@/server/keeper";

/** Something that this Tenon cannot read, as it was saved. */
export interface Unreadable {
  readonly kind: string;
  readonly saved: unknown;
}

/** Rows that cannot be read, and what was set aside before it was written over. */
export function readUnreadable(connection: Database): readonly Unreadable[] {
  return [
    ...ALL_KEEPERS.flatMap((keeper) =>
      unreadableRows(connection, keeper).map((saved) => ({ kind: keeper.kind, saved })),
    ),
    ...listSetAside(connection).map(({ kind, ...saved }) => ({ kind, saved })),
  ];
}
