import { mkdtempSync, openSync, closeSync, readFileSync, rmSync, writeSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test } from "@jest/globals";
import { seedDemo } from "@/server/seed";
import { findDamage } from "./findDamage";
import { dataFile } from "./folder";
import { openDatabase } from "./open";

const PAGE_BYTES = 4096;

test("damage inside a page is found; a sound file has none", async () => {
  const folder = mkdtempSync(join(tmpdir(), "tenon-damage-"));
  try {
    const connection = openDatabase(folder);
    seedDemo(connection);
    connection.close();
    const file = dataFile(folder);
    expect(await findDamage(file)).toBeNull();
    const pages = Math.floor(readFileSync(file).length / PAGE_BYTES);
    const handle = openSync(file, "r+");
    writeSync(handle, Buffer.alloc(PAGE_BYTES, 0xa5), 0, PAGE_BYTES, PAGE_BYTES * (pages >> 1));
    closeSync(handle);
    expect(await findDamage(file)).not.toBeNull();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
