import { describe, expect, test } from "@jest/globals";
import { DEFAULT_SONG_SETTINGS, NO_PLAY_LIMITS } from "@/core/arrangement";
import { findKept, listKept } from "@/server/keeper";
import { songKeeper } from "@/server/tables";
import { type Kept } from "@/state";
import { markFields, type Act } from "@/wire";
import { freshDatabase, rigOf, STANDARD } from "../testing";
import { makeChanges } from "./apply";

const data = freshDatabase();
const ID = 700;
let keys = 0;
const make = (act: Act) => {
  const key = `song-key-${++keys}`;
  const [outcome] = makeChanges(data.connection, [{ ...act, key }]);
  return { key, ...outcome };
};
const song: Kept["song"] = {
  name: "Slow Freight",
  chart: "| A5 | D5 |",
  guitarId: 1,
  tuningMidi: STANDARD,
  settings: {
    ...DEFAULT_SONG_SETTINGS,
    sectionLimits: { Chorus: { ...NO_PLAY_LIMITS, frets: [5, 9] } },
    marks: [
      { chord: "A5", section: null, at: null, act: "thin", notes: 2 },
      { chord: "D5", section: "Verse", at: [0, 1], act: "leave", strums: 1 },
    ],
  },
  archived: false,
};
const add = () => {
  rigOf(data.connection);
  return make({ act: "add", kind: "song", id: ID, value: song });
};
const set = (chart: string, more: { basedOn?: number; after?: string }) =>
  make({ act: "set", kind: "song", id: ID, fields: { chart }, ...more });
const charts = () => listKept(data.connection, songKeeper).map(({ value }) => value.chart);

describe("a song is kept", () => {
  test("whole, with what sections and chords ask for", () => {
    add();
    expect(findKept(data.connection, songKeeper, ID)?.value).toEqual(song);
    expect(rigOf(data.connection).songs).toEqual([
      expect.objectContaining({ id: ID, name: "Slow Freight", archived: false }),
    ]);
  });

  test("a mark without its fields, or a chart that is too long, is refused", () => {
    const wrong = { ...song.settings, marks: [{ chord: "A5", act: "thin" }] };
    const refused = make({
      act: "add",
      kind: "song",
      id: 800,
      value: { ...song, settings: wrong as never },
    });
    expect(refused.problem?.field).toMatch(/^settings\.marks\[0\]/);
    const long = make({
      act: "add",
      kind: "song",
      id: 801,
      value: { ...song, chart: "x".repeat(250_001) },
    });
    expect(long.problem).toMatchObject({ field: "chart" });
  });
});

describe("saving as one types", () => {
  test("each change of a page follows the one before it, acknowledged or not", () => {
    const { revision } = add();
    const opened = revision ?? 0;
    const first = set("| E5 |", { basedOn: opened });
    const second = set("| E5 | G5 |", { basedOn: opened, after: first.key });
    expect(second.notice).toBeUndefined();
    set("| E5 | G5 | A5 |", { basedOn: opened, after: second.key });
    expect(charts()).toEqual(["| E5 | G5 | A5 |"]);
  });

  test("what another window saved stays; what was typed here goes on beside it, in one song", () => {
    const opened = add().revision ?? 0;
    set("| F5 |", { basedOn: opened });
    const mine = set("| C5 |", { basedOn: opened });
    expect(mine.notice).toMatch(/kept beside it as Slow Freight \(2\)/);
    const next = set("| C5 | D5 |", { basedOn: opened, after: mine.key });
    set("| C5 | D5 | E5 |", { basedOn: opened, after: next.key });
    expect(charts()).toEqual(["| F5 |", "| C5 | D5 | E5 |"]);
    expect(
      rigOf(data.connection)
        .songs.map(({ name }) => name)
        .sort(),
    ).toEqual(["Slow Freight", "Slow Freight (2)"]);
  });

  test("fields that nobody else changed go into the newer song, and that is told", () => {
    const opened = add().revision ?? 0;
    const known = findKept(data.connection, songKeeper, ID)?.value ?? song;
    const put = (fields: Partial<Kept["song"]>, after?: string) =>
      make({
        act: "set",
        kind: "song",
        id: ID,
        fields,
        basedOn: opened,
        was: markFields(known, Object.keys(fields)),
        ...(after !== undefined && { after }),
      });
    make({ act: "set", kind: "song", id: ID, fields: { name: "Renamed" }, basedOn: opened });
    const typed = put({ chart: "| C5 |" });
    expect(typed).toMatchObject({ problem: null, isMerged: true });
    expect(findKept(data.connection, songKeeper, ID)?.value).toMatchObject({
      name: "Renamed",
      chart: "| C5 |",
    });
    // A change that follows a merged one knows no more of the song than that one did.
    const beside = put({ name: "Mine" }, typed.key);
    expect(beside.notice).toMatch(/kept beside/);
    const names = listKept(data.connection, songKeeper).map(({ value }) => value.name);
    expect(names.toSorted()).toEqual(["Mine (2)", "Renamed"]);
    // The next goes on with the one beside, whose other fields stay.
    put({ archived: true }, beside.key);
    const kept = listKept(data.connection, songKeeper).find(
      ({ value }) => value.name === "Mine (2)",
    );
    expect(kept?.value).toMatchObject({ chart: "| C5 |", archived: true });
  });

  test("sent again because its answer was lost, it is told again that it went beside", () => {
    const opened = add().revision ?? 0;
    set("| B5 |", { basedOn: opened });
    const change = {
      act: "set",
      kind: "song",
      id: ID,
      fields: { chart: "| C5 |" },
      basedOn: opened,
      key: "lost-answer",
    } as const;
    const [first] = makeChanges(data.connection, [change]);
    expect(first?.notice).toMatch(/Slow Freight \(2\)/);
    expect(makeChanges(data.connection, [change])).toEqual([first]);
  });
});
