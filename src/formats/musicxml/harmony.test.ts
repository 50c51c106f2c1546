import { describe, expect, test } from "@jest/globals";
import { parseChord, QUALITIES } from "@/core/chart";
import { pitchClass } from "@/core/pitch";
import { EMPTY_SCORE, namedChord, wholeOrder, type Score } from "@/formats/score";
import { nameTuning } from "@/core/tuning";
import { kindOf, readHarmony } from "./harmony";
import { readXml, type XmlNode } from "./tree";
import { writeMusicXml } from "./writeMusicXml";

function nodeOf(xml: string): XmlNode {
  const read = readXml(xml);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
}
const harmony = (root: string, kind: string, degrees = "", text = "") =>
  nodeOf(
    `<harmony><root>${root}</root><kind${text === "" ? "" : ` text="${text}"`}>${kind}</kind>${degrees}</harmony>`,
  );
const step = (letter: string, alter = 0) =>
  `<root-step>${letter}</root-step>${alter === 0 ? "" : `<root-alter>${alter}</root-alter>`}`;
const degree = (value: number, alter: number, type: string) =>
  `<degree><degree-value>${value}</degree-value><degree-alter>${alter}</degree-alter><degree-type>${type}</degree-type></degree>`;
const classesOf = (name: string) => {
  const parts = parseChord(name);
  return parts && [...new Set(parts.quality.semitones.map(pitchClass))].sort((a, b) => a - b);
};

describe("kinds of chords in MusicXML", () => {
  test.each(QUALITIES.map((quality) => [quality.suffix, quality] as const))(
    "'%s' is said by kind and degrees alone, and read to the same tones",
    (suffix, quality) => {
      const { kind, degrees } = kindOf(quality);
      expect(kind).not.toBe("other");
      const said = degrees.map(({ value, alter, type }) => degree(value, alter, type)).join("");
      const read = readHarmony(harmony(step("C"), kind, said), 0);
      expect(read?.isKnown).toBe(true);
      expect(classesOf(read?.name ?? "")).toEqual(classesOf(`C${suffix}`));
    },
  );

  // Values from the element documentation of the W3C, from memory.
  test.each([
    ["power", "", "E5"],
    ["major-minor", "", "Em(maj7)"],
    ["half-diminished", "", "Em7(b5)"],
    ["suspended-fourth", degree(7, 0, "add"), "E7sus4"],
    ["dominant", degree(9, 1, "add"), "E7#9"],
    ["dominant", degree(5, -1, "alter"), "E7b5"],
    ["major", degree(9, 0, "add"), "E(add9)"],
    ["dominant", degree(3, 0, "subtract"), "E7(no3)"],
  ])("%s with degrees %s is %s", (kind, degrees, name) => {
    expect(readHarmony(harmony(step("E"), kind, degrees), 0)).toEqual({ name, isKnown: true });
  });

  test("roots with signs, moved to what sounds; none, and what has no root", () => {
    expect(readHarmony(harmony(step("F", 1), "minor"), 0)?.name).toBe("F#m");
    expect(readHarmony(harmony(step("B", -1), "major"), 2)?.name).toBe("C");
    expect(readHarmony(harmony(step("B", -1), "major"), -12)?.name).toBe("Bb");
    expect(readHarmony(harmony("", "none"), 0)).toEqual({ name: "N.C.", isKnown: true });
    expect(readHarmony(nodeOf("<harmony><function>IV</function></harmony>"), 0)).toBeNull();
  });

  test("the text of a kind names it where it fits its tones, and keeps what is unknown", () => {
    expect(readHarmony(harmony(step("A"), "minor-seventh", "", "m7"), 0)?.name).toBe("Am7");
    expect(readHarmony(harmony(step("A"), "minor-seventh", "", "7"), 0)?.name).toBe("Am7");
    expect(readHarmony(harmony(step("A"), "Tristan", "", "tris"), 0)).toEqual({
      name: "Atris",
      isKnown: false,
    });
    expect(readHarmony(harmony(step("A"), "other", "", "sus2"), 0)?.name).toBe("Asus2");
  });

  test("a bass is written and read, and a root under itself is none", () => {
    const chord = (name: string) => ({
      ...namedChord(name),
      startBeat: 0,
      beats: 4,
      texture: null,
      fretting: null,
      fingers: null,
    });
    const sections = [
      {
        name: "",
        bars: ["C/E", "D5/A", "F#m7/B"].map((name) => ({
          meter: "4/4",
          beats: 4,
          tempoBpm: null,
          chords: [chord(name)],
          notes: [],
        })),
      },
    ];
    const score: Score = { ...EMPTY_SCORE, sections, order: wholeOrder(sections) };
    const xml = writeMusicXml(score, nameTuning([40, 45, 50, 55, 59, 64]));
    const names = [...xml.matchAll(/<harmony>.*?<\/harmony>/gs)].map(
      ([each]) => readHarmony(nodeOf(each), 0)?.name,
    );
    expect(names).toEqual(["C/E", "D5/A", "F#m7/B"]);
  });
});
