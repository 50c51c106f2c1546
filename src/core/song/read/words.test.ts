import { describe, expect, test } from "@jest/globals";
import { readChart, readWords } from "..";

/** "A5: all the | D5: lamps" */
function sung(text: string): string {
  const chart = readChart(text);
  const words = readWords(text, chart);
  return chart.sections
    .flatMap(({ bars }) => bars.flatMap(({ chords }) => chords))
    .map(({ name, place }) => `${name}: ${words.get(place?.offset ?? -1)?.join(" / ") ?? "-"}`)
    .join(" | ");
}

describe("words under chords", () => {
  test("each word belongs to the chord over it, or to the last one before it", () => {
    expect(sung("A5      D5\nall the lamps along")).toBe("A5: all the | D5: lamps along");
  });

  test("what is sung before the first chord belongs to it", () => {
    expect(sung("    A5    D5\noh, light the lamps")).toBe("A5: oh, light | D5: the lamps");
  });

  test("a word under whose middle a chord stands is that chord's", () => {
    expect(sung("A5    D5\nwe go along")).toBe("A5: we go | D5: along");
  });

  test("bracketed chords stand before their words", () => {
    expect(sung("[A5]All the [D5]lamps a[E5]long")).toBe("A5: All the | D5: lamps a | E5: long");
  });

  test("bars between lines take the words below them", () => {
    expect(sung("Verse\n| A5 . . F5 | G5 |\n  all   lamps  out")).toBe(
      "A5: all | F5: lamps | G5: out",
    );
  });

  test("two lines of words below the same chords are kept apart", () => {
    expect(sung("A5     D5\nfirst  one\nsecond two")).toBe("A5: first / second | D5: one / two");
  });

  test("a heading ends what is sung to the chords above it", () => {
    expect(sung("Verse\nA5  D5\nwe go\n\nChorus\nthese are not the verse's")).toBe(
      "A5: we | D5: go",
    );
  });

  test("remarks and songs without words leave nothing", () => {
    expect(sung("A5 D5\n(twice as loud)\n# soft")).toBe("A5: - | D5: -");
  });
});
