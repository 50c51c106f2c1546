import { type Database } from "better-sqlite3";
import { type Problem } from "@/core/result";
import { type Rig } from "@/state";
import { type Act, type Change } from "@/wire";
import { makeChanges } from "../changes";
import { rigOf } from "./makers";

let count = 0;

/** An act under a key of its own. */
export function keyed(act: Act): Change {
  return { ...act, key: `change-${++count}` };
}

/** Does things one after the other, and answers the rig; throws where one is refused. */
export function done(connection: Database, ...acts: readonly Act[]): Rig {
  for (const { problem } of makeChanges(connection, acts.map(keyed))) {
    if (problem) throw new Error(problem.message);
  }
  return rigOf(connection);
}

/** Why something is refused, whatever was sent; null where it is done. */
export function problemOf(connection: Database, act: unknown): Problem | null {
  return makeChanges(connection, [keyed(act as Act)])[0]?.problem ?? null;
}
