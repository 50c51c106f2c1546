import { makeChanges } from "@/server/changes";
import { openDatabase } from "@/server/database";

/**
 * A program of its own that writes into the same file, and now and then holds its lock: tsx otherWriter.mts FOLDER MS.
 * Prints how many changes it made.
 */
const [folder = "", durationMs = "1000"] = process.argv.slice(2);
const HOLD_MS = 700;
const connection = openDatabase(folder);
const until = Date.now() + Number(durationMs);
let made = 0;
for (let round = 0; Date.now() < until; round++) {
  if (round % 10 === 9) hold();
  const key = `other-${process.pid}-${round}`;
  const name = `Other ${round}`;
  const [outcome] = makeChanges(connection, [
    { act: "set", kind: "guitar", id: 1, fields: { name }, key },
  ]);
  if (outcome?.problem === null) made += 1;
  await new Promise((resolve) => setTimeout(resolve, 20));
}
connection.close();
console.log(made);

function hold(): void {
  connection.exec("BEGIN IMMEDIATE");
  Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, HOLD_MS);
  connection.exec("COMMIT");
}
