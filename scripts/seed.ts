import { resolve } from "node:path";
import { openDatabase } from "@/server/database";
import { seedDemo } from "@/server/seed";

/** Makes the demo data in the folder given, from nothing: node scripts/seed.mjs FOLDER */
const folder = resolve(process.argv[2] ?? "data/demo");
const connection = openDatabase(folder);
seedDemo(connection);
connection.close();
console.log(`Demo data made in ${folder}`);
