import { type Database } from "better-sqlite3";
import { validate } from "@/server/edge";
import { setAside, prepared } from "@/server/keeper";
import { DEFAULT_PROFILE, PLAYER_ID, type Profile } from "@/state";
import { PROFILE_FORMAT, readSaved, type Upgraded } from "@/state/saved";
import { profileSchema } from "@/state/schema";

interface PlayerRow {
  readonly profile: string;
  readonly format: number;
  readonly revision: number;
}

/** The player as saved, brought up to date; the defaults, in which everything is replaced, where nothing can be read. */
export function loadProfile(
  connection: Database,
): Upgraded<Profile> & { readonly revision: number } {
  const row = prepared(connection, "SELECT profile, format, revision FROM player WHERE id = ?").get(
    PLAYER_ID,
  ) as PlayerRow | undefined;
  const read = row && readSaved(PROFILE_FORMAT, row.profile, row.format);
  const unread = { value: DEFAULT_PROFILE, replaced: row ? ["everything"] : [] };
  return { ...(read ?? unread), revision: row?.revision ?? 0 };
}

/** Changes fields of the profile; what could not be read of it is set aside first. */
export function changeProfile(
  connection: Database,
  fields: Partial<Profile>,
  revision: number,
): void {
  const { value, replaced } = loadProfile(connection);
  const next = validate(profileSchema, { ...value, ...fields });
  if (replaced.length > 0) {
    setAside(connection, "profile", "SELECT profile FROM player WHERE id = ?", PLAYER_ID);
  }
  prepared(
    connection,
    `INSERT INTO player (id, profile, format, revision) VALUES (@id, @profile, @format, @revision)
       ON CONFLICT (id) DO UPDATE SET profile = excluded.profile, format = excluded.format,
         revision = excluded.revision`,
  ).run({
    id: PLAYER_ID,
    profile: JSON.stringify(next),
    format: PROFILE_FORMAT.version,
    revision,
  });
}
