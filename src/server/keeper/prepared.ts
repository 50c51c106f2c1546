import { type Database, type Statement } from "better-sqlite3";

const statements = new WeakMap<Database, Map<string, Statement>>();

/** A statement of a connection, compiled once. Always use the same text with the same mode (`pluck`, `raw`). */
export function prepared(connection: Database, sql: string): Statement {
  const known = statements.get(connection) ?? new Map<string, Statement>();
  statements.set(connection, known);
  const statement = known.get(sql) ?? connection.prepare(sql);
  known.set(sql, statement);
  return statement;
}
