import { type Database } from "better-sqlite3";
import { prepared } from "./prepared";

interface Known {
  readonly state: string;
  readonly results: Map<string, unknown>;
}

const knownOf = new WeakMap<Database, Known>();

/**
 * Caches the result of `work` under a name until anything in the database changes, through this connection or another.
 * Callers share the result and must not change it.
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
  // Work that changed the database itself is not cached.
  if (stateOf(connection) === state) known.results.set(name, result);
  return result;
}

/** Differs after every change: `total_changes` counts those of this connection, `data_version` those of others. */
function stateOf(connection: Database): string {
  const own = prepared(connection, "SELECT total_changes()").pluck().get();
  const others = connection.pragma("data_version", { simple: true });
  return `${String(own)} ${String(others)}`;
}
