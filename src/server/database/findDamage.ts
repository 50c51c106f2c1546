import { execFile } from "node:child_process";
import { existsSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";

/** Run by a process of its own, because the check reads every page and would block all requests meanwhile. */
const CHECK = `
const Database = require(process.argv[1]);
const connection = new Database(process.argv[2], { readonly: true, fileMustExist: true });
const problems = connection.pragma("integrity_check(5)").map((row) => row.integrity_check);
connection.close();
process.stdout.write(JSON.stringify(problems));
`;
const SOUND = JSON.stringify(["ok"]);
const LONGEST_TEXT = 300;

/** What is damaged in a data file, in the engine's words; null where nothing is, or where it could not be checked. */
export async function findDamage(file: string): Promise<string | null> {
  const engine = createRequire(join(process.cwd(), "package.json")).resolve("better-sqlite3");
  return new Promise((resolve) => {
    // Without the options of this process, which may load more than the check needs.
    const env = { ...process.env, NODE_OPTIONS: "" };
    execFile(process.execPath, ["-e", CHECK, engine, file], { env }, (error, output, words) => {
      if (error === null) return resolve(output === SOUND ? null : output.slice(0, LONGEST_TEXT));
      const isDamage = /SQLITE_(CORRUPT|NOTADB)|malformed|not a database/.test(words);
      // A folder that went away meanwhile is reported by the next request for the data.
      if (!isDamage && existsSync(file)) console.warn("The data file cannot be checked:", words);
      resolve(isDamage ? "the file is malformed" : null);
    });
  });
}
