import { existsSync } from "node:fs";
import { join } from "node:path";
import { openDatabase } from "@/server/database";
import { seedDemo } from "@/server/seed";
import { DATA_FOLDER } from "./settings";

const MODEL_FOLDER = `${DATA_FOLDER}-model`;
const TABLES = "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'";

/** Replaces all data by the demo data, which are made once for each worker and then copied. */
export function freshData(): void {
  if (!existsSync(MODEL_FOLDER)) {
    const model = openDatabase(MODEL_FOLDER);
    seedDemo(model);
    model.close();
  }
  const connection = openDatabase(DATA_FOLDER);
  connection.prepare("ATTACH ? AS model").run(join(MODEL_FOLDER, "tenon.sqlite"));
  const tables = connection.prepare<[], { name: string }>(TABLES).all();
  const copy = connection.transaction(() => {
    connection.pragma("defer_foreign_keys = ON");
    for (const { name } of tables) connection.exec(`DELETE FROM main."${name}"`);
    for (const { name } of tables) {
      connection.exec(`INSERT INTO main."${name}" SELECT * FROM model."${name}"`);
    }
    // Other data than before, so that nothing of an earlier journey is sent to them.
    connection.exec("UPDATE data SET identity = lower(hex(randomblob(16)))");
  });
  copy.immediate();
  connection.close();
}
