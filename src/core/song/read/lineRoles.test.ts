import { describe, expect, test } from "@jest/globals";
import { lineRoles, maybeHeadings, readChart, sayHeading } from "..";

const TEXT = `Gate Song
Tempo: 96

Verse
A5   D5
all the lamps
(softly)

The loud bit
| E5 | G5 |

Verse
`;

describe("what each line is read as", () => {
  test("a fact, a heading, chords, words or a remark; a heading that comes again is one, too", () => {
    const roles = lineRoles(TEXT, readChart(TEXT));
    const told = TEXT.split("\n").map((_, index) => roles.get(index + 1) ?? "");
    expect(told.slice(0, 12)).toEqual([
      "fact",
      "fact",
      "",
      "heading",
      "chords",
      "words",
      "remark",
      "",
      "words",
      "chords",
      "",
      "heading",
    ]);
  });

  test("a line that is only wrong counts as chords", () => {
    const text = "| Q7 |";
    expect(lineRoles(text, readChart(text)).get(1)).toBe("chords");
  });
});

describe("words that could be a heading", () => {
  test("are found, and become one", () => {
    const [found, ...more] = maybeHeadings(TEXT, readChart(TEXT));
    expect(found).toEqual({ line: 9, name: "The loud bit" });
    expect(more).toEqual([]);
    if (!found) return;
    const said = sayHeading(TEXT, found);
    expect(said).toContain("\n[The loud bit]\n| E5 | G5 |");
    expect(readChart(said).sections.map(({ name }) => name)).toEqual(["Verse", "The loud bit"]);
  });

  test("long lines and words between chords are none", () => {
    const text =
      "Verse\n| A5 |\nwalk on\n| D5 |\n\nwe walked a long way down to the water\n| E5 |\n";
    expect(maybeHeadings(text, readChart(text))).toEqual([]);
  });
});
