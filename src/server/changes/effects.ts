import { type Database } from "better-sqlite3";
import { loadChoice } from "@/server/choice";
import { guitarKeeper } from "@/server/guitars";
import { changedSince, listKept } from "@/server/keeper";
import { loadProfile } from "@/server/profile";
import { PLAYER_ID, type Effect, type Settings } from "@/state";
import { ALL_KEEPERS } from "./keepers";

/** Everything that was changed after a revision, as it is now; of the choice, what every window shares. */
export function effectsSince(connection: Database, revision: number): readonly Effect[] {
  const listed = ALL_KEEPERS.flatMap((keeper) =>
    changedSince(connection, keeper, revision).map((stored) => ({
      kind: keeper.kind,
      id: stored.id,
      revision: stored.revision,
      value: stored.deleted ? null : (keeper.listed?.(stored.value) ?? stored.value),
    })),
  ) as Effect[];
  const profile = loadProfile(connection);
  if (profile.revision > revision) {
    listed.push({
      kind: "profile",
      id: PLAYER_ID,
      revision: profile.revision,
      value: profile.value,
    });
  }
  const [first] = listKept(connection, guitarKeeper);
  const choice = first && loadChoice(connection, { ...first.value, id: first.id });
  if (choice && choice.revision > revision) {
    const { theme, hints, hearing } = choice.value;
    const settings: Settings = { theme, hints, hearing };
    listed.push({ kind: "choice", id: PLAYER_ID, revision: choice.revision, value: settings });
  }
  return listed;
}
