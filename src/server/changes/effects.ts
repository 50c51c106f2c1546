import { type Database } from "better-sqlite3";
import { loadChoice } from "@/server/choice";
import { guitarKeeper, loadProfile } from "@/server/tables";
import { changedSince, firstKept, prepared } from "@/server/keeper";
import { isLogged, PLAYER_ID } from "@/state";
import { type Effect } from "@/wire";
import { ALL_KEEPERS } from "./keepers";

/** Everything that was changed after a revision, as it is now; of the choice, what every window shares. */
export function effectsSince(connection: Database, revision: number): readonly Effect[] {
  // A log may have grown by thousands; pages that show it ask for the part they show.
  const inRigs = ALL_KEEPERS.filter(({ kind }) => !isLogged(kind));
  const listed = inRigs.flatMap((keeper) =>
    changedSince(connection, keeper, revision).map((stored) => ({
      kind: keeper.kind,
      id: stored.id,
      revision: stored.revision,
      value: stored.deleted ? null : (keeper.listed?.(stored.value) ?? stored.value),
    })),
  ) as Effect[];
  return [...listed, ...profileSince(connection, revision), ...settingsSince(connection, revision)];
}

function profileSince(connection: Database, since: number): readonly Effect[] {
  if (revisionIn(connection, "SELECT revision FROM player WHERE id = ?") <= since) return [];
  const { value, revision } = loadProfile(connection);
  return [{ kind: "profile", id: PLAYER_ID, revision, value }];
}

function settingsSince(connection: Database, since: number): readonly Effect[] {
  if (revisionIn(connection, "SELECT revision FROM choice WHERE player_id = ?") <= since) return [];
  const first = firstKept(connection, guitarKeeper);
  if (!first) return [];
  const { value, revision } = loadChoice(connection, { ...first.value, id: first.id });
  const { theme, hints, hearing } = value;
  return [{ kind: "choice", id: PLAYER_ID, revision, value: { theme, hints, hearing } }];
}

function revisionIn(connection: Database, select: string): number {
  return Number(prepared(connection, select).pluck().get(PLAYER_ID) ?? 0);
}
