import { expect, test } from "@jest/globals";
import { TROUBLES } from "@/wire";
import { troubleWords } from "./troubleWords";

test("each trouble says what is wrong and what to do, in words of its own", () => {
  const all = TROUBLES.map((kind) =>
    troubleWords({ kind, folder: "/data", detail: "7, 5", copy: null }),
  );
  expect(new Set(all.map(({ title }) => title)).size).toBe(TROUBLES.length);
  for (const { what, remedy } of all) {
    expect(`${what} ${remedy}`).not.toMatch(/undefined|null|NaN/);
    expect(remedy).toMatch(/\.$/);
  }
});

test("the other Tenon is named where it said where it answers", () => {
  const said = (detail: string) =>
    troubleWords({ kind: "in use", folder: "/data", detail, copy: null }).what;
  expect(said("http://127.0.0.1:4171")).toBe("It is running at http://127.0.0.1:4171.");
  expect(said("")).toBe("It is running on this computer.");
});
