import { type Database } from "better-sqlite3";
import { Refused, validate } from "@/server/edge";
import { setAside, prepared } from "@/server/keeper";
import { DEFAULT_CHOICE, PLAYER_ID, type Choice, type Guitar } from "@/state";
import { CHOICE_VERSION, choiceFormat, readSaved, type Upgraded } from "@/state/saved";
import { choiceSchema } from "@/state/schema";

interface ChoiceRow {
  readonly content: string;
  readonly format: number;
  readonly revision: number;
}

/** The last choice as read, with `isSaved` false where none ever was. */
interface LoadedChoice extends Upgraded<Choice> {
  readonly isSaved: boolean;
  readonly revision: number;
}

/** The last choice, brought up to date; where nothing can be read, the defaults on the first guitar as it is tuned now. */
export function loadChoice(connection: Database, first: Guitar): LoadedChoice {
  const row = prepared(
    connection,
    "SELECT content, format, revision FROM choice WHERE player_id = ?",
  ).get(PLAYER_ID) as ChoiceRow | undefined;
  const plain: Choice = { ...DEFAULT_CHOICE, guitarId: first.id, tuningMidi: first.tunedMidi };
  const read = row && readSaved(choiceFormat(plain), row.content, row.format);
  const unread = { value: plain, replaced: row ? ["everything"] : [] };
  return { ...(read ?? unread), isSaved: Boolean(row), revision: row?.revision ?? 0 };
}

/**
 * Changes fields of the last choice. Each field must be valid alone; what no longer fits together, because two
 * windows changed different fields, is mended when it is read.
 */
export function changeChoice(
  connection: Database,
  fields: Partial<Choice>,
  revision: number,
  first: Guitar,
): void {
  const { value, replaced } = loadChoice(connection, first);
  const names = Object.keys(fields) as (keyof Choice)[];
  const unknown = names.find((name) => !Object.hasOwn(choiceSchema.fields, name));
  if (unknown) throw new Refused("fields", "the choice has an unknown field");
  validate(choiceSchema.pick(names), fields);
  if (replaced.length > 0) {
    setAside(connection, "choice", "SELECT content FROM choice WHERE player_id = ?", PLAYER_ID);
  }
  prepared(
    connection,
    `INSERT INTO choice (player_id, content, format, revision)
       VALUES (@id, @content, @format, @revision)
       ON CONFLICT (player_id) DO UPDATE SET content = excluded.content, format = excluded.format,
         revision = excluded.revision`,
  ).run({
    id: PLAYER_ID,
    content: JSON.stringify({ ...value, ...fields }),
    format: CHOICE_VERSION,
    revision,
  });
}
