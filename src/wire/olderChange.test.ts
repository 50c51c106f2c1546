import { expect, test } from "@jest/globals";
import { renameInChange } from "./olderChange";

test("a change that waited is renamed in its kind and its fields, and nowhere else", () => {
  const waiting = { key: "a-key-of-it", act: "delete", kind: "stack", id: 3 };
  expect(renameInChange(waiting)).toEqual({ ...waiting, kind: "voicing" });
  const renamed = {
    key: "a-key-of-it",
    act: "set",
    kind: "song",
    id: 3,
    fields: { name: "way" },
  };
  expect(renameInChange(renamed)).toEqual(renamed);
  expect(renameInChange(null)).toBeNull();
});
