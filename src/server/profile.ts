import { type Database } from "better-sqlite3";
import { profileSchema } from "./schemas";
import { upgradeSaved } from "./upgrade";
import { DEFAULT_PROFILE, type Profile } from "./types";

/** The player as saved, brought up to date; the defaults where nothing was. */
export function loadProfile(connection: Database): Profile {
  const row = connection.prepare("SELECT profile FROM player WHERE id = 1").get() as
    { profile: string } | undefined;
  const saved: unknown = row ? JSON.parse(row.profile) : null;
  return upgradeSaved(profileSchema, saved, DEFAULT_PROFILE)?.value ?? DEFAULT_PROFILE;
}

export function saveProfile(connection: Database, profile: Profile): void {
  connection
    .prepare(
      `INSERT INTO player (id, profile) VALUES (1, ?)
       ON CONFLICT (id) DO UPDATE SET profile = excluded.profile`,
    )
    .run(JSON.stringify(profile));
}
