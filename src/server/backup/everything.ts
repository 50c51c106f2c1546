import { type Database } from "better-sqlite3";
import { KEEPERS } from "@/server/changes";
import { listKept, type Keeper } from "@/server/keeper";
import { loadProfile } from "@/server/tables";
import { type Kept, type ListedKind } from "@/state";

/** Version of the exported JSON. Version 1 had older names for some fields (docs/formats.md). */
export const EVERYTHING_VERSION = 2;

/** What each kind is called where all of a player's things are listed. */
const LIST_NAMES = {
  guitar: "guitars",
  tuning: "tunings",
  voicing: "voicings",
  favourite: "favourites",
  pin: "pins",
  comparison: "comparisons",
  song: "songs",
  round: "rounds",
  journal: "notes",
} as const satisfies Readonly<Record<ListedKind, string>>;
type ListName = (typeof LIST_NAMES)[ListedKind];

/** How many there are of each. */
export type KeptCounts = Readonly<Record<ListName, number>>;

/** Everything of a player, as values that can be written as JSON. */
export function everything(connection: Database, madeAt: Date) {
  const lists = Object.fromEntries(
    (Object.keys(LIST_NAMES) as ListedKind[]).map((kind) => [
      LIST_NAMES[kind],
      listOf(connection, KEEPERS[kind] as Keeper<typeof kind>),
    ]),
  ) as unknown as Readonly<
    Record<ListName, readonly (Kept[ListedKind] & { readonly id: number })[]>
  >;
  return {
    version: EVERYTHING_VERSION,
    madeAt: madeAt.toISOString(),
    player: loadProfile(connection).value,
    ...lists,
  };
}

function listOf<K extends ListedKind>(connection: Database, keeper: Keeper<K>) {
  return listKept(connection, keeper).map(({ id, value }) => ({ id, ...value }));
}

/** How many of each kind there are. */
export function countsOf(connection: Database): KeptCounts {
  return Object.fromEntries(
    (Object.keys(LIST_NAMES) as ListedKind[]).map((kind) => [
      LIST_NAMES[kind],
      listKept(connection, KEEPERS[kind] as Keeper<typeof kind>).length,
    ]),
  ) as KeptCounts;
}
