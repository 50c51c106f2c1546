import { type Database } from "better-sqlite3";
import { KEEPERS } from "@/server/changes";
import { countKept, eachKept, type Keeper } from "@/server/keeper";
import { loadProfile } from "@/server/tables";
import { type ListedKind } from "@/state";

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
const KINDS = Object.keys(LIST_NAMES) as ListedKind[];

/** How many there are of each. */
export type KeptCounts = Readonly<Record<ListName, number>>;

/**
 * Everything of a player as the text of one JSON object, row by row, so that no more than a row is in memory. `last` are
 * fields that come after all others.
 */
export function* everythingText(
  connection: Database,
  madeAt: Date,
  last: Readonly<Record<string, unknown>> = {},
): Generator<string> {
  const first = {
    version: EVERYTHING_VERSION,
    madeAt: madeAt.toISOString(),
    player: loadProfile(connection).value,
  };
  yield JSON.stringify(first).slice(0, -1);
  for (const kind of KINDS) {
    yield `,${JSON.stringify(LIST_NAMES[kind])}:[`;
    let separator = "";
    for (const { id, value } of eachKept(connection, keeperOf(kind))) {
      // Joined as text: a copy of each row with one field more takes longer than all the rest.
      yield `${separator}{"id":${id},${JSON.stringify(value).slice(1)}`;
      separator = ",";
    }
    yield "]";
  }
  for (const [name, value] of Object.entries(last)) {
    yield `,${JSON.stringify(name)}:${JSON.stringify(value)}`;
  }
  yield "}";
}

/** How many of each kind there are. */
export function countsOf(connection: Database): KeptCounts {
  return Object.fromEntries(
    KINDS.map((kind) => [LIST_NAMES[kind], countKept(connection, keeperOf(kind))]),
  ) as KeptCounts;
}

function keeperOf(kind: ListedKind): Keeper {
  return KEEPERS[kind] as Keeper<typeof kind>;
}
