import { type Database } from "better-sqlite3";

/**
 * Gives restored or exchanged data a new identity, so that changes from pages made from the old data are refused: a revision
 * number that such a page knows stands for different changes here.
 */
export function giveNewIdentity(connection: Database): void {
  const columns = connection.prepare("SELECT name FROM pragma_table_info('data')").pluck().all();
  // Files of the first versions have none; the migration that adds the column fills it.
  if (!columns.includes("identity")) return;
  connection.exec("UPDATE data SET identity = lower(hex(randomblob(16)))");
}
