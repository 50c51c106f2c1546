import { once } from "node:events";
import { statSync } from "node:fs";
import { join } from "node:path";
import { Worker } from "node:worker_threads";
import { describe, expect, test } from "@jest/globals";
import { addKept } from "@/server/keeper";
import { pinKeeper } from "@/server/tables";
import { freshDatabase, pinFor, rigOf } from "../testing";

const data = freshDatabase();

describe("the database", () => {
  test("an empty folder gets a plain guitar for six, seven and eight strings, once", () => {
    data.reopen();
    expect(rigOf(data.connection).guitars.map(({ usualMidi }) => usualMidi.length)).toEqual([
      6, 7, 8,
    ]);
  });

  test("it keeps its log beside it, writes to the disk, and holds to its references", () => {
    expect(data.connection.pragma("journal_mode", { simple: true })).toBe("wal");
    const full = 2;
    expect(data.connection.pragma("synchronous", { simple: true })).toBe(full);
    expect(() => addKept(data.connection, pinKeeper, pinFor(999))).toThrow(/FOREIGN KEY/);
  });

  test("only its owner can read it", () => {
    const modeOf = (path: string) => statSync(path).mode & 0o777;
    expect(modeOf(data.folder)).toBe(0o700);
    expect(modeOf(join(data.folder, "tenon.sqlite"))).toBe(0o600);
  });

  test("two processes that write at the same time both get through", async () => {
    const rounds = 150;
    // Another thread with a connection of its own, as a second process on the same file has.
    const other = new Worker(
      `const { workerData, parentPort } = require("node:worker_threads");
       const Database = require(workerData.driver);
       const connection = new Database(workerData.file, { timeout: 5000 });
       const write = connection.transaction((round) => {
         const { count } = connection.prepare("SELECT count(*) AS count FROM own_tuning").get();
         connection.prepare("INSERT INTO own_tuning (name, midi) VALUES (?, '[]')")
           .run("other " + round + " after " + count);
       });
       parentPort.postMessage("ready");
       for (let round = 0; round < workerData.rounds; round++) write.immediate(round);
       connection.close();`,
      {
        eval: true,
        workerData: {
          rounds,
          file: join(data.folder, "tenon.sqlite"),
          driver: require.resolve("better-sqlite3"),
        },
      },
    );
    const ended = once(other, "exit");
    await once(other, "message");
    const countRows = data.connection.prepare("SELECT count(*) FROM own_tuning").pluck();
    const insert = data.connection.prepare("INSERT INTO own_tuning (name, midi) VALUES (?, '[]')");
    const write = data.connection.transaction((round: number) => {
      insert.run(`own ${round} after ${String(countRows.get())}`);
    });
    for (let round = 0; round < rounds; round++) write.immediate(round);
    expect(await ended).toEqual([0]);
    const names = data.connection.prepare("SELECT name FROM own_tuning").pluck().all() as string[];
    // Each counted what was there before it: none was lost, and none saw half of another.
    const counts = names.map((name) => Number(name.split(" after ")[1])).sort((a, b) => a - b);
    expect(counts).toEqual(Array.from({ length: 2 * rounds }, (_, index) => index));
  }, 60_000);
});
