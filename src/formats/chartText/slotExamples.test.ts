import { readFileSync } from "node:fs";
import { join } from "node:path";
import { isNoteWord, readChart } from "@/core/song";

/** The rows of a table in docs/formats.md: a slot, and what is said of it. */
function examplesUnder(heading: string): readonly (readonly [slot: string, text: string])[] {
  const page = readFileSync(join(process.cwd(), "docs", "formats.md"), "utf8");
  const part = page.split(`### ${heading}\n`)[1]?.split("\n## ")[0]?.split("\n### ")[0] ?? "";
  return [...part.matchAll(/^\| `(.+?)` +\| (.+?) +\|$/gm)].map(
    ([, slot = "", text = ""]) => [slot, text] as const,
  );
}

const VALID = examplesUnder("Valid slots");
const INVALID = examplesUnder("Invalid slots and their messages");

test("the page has thirty of each", () => {
  expect([VALID.length, INVALID.length]).toEqual([30, 30]);
});

test.each(VALID)("%s is notes: %s", (slot) => {
  const { sections, problems } = readChart(`| ${slot} . A5 . |`);
  expect(problems).toEqual([]);
  expect(sections[0]?.bars[0]?.notes.length).toBeGreaterThan(0);
  expect(sections[0]?.bars[0]?.chords.map(({ name }) => name)).toEqual(["A5"]);
});

test.each(INVALID)("%s is reported: %s", (slot, message) => {
  expect(isNoteWord(slot)).toBe(true);
  const { sections, problems } = readChart(`| ${slot} . A5 . |`);
  expect(problems).toMatchObject([{ line: 1, column: 3, text: slot }]);
  expect(problems[0]?.message).toBe(message);
  // The slot keeps its time.
  expect(sections[0]?.bars[0]?.chords).toMatchObject([{ name: "A5", startBeat: 2 }]);
});
