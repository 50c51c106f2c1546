import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { piecesOf, readKey } from "../index";

const kinds = (text: string, key = "") =>
  piecesOf(text, readKey(key)).pieces.map(
    ({ from, to, kind }) => `${text.slice(from, to)}:${kind}`,
  );

test.each([
  ["| A5 . Q7 |", ["|:bar", "A5:chord", ".:hold", "Q7:unknown", "|:bar"]],
  [
    "| r . | % . | N.C. |",
    ["|:bar", "r:hold", ".:hold", "|:bar", "%:hold", ".:hold", "|:bar", "N.C.:hold", "|:bar"],
  ],
  ["| r % | A5 % |", ["|:bar", "r:hold", "%:unknown", "|:bar", "A5:chord", "%:unknown", "|:bar"]],
  ["| ~muted A5~down |", ["|:bar", "~muted:texture", "A5~down:chord", "|:bar"]],
  ["Verse 1", ["Verse 1:heading"]],
  ["Tempo: 96", ["Tempo: :name", "96:value"]],
  ["{key: Em}", ["{key: :name", "Em:value", "}:name"]],
  ["Key: Em, 3/4", ["Key: :name", "Em:value", ", :name", "3/4:value"]],
  ["Verse: A5 D5", ["Verse::heading", "A5:chord", "D5:chord"]],
  ["Verse: Am | G", ["Verse::heading", "Am:chord", "|:bar", "G:chord"]],
  ["(Am G), C.", ["(Am:chord", "G),:chord", "C.:chord"]],
  ["[Am]Paper [zz]lantern", ["[Am]:chord", "[zz]:unknown"]],
  ["only words here", ["only words here:aside"]],
  ["", []],
])("%j", (text, pieces) => {
  expect(kinds(text)).toEqual(pieces);
});

test("the key decides whether a Roman numeral is a chord, and is handed on", () => {
  expect(kinds("| IV |", "G")).toContain("IV:chord");
  expect(kinds("| IV |")).toContain("IV:unknown");
  expect(piecesOf("Key: G", null).key).toEqual(readKey("G"));
});

test("pieces of any line follow each other and stay within it", () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 80 }), (text) => {
      let end = 0;
      for (const { from, to } of piecesOf(text, null).pieces) {
        expect(from).toBeGreaterThanOrEqual(end);
        expect(to).toBeGreaterThanOrEqual(from);
        end = to;
      }
      expect(end).toBeLessThanOrEqual(text.length);
    }),
  );
});
