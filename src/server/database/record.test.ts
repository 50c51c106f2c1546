import { appendFileSync, mkdtempSync, rmSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals";
import { lostText } from "./lostText";
import { beginRecord, hasRecord, lostLines, readRecord, type RecordLine } from "./record";

let folder = "";
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-record-"));
});
afterEach(() => rmSync(folder, { recursive: true }));

const line = (revision: number, what = "set guitar"): RecordLine => ({
  identity: "these",
  revision,
  at: `2026-11-26T12:00:0${revision}.000Z`,
  what,
});

describe("the record of what was acknowledged", () => {
  test("begins anew, readable by its owner only, and is read back", () => {
    expect([hasRecord(folder), readRecord(folder)]).toEqual([false, []]);
    beginRecord(folder, line(1)).close();
    const record = beginRecord(folder, line(2, "open"));
    record.write([line(3), line(4)]);
    record.close();
    expect(readRecord(folder).map(({ revision }) => revision)).toEqual([2, 3, 4]);
    expect(statSync(join(folder, "tenon-record.jsonl")).mode & 0o077).toBe(0);
  });

  test("may end in the middle of a line, after a crash", () => {
    beginRecord(folder, line(1)).close();
    appendFileSync(join(folder, "tenon-record.jsonl"), '{"identity":"these","revi');
    expect(readRecord(folder)).toEqual([line(1)]);
  });

  test("tells what the data do not have, of these data only", () => {
    const all = [line(1), line(2), line(3), { ...line(9), identity: "others" }];
    expect(lostLines(all, { identity: "these", revision: 1 })).toEqual([line(2), line(3)]);
    expect(lostLines(all, { identity: "these", revision: 3 })).toEqual([]);
  });

  test("says it in one sentence, however much it is", () => {
    expect(lostText([line(2)])).toMatch(/^One saved change is missing .*\(set guitar\)/);
    const kinds = ["add pin", "add pin", "set profile", "add stack", "set choice", "add tuning"];
    expect(lostText(kinds.map((what, index) => line(index, what)))).toMatch(
      /^6 saved changes are missing .*\(add pin, set profile, add stack, set choice…\)/,
    );
  });
});
