import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, test } from "@jest/globals";
import { openDatabase } from "@/server/database";
import { seedDemo } from "@/server/seed";
import { askCommandLater, resultLater } from "./testing";

let folder: string;
const before = process.env.TENON_DATA;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-cli-"));
  process.env.TENON_DATA = join(folder, "data");
  const connection = openDatabase(join(folder, "data"));
  seedDemo(connection);
  connection.close();
});
afterAll(() => {
  if (before === undefined) delete process.env.TENON_DATA;
  else process.env.TENON_DATA = before;
  rmSync(folder, { recursive: true, force: true });
});

test("everything goes out as JSON and as a backup, which is restored elsewhere", async () => {
  const json = join(folder, "all.json");
  const zip = join(folder, "all.zip");
  expect((await resultLater<{ path: string }>("export", { out: json })).path).toBe(json);
  const all = JSON.parse(readFileSync(json, "utf8")) as { songs: unknown[]; guitars: unknown[] };
  const { bytes } = await resultLater<{ bytes: number }>("backup", { out: zip });
  expect(bytes).toBe(readFileSync(zip).length);
  process.env.TENON_DATA = join(folder, "elsewhere");
  const { restored } = await resultLater<{ restored: Record<string, number> }>("restore", {
    in: zip,
  });
  expect(restored).toMatchObject({ songs: all.songs.length, guitars: all.guitars.length });
  const again = join(folder, "again.json");
  await resultLater("export", { out: again });
  const other = JSON.parse(readFileSync(again, "utf8")) as object;
  expect({ ...other, madeAt: "" }).toEqual({ ...all, madeAt: "" });
});

test("what is missing or no backup names its argument", async () => {
  process.env.TENON_DATA = join(folder, "nowhere");
  expect((await askCommandLater("export", { out: join(folder, "x") })).error).toMatchObject({
    field: "out",
  });
  expect((await askCommandLater("backup", {})).error).toMatchObject({ field: "out" });
  expect(
    (await askCommandLater("restore", { in: join(folder, "none.zip") })).error.message,
  ).toMatch(/no such file/);
  const text = join(folder, "text.zip");
  writeFileSync(text, "no zip");
  expect((await askCommandLater("restore", { in: text })).error).toMatchObject({ field: "in" });
});
