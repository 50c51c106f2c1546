import Database from "better-sqlite3";
import { copyInto, dataFile } from "@/server/database";

/** Copies the data of a folder into a file: node scripts/backup.mjs. Reads them as they are, without bringing them up to date. */
const [folder = "data", target = "tenon-copy.sqlite"] = process.argv.slice(2);
const WAIT_MS = 10_000;
const connection = new Database(dataFile(folder), { fileMustExist: true, timeout: WAIT_MS });
copyInto(connection, target);
connection.close();
console.log(`A whole copy of ${folder} is in ${target}`);
