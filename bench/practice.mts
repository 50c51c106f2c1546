import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { importRounds, makeChanges } from "../src/server/changes";
import { openDatabase } from "../src/server/database";
import { readLog, readPractice, readTimedRounds } from "../src/server/practice";
import { roundFor } from "../src/server/testing/makers";
import { WHOLE_LOG, type LogFilter } from "../src/state";
import { manyRounds } from "./load/manyRounds";

/**
 * A log of 100,000 rounds over eight years: how long each view of it takes on the server and how large it is, and what a
 * round more costs with everything on the disk.
 */
const ROUNDS = 100_000;
const VIEWS = 40;

const folder = mkdtempSync(join(tmpdir(), "tenon-practice-"));
const connection = openDatabase(folder);
try {
  const rounds = manyRounds(ROUNDS);
  const filling = performance.now();
  importRounds(connection, rounds, Date.now());
  console.log(`${ROUNDS} rounds taken in ${Math.round(performance.now() - filling)} ms`);

  const filters: readonly [string, Partial<LogFilter>, number?][] = [
    ["all of it", {}],
    ["all, far back", {}, 90_000],
    ["a month", { from: "2025-03-01", to: "2025-03-31" }],
    ["a year", { from: "2024-01-01", to: "2024-12-31" }],
    ["a kind", { kind: "move" }],
    ["a drill", { drill: "move:drill-1" }],
    ["a song", { songId: 2 }],
  ];
  for (const [name, filter, skip] of filters) {
    report(`view, ${name}`, () => readLog(connection, { ...WHOLE_LOG, ...filter }, skip));
  }
  const now = { atMs: Date.now(), zoneMin: 60 };
  const first = performance.now();
  readPractice(connection, now);
  console.log(`the room's start, after a restart: ${(performance.now() - first).toFixed(0)} ms`);
  report("the room's start", () => readPractice(connection, now));
  report("rounds for the constants", () => readTimedRounds(connection));
  let key = 0;
  report("a round more", () =>
    makeChanges(connection, [
      {
        act: "add",
        kind: "round",
        id: 1_000_000 + ++key,
        value: roundFor({ atMs: Date.now() }),
        key: `bench-practice-${key}`,
      },
    ]),
  );
} finally {
  connection.close();
  rmSync(folder, { recursive: true });
}

function report(name: string, work: () => unknown): void {
  const times: number[] = [];
  let bytes = 0;
  for (let turn = 0; turn < VIEWS; turn++) {
    const from = performance.now();
    const answer = work();
    times.push(performance.now() - from);
    bytes = Buffer.byteLength(JSON.stringify(answer));
  }
  times.sort((a, b) => a - b);
  const [median, p95] = [0.5, 0.95].map((share) => times[Math.floor(share * (VIEWS - 1))] ?? 0);
  console.log(
    `${name}: median ${median?.toFixed(1)} ms, p95 ${p95?.toFixed(1)} ms, ${(bytes / 1000).toFixed(1)} kB`,
  );
}
