import { type Database } from "better-sqlite3";
import { prepared } from "./prepared";

interface Known {
  readonly state: string;
  readonly results: Map<string, unknown>;
}

const knownOf = new WeakMap<Database, Known>();

/**
 * What the work gives for the data as they are, under a name; done again once anything in them was changed, by whichever
 * connection. The result is shared and must not be changed.
 */
export function whileUnchanged<T>(connection: Database, name: string, work: () => T): T {
  let known = knownOf.get(connection);
  const state = stateOf(connection);
  if (known?.state !== state) {
    known = { state, results: new Map() };
    knownOf.set(connection, known);
  }
  if (known.results.has(name)) return known.results.get(name) as T;
  const result = work();
  // What the work itself changed is in its result.
  if (stateOf(connection) === state) known.results.set(name, result);
  return result;
}

/** Differs after every change: the engine counts its own changes, and notices those of other connections. */
function stateOf(connection: Database): string {
  const own = prepared(connection, "SELECT total_changes()").pluck().get();
  const others = connection.pragma("data_version", { simple: true });
  return `${String(own)} ${String(others)}`;
}
