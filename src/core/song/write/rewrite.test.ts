import { describe, expect, test } from "@jest/globals";
import { readChart, say, sayChordTexture, sayTexture } from "../index";

describe("saying something anew", () => {
  test.each([
    ["Tempo: 96\n| A5 |", "Tempo: 120\n| A5 |"],
    ["{tempo:96}\n| A5 |", "{tempo:120}\n| A5 |"],
    ["96 bpm\n| A5 |", "120 bpm\n| A5 |"],
    ["Key: Em, Tempo: 96, 3/4\n| A5 |", "Key: Em, Tempo: 120, 3/4\n| A5 |"],
    ["Title: X\r\nTime: 3/4\r\n| A5 |", "Title: X\r\nTempo: 120\r\nTime: 3/4\r\n| A5 |"],
    ["| A5 |", "Tempo: 120\n| A5 |"],
    ["", "Tempo: 120\n"],
  ])("a tempo in %j", (text, expected) => {
    const said = say(text, "Tempo", "120");
    expect(said).toBe(expected);
    expect(readChart(said).tempoBpm).toBe(120);
  });

  test("a section's texture: written, changed, taken away", () => {
    const text = "Verse\n| A5 |\n\nChorus\n| D5 |\n";
    const muted = sayTexture(text, 1, "muted eighths");
    expect(muted).toBe("Verse\n| A5 |\n\nChorus\nTexture: muted eighths\n| D5 |\n");
    expect(readChart(muted).sections[1]?.bars[0]?.chords[0]?.texture).toBe("muted eighths");
    expect(sayTexture(muted, 1, "ringing")).toContain("Chorus\nTexture: ringing\n| D5 |");
    expect(sayTexture(muted, 1, null)).toBe(text);
    expect(sayTexture("Verse: | A5 | % |\n", 0, "muted")).toBe("Verse: | A5~muted | % |\n");
    expect(sayTexture("| A5 |", 0, "muted")).toBe("Texture: muted\n| A5 |");
  });

  test("one texture after the other leaves one line, with a heading or without", () => {
    for (const text of [
      "| A5 |",
      "Tempo: 96\n\n| A5 |\n| D5 |",
      "Verse\nCapo 2\n| A5 |",
      "A5  D5\nwords\n",
    ]) {
      const many = ["muted", "ringing", "muted eighths", "choked", "down"].reduce(
        (written, texture) => sayTexture(written, 0, texture),
        text,
      );
      expect(many.match(/Texture:/g)).toHaveLength(1);
      expect(many).toContain("Texture: down");
      expect(sayTexture(many, 0, null)).toBe(text);
    }
  });

  test("a chord's texture, written after it", () => {
    const text = "| A5 . D5~muted . |";
    const places = readChart(text).sections[0]?.bars[0]?.chords.flatMap(({ place }) => place ?? []);
    expect(sayChordTexture(text, places ?? [], "muted down")).toBe(
      "| A5~muted+down . D5~muted+down . |",
    );
    expect(sayChordTexture(text, places ?? [], null)).toBe("| A5 . D5 . |");
  });
});
