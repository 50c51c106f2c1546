import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { usualMidi } from "@/core/tuning";
import { type Act } from "./change";
import { newGuitar, placeAt, DEFAULT_PROFILE, type Rig } from "@/state";
import { nextId } from "./nextId";
import { actOnRig, mergeEffect, shownPins, sortKept } from "./rigChanges";

const RIG: Rig = {
  guitars: [{ ...newGuitar(6, "Ash"), id: 1, tunedMidi: usualMidi(6) }],
  pins: [],
  ownTunings: [],
  ownVoicings: [],
  favourites: [],
  comparisons: [],
  songs: [],
  profile: DEFAULT_PROFILE,
};
const acts = (...all: readonly Act[]) => all.reduce(actOnRig, RIG);

describe("a rig before the server has answered", () => {
  test("shows what was added, changed and deleted", () => {
    const value = { ...newGuitar(7, "Long"), tunedMidi: usualMidi(7) };
    const added = acts({ act: "add", kind: "guitar", id: 9, value });
    expect(added.guitars.map(({ name }) => name)).toEqual(["Ash", "Long"]);
    const set: Act = { act: "set", kind: "guitar", id: 9, fields: { name: "Longer" } };
    expect(actOnRig(added, set).guitars[1]).toEqual({ ...value, id: 9, name: "Longer" });
    expect(actOnRig(added, { act: "delete", kind: "guitar", id: 9 }).guitars).toEqual(RIG.guitars);
  });

  test("keeps its last guitar, and what it does not know is left alone", () => {
    expect(acts({ act: "delete", kind: "guitar", id: 1 })).toEqual(RIG);
    expect(acts({ act: "set", kind: "pin", id: 4711, fields: { root: "C" } })).toEqual(RIG);
  });

  test("lists show a document's name alone", () => {
    const comparison = { name: "Slow Freight", comparison: {} as never };
    const rig = acts({ act: "add", kind: "comparison", id: 5, value: comparison });
    expect(rig.comparisons).toEqual([{ id: 5, name: "Slow Freight" }]);
  });

  test("takes what the server made of it", () => {
    const value = { name: "Nine Below", midi: [38] };
    const rig = mergeEffect(RIG, { kind: "tuning", id: 3, revision: 8, value });
    expect(rig.ownTunings).toEqual([{ id: 3, ...value }]);
    expect(mergeEffect(rig, { kind: "tuning", id: 3, revision: 9, value: null })).toEqual(RIG);
    const document = { kind: "comparison", id: 4, revision: 9, value: { name: "Quarry" } } as const;
    expect(mergeEffect(RIG, document).comparisons).toEqual([
      { id: 4, name: "Quarry", revision: 9 },
    ]);
  });

  test("hides pins of other strings", () => {
    const pin = { id: 1, guitarId: 1, tuningMidi: usualMidi(7) } as Rig["pins"][number];
    expect(shownPins({ ...RIG, pins: [pin] })).toEqual([]);
    const fitting = { ...pin, tuningMidi: usualMidi(6) };
    expect(shownPins({ ...RIG, pins: [fitting] })).toEqual([fitting]);
  });
});

describe("a place in a list", () => {
  test("whatever is moved wherever, the order is as asked, and all but a few stay untouched", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ noNaN: true, min: -5, max: 5 }), { minLength: 1, maxLength: 8 }),
        fc.nat(8),
        (positions, wanted) => {
          const items = positions.map((position, id) => ({ id, position }));
          const others = sortKept("voicing", items);
          const index = Math.min(wanted, others.length);
          const places = new Map(
            placeAt(others, index, 99).map(({ id, position }) => [id, position]),
          );
          const moved = [...others, { id: 99, position: 0 }].map(({ id, position }) => ({
            id,
            position: places.get(id) ?? position,
          }));
          const ids = sortKept("voicing", moved).map(({ id }) => id);
          expect(ids).toEqual(others.map(({ id }) => id).toSpliced(index, 0, 99));
          expect([1, others.length + 1]).toContain(places.size);
        },
      ),
    );
  });
});

describe("numbers for new things", () => {
  const NOON = Date.UTC(2026, 10, 26, 12);

  test("grow with time, and never twice within a page", () => {
    const ids = [0.9, 0.1, 0.5].map((random) => nextId(NOON, random));
    expect(new Set(ids).size).toBe(3);
    expect([...ids].sort((a, b) => a - b)).toEqual(ids);
    // A clock that is set back makes no difference.
    expect(nextId(NOON - 1000, 0)).toBeGreaterThan(ids[2] ?? Infinity);
  });

  test("are exact for the next hundred years", () => {
    expect(Number.isSafeInteger(nextId(Date.UTC(2125, 0, 1), 0.999))).toBe(true);
  });
});
