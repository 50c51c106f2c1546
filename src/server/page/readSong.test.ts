import { afterAll, beforeAll, expect, test } from "@jest/globals";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { makeChanges } from "@/server/changes";
import { served } from "@/server/database";
import { seedDemo } from "@/server/seed";
import { readRig } from "@/server/choice";
import { findSongs, readSong, readSongOrLast } from ".";

let folder = "";
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "tenon-song-"));
  process.env.TENON_DATA = folder;
  seedDemo(served().connection);
});
afterAll(() => {
  served().connection.close();
  rmSync(folder, { recursive: true });
});

test("without a number, the song that was changed last and is not put away", () => {
  const { connection } = served();
  const songs = readRig(connection).rig.songs;
  const [first, second] = songs.map(({ id }) => id);
  expect(readSongOrLast(null)?.id).toBe(first);
  makeChanges(connection, [
    { act: "set", kind: "song", id: second ?? 0, fields: { chart: "| E5 |" }, key: "song-read-1" },
  ]);
  expect(readSongOrLast(null)).toMatchObject({ id: second, chart: "| E5 |" });
  makeChanges(connection, [
    { act: "set", kind: "song", id: second ?? 0, fields: { archived: true }, key: "song-read-2" },
  ]);
  expect(readSongOrLast(null)?.id).toBe(first);
  expect(readSong(second ?? 0)?.archived).toBe(true);
  makeChanges(connection, [{ act: "delete", kind: "song", id: second ?? 0, key: "song-read-3" }]);
  expect(readSong(second ?? 0)).toBeNull();
  expect(readSongOrLast(987_654)).toBeNull();
});

test("songs are found by what stands in their charts, whatever its case", () => {
  const { connection } = served();
  const song = readRig(connection).rig.songs[0];
  const line = String(
    readSong(song?.id ?? 0)
      ?.chart.split("\n")
      .find((each) => each.includes("|")),
  );
  expect(findSongs(` ${line.trim().toUpperCase()} `)).toContainEqual({
    id: song?.id,
    line: line.trim(),
  });
  expect(findSongs("")).toEqual([]);
  expect(findSongs("%")).toEqual(findSongs("%").filter((each) => each.line.includes("%")));
  expect(findSongs("x".repeat(101))).toEqual([]);
  makeChanges(connection, [
    { act: "delete", kind: "song", id: song?.id ?? 0, key: "song-found-1" },
  ]);
  expect(findSongs(line).some(({ id }) => id === song?.id)).toBe(false);
});
