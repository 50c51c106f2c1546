import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test } from "@jest/globals";
import Database from "better-sqlite3";
import { whileUnchanged } from ".";

test("is worked out again after a change by this connection or another, and only then", () => {
  const folder = mkdtempSync(join(tmpdir(), "tenon-unchanged-"));
  const path = join(folder, "any.sqlite");
  const [own, other] = [new Database(path), new Database(path)];
  try {
    own.pragma("journal_mode = WAL");
    own.exec("CREATE TABLE string (gauge INTEGER)");
    let worked = 0;
    const count = () =>
      whileUnchanged(own, "count", () => {
        worked++;
        return own.prepare("SELECT count(*) FROM string").pluck().get();
      });
    expect([count(), count(), worked]).toEqual([0, 0, 1]);
    own.exec("INSERT INTO string VALUES (46)");
    expect([count(), count(), worked]).toEqual([1, 1, 2]);
    other.exec("INSERT INTO string VALUES (36)");
    expect([count(), count(), worked]).toEqual([2, 2, 3]);
    expect(whileUnchanged(own, "another", () => "other")).toBe("other");
  } finally {
    own.close();
    other.close();
    rmSync(folder, { recursive: true });
  }
});
