import { describe, expect, test } from "@jest/globals";
import { usualMidi } from "@/core/tuning";
import { DEFAULT_COMPARISON, DEFAULT_PROFILE, newGuitar, type Kept } from "@/state";
import { type Act } from "@/wire";
import * as acted from "../testing";
import { freshDatabase, keyed, pinFor, rigOf, STANDARD } from "../testing";
import { makeChanges } from "./apply";
import { effectsSince } from "./effects";
import { dataMark } from "./revision";

const data = freshDatabase();

const done = (...acts: readonly Act[]) => acted.done(data.connection, ...acts);

const guitar = (strings: number, name: string): Kept["guitar"] => ({
  ...newGuitar(strings, name),
  tunedMidi: usualMidi(strings),
});
const comparison = {
  ...DEFAULT_COMPARISON,
  columns: [{ guitarId: 1, midi: STANDARD }],
  chords: "D5 F5",
};

describe("what the player owns is added, changed, deleted and brought back", () => {
  test("guitars, with what they are tuned to", () => {
    const id = 500;
    const long: Act = { act: "add", kind: "guitar", id, value: guitar(7, "Long seven") };
    expect(done(long).guitars.at(-1)).toMatchObject({ id, name: "Long seven" });
    const fields = { name: "Longer seven", capo: 2 };
    const set = { act: "set", kind: "guitar", id } as const;
    expect(done({ ...set, fields }).guitars.at(-1)).toMatchObject({
      ...fields,
      usualMidi: usualMidi(7),
    });
    const tunedMidi = [33, 40, 45, 50, 55, 59, 64];
    expect(done({ ...set, fields: { tunedMidi } }).guitars.at(-1)?.tunedMidi).toEqual(tunedMidi);
    const without = done({ act: "delete", kind: "guitar", id }).guitars;
    expect(without.map((each) => each.id)).not.toContain(id);
    const back = done({ act: "restore", kind: "guitar", id }).guitars.at(-1);
    expect(back).toMatchObject({ id, capo: 2, tunedMidi });
  });

  test("with another number of strings a guitar is in its usual tuning", () => {
    const { usualMidi: usual, strings } = newGuitar(8);
    const set: Act = {
      act: "set",
      kind: "guitar",
      id: 1,
      fields: { usualMidi: usual, strings, ...bodyOf(8) },
    };
    expect(done(set).guitars[0].tunedMidi).toEqual(usual);
  });

  test("a pin, once; unpinned it waits, and undo puts it back in its place", () => {
    const add = (id: number, fret: number): Act => ({
      act: "add",
      kind: "pin",
      id,
      value: pinFor(1, fret),
    });
    expect(done(add(10, 3), add(11, 5), add(12, 3)).pins.map(({ id }) => id)).toEqual([10, 11]);
    expect(done({ act: "delete", kind: "pin", id: 10 }).pins.map(({ id }) => id)).toEqual([11]);
    const back = done({ act: "restore", kind: "pin", id: 10 }).pins;
    expect(back.map(({ id }) => id)).toEqual([10, 11]);
    expect(back[0]).toMatchObject(pinFor(1, 3));
    done({ act: "delete", kind: "pin", id: 10 }, add(13, 3), {
      act: "restore",
      kind: "pin",
      id: 10,
    });
    expect(rigOf(data.connection).pins.map(({ id }) => id)).toEqual([11, 13]);
  });

  test("tunings and favourites, each in its place", () => {
    const add: Act = {
      act: "add",
      kind: "tuning",
      id: 20,
      value: { name: "Nine Below", midi: STANDARD },
    };
    expect(done(add).ownTunings).toMatchObject([{ id: 20, name: "Nine Below" }]);
    const rename: Act = { act: "set", kind: "tuning", id: 20, fields: { name: "Ten Below" } };
    expect(done(rename).ownTunings[0]?.name).toBe("Ten Below");
    const favourite = (id: number, position: number, first: number): Act => ({
      act: "add",
      kind: "favourite",
      id,
      value: { midi: [first, ...STANDARD.slice(1)], position },
    });
    done(favourite(30, 1, 40), favourite(31, 2, 38), favourite(32, 3, 36), favourite(33, 9, 36));
    const ids = () => rigOf(data.connection).favourites.map(({ id }) => id);
    expect(ids()).toEqual([30, 31, 32]);
    done({ act: "set", kind: "favourite", id: 32, fields: { position: 1.5 } });
    expect(ids()).toEqual([30, 32, 31]);
    done({ act: "delete", kind: "favourite", id: 32 });
    done({ act: "restore", kind: "favourite", id: 32 });
    expect(ids()).toEqual([30, 32, 31]);
  });

  test("voicings, voicings too", () => {
    const wide = { name: "Wide", voicing: [0, 7, 19], minNotes: null, position: 1 };
    const big = { name: "Big", voicing: [0, 4, 7], minNotes: 5, position: 2 };
    const { ownVoicings } = done(
      { act: "add", kind: "voicing", id: 40, value: wide },
      { act: "add", kind: "voicing", id: 41, value: big },
    );
    expect(ownVoicings).toMatchObject([wide, big]);
    const moved = done({
      act: "set",
      kind: "voicing",
      id: 41,
      fields: { position: 0 },
    }).ownVoicings;
    expect(moved.map(({ name }) => name)).toEqual(["Big", "Wide"]);
  });

  test("comparisons, the newest first, and the player", () => {
    const add = (id: number, name: string): Act => ({
      act: "add",
      kind: "comparison",
      id,
      value: { name, comparison },
    });
    const { comparisons } = done(add(50, "Slow Freight"), add(51, "Paper Lantern"));
    expect(comparisons.map(({ name }) => name)).toEqual(["Paper Lantern", "Slow Freight"]);
    // Lists carry no content.
    expect(Object.keys(comparisons[0] ?? {}).sort()).toEqual(["id", "name", "revision"]);
    const { profile } = done({ act: "set", kind: "profile", id: 1, fields: { a4Hz: 432 } });
    expect(profile).toEqual({ ...DEFAULT_PROFILE, a4Hz: 432 });
  });
});

describe("two windows", () => {
  test("that change different fields both keep their change", () => {
    const set = { act: "set", kind: "guitar", id: 1 } as const;
    done({ ...set, fields: { name: "Ash" } }, { ...set, fields: { capo: 3 } });
    expect(rigOf(data.connection).guitars[0]).toMatchObject({ name: "Ash", capo: 3 });
    const profile = { act: "set", kind: "profile", id: 1 } as const;
    done({ ...profile, fields: { spanMm: 170 } }, { ...profile, fields: { naming: "shape" } });
    expect(rigOf(data.connection).profile).toMatchObject({ spanMm: 170, naming: "shape" });
  });

  test("a save over a newer document is refused with both kept, each under its name", () => {
    const id = 60;
    done({ act: "add", kind: "comparison", id, value: { name: "Quarry", comparison } });
    const opened = rigOf(data.connection).comparisons[0]?.revision ?? NaN;
    const set = { act: "set", kind: "comparison", id, basedOn: opened } as const;
    const save = (chords: string) =>
      makeChanges(data.connection, [
        keyed({ ...set, fields: { comparison: { ...comparison, chords } } }),
      ]);
    expect(save("A5")[0]).toMatchObject({ problem: null });
    expect(save("B5")[0]?.notice).toMatch(/Another window saved a newer Quarry.*Quarry \(2\)/);
    expect(save("C5")[0]?.notice).toMatch(/Quarry \(3\)/);
    const contents = data.connection
      .prepare("SELECT name, content ->> 'chords' AS chords FROM comparison ORDER BY id")
      .all();
    expect(contents).toEqual([
      { name: "Quarry", chords: "A5" },
      { name: "Quarry (2)", chords: "B5" },
      { name: "Quarry (3)", chords: "C5" },
    ]);
  });
});

describe("a change counts once", () => {
  test("however often it is sent, with the same answer", () => {
    const change = keyed({
      act: "add",
      kind: "tuning",
      id: 70,
      value: { name: "Once", midi: STANDARD },
    });
    const [first] = makeChanges(data.connection, [change]);
    const again = makeChanges(data.connection, [change, change]);
    expect(again).toEqual([first, first]);
    expect(rigOf(data.connection).ownTunings).toHaveLength(1);
    expect(dataMark(data.connection).revision).toBe(first?.revision);
  });

  test("and is counted after a restart too", () => {
    const change = keyed({ act: "set", kind: "guitar", id: 1, fields: { name: "Once" } });
    makeChanges(data.connection, [change]);
    done({ act: "set", kind: "guitar", id: 1, fields: { name: "Twice" } });
    data.reopen();
    makeChanges(data.connection, [change]);
    expect(rigOf(data.connection).guitars[0].name).toBe("Twice");
  });
});

describe("what others changed", () => {
  test("is told from a revision on, deleted things as nothing, and nothing twice", () => {
    done({ act: "set", kind: "guitar", id: 1, fields: { name: "Ash" } });
    const { revision } = dataMark(data.connection);
    expect(effectsSince(data.connection, revision)).toEqual([]);
    done(
      { act: "add", kind: "tuning", id: 80, value: { name: "Here", midi: STANDARD } },
      { act: "delete", kind: "guitar", id: 2 },
      { act: "set", kind: "choice", id: 1, fields: { theme: "dark", root: "C" } },
      { act: "set", kind: "profile", id: 1, fields: { a4Hz: 430 } },
    );
    expect(effectsSince(data.connection, revision)).toEqual([
      { kind: "guitar", id: 2, revision: revision + 2, value: null },
      { kind: "tuning", id: 80, revision: revision + 1, value: { name: "Here", midi: STANDARD } },
      { kind: "profile", id: 1, revision: revision + 4, value: { ...DEFAULT_PROFILE, a4Hz: 430 } },
      {
        kind: "choice",
        id: 1,
        revision: revision + 3,
        value: {
          theme: "dark",
          hints: true,
          hearing: { gain: false, loudness: 0.5, told: false },
        },
      },
    ]);
  });
});

test("where somebody deleted every guitar, plain ones are made", () => {
  data.connection.exec("UPDATE guitar SET deleted_at = '2026-01-01'");
  expect(rigOf(data.connection).guitars.map(({ usualMidi: { length } }) => length)).toEqual([
    6, 7, 8,
  ]);
});

/** What belongs to a number of strings: their spread at both ends. */
function bodyOf(strings: number) {
  const { nutMm, bridgeMm } = newGuitar(strings);
  return { nutMm, bridgeMm };
}
