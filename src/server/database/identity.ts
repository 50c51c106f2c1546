import { type Database } from "better-sqlite3";

/**
 * Gives data that were restored or exchanged an identity of their own. A page that was made from the data before then
 * gets no answer to its changes: the revision that it knows would mean other changes here.
 */
export function giveNewIdentity(connection: Database): void {
  const columns = connection.prepare("SELECT name FROM pragma_table_info('data')").pluck().all();
  // The first versions had none; the migration that adds one makes it anew.
  if (!columns.includes("identity")) return;
  connection.exec("UPDATE data SET identity = lower(hex(randomblob(16)))");
}
