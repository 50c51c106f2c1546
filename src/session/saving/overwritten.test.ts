import { describe, expect, test } from "@jest/globals";
import { type Change, type Effect } from "@/wire";
import { overwritten, withOwn } from "./overwritten";

const set = (name: string): Change => ({
  key: `set ${name}`,
  act: "set",
  kind: "guitar",
  id: 1,
  fields: { name },
});
const effect = (name: string): Effect => ({
  kind: "guitar",
  id: 1,
  revision: 2,
  value: { name, capo: 0 },
});
const none = withOwn(new Map(), []);

describe("whose change it was", () => {
  test("the earlier window is told that a later one changed the same field, once", () => {
    const own = withOwn(none, [set("Ash")]);
    const first = overwritten(own, [effect("Oak")], []);
    expect(first.told).toEqual(["Another window changed Oak after you: name."]);
    expect(overwritten(first.own, [effect("Elm")], []).told).toEqual([]);
  });

  test("its own change coming back, other fields, and what it never touched are no news", () => {
    const own = withOwn(none, [set("Ash")]);
    expect(overwritten(own, [effect("Ash")], []).told).toEqual([]);
    expect(overwritten(none, [effect("Oak")], []).told).toEqual([]);
  });

  test("neither is what it is about to set again", () => {
    const own = withOwn(none, [set("Ash")]);
    expect(overwritten(own, [effect("Oak")], [set("Elm")]).told).toEqual([]);
  });

  test("what each window shows is its own", () => {
    const choice: Change = {
      key: "choice",
      act: "set",
      kind: "choice",
      id: 1,
      fields: { theme: "dark" },
    };
    expect(withOwn(none, [choice]).size).toBe(0);
  });

  test("the player's settings are called so", () => {
    const mine: Change = { key: "a4", act: "set", kind: "profile", id: 1, fields: { a4Hz: 432 } };
    const other: Effect = { kind: "profile", id: 1, revision: 3, value: { a4Hz: 440 } };
    expect(overwritten(withOwn(none, [mine]), [other], []).told).toEqual([
      "Another window changed your settings after you: A4.",
    ]);
  });
});
