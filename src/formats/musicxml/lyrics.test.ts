import { describe, expect, test } from "@jest/globals";
import { readChart } from "@/core/song";
import { writeChart } from "@/formats/chartText";
import { readMusicXml } from "./readMusicXml";

interface Sung {
  readonly number?: string;
  readonly syllabic?: string;
  readonly text: string;
}
const lyric = ({ number = "1", syllabic = "single", text }: Sung) =>
  `<lyric number="${number}"><syllabic>${syllabic}</syllabic><text>${text}</text></lyric>`;
const note = (...sung: readonly Sung[]) =>
  `<note><pitch><step>E</step><octave>3</octave></pitch><duration>4</duration>${sung.map(lyric).join("")}</note>`;
const five = (step: string) =>
  `<harmony><root><root-step>${step}</root-step></root><kind>power</kind></harmony>`;
const measures = (...contents: readonly string[]) =>
  contents
    .map((content, index) => {
      const attributes = index === 0 ? "<attributes><divisions>1</divisions></attributes>" : "";
      return `<measure number="${index + 1}">${attributes}${content}</measure>`;
    })
    .join("");
const document = (parts: Readonly<Record<string, string>>) =>
  `<score-partwise version="3.1"><part-list>${Object.keys(parts)
    .map((name) => `<score-part id="${name}"><part-name>${name}</part-name></score-part>`)
    .join("")}</part-list>${Object.entries(parts)
    .map(([name, content]) => `<part id="${name}">${content}</part>`)
    .join("")}</score-partwise>`;
const readOf = (parts: Readonly<Record<string, string>>) => {
  const read = readMusicXml(document(parts));
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

describe("words under the notes (element meanings from the W3C's documentation, from memory)", () => {
  test("stand under their four bars, syllables put together, and are read again as words", () => {
    const { score, problems } = readOf({
      G: measures(
        five("E") + note({ syllabic: "begin", text: "Riv" }),
        note({ syllabic: "end", text: "er" }),
        five("D") + note({ text: "runs" }),
        note(),
        five("A") + note({ text: "slowly," }),
        note({ text: "home" }),
      ),
    });
    expect(problems).toEqual([]);
    const { text } = writeChart(score);
    expect(text).toBe("| E5 | E5 | D5 | D5 |\nRiver runs\n| A5 | A5 |\nslowly, home\n");
    expect(readChart(text).kept.map(({ text: words }) => words)).toEqual([
      "River runs",
      "slowly, home",
    ]);
  });

  test("of several verses stand one below the other; a word cut by the end of a line says so", () => {
    const { score } = readOf({
      G: measures(
        five("E") +
          note({ number: "2", text: "Then" }, { text: "First" }) +
          note({ number: "2", text: "came" }),
        note(),
        note(),
        note({ syllabic: "begin", text: "eve" }),
        note({ syllabic: "end", text: "ning" }),
      ),
    });
    expect(score.kept).toEqual([
      { line: 1, text: "First eve-", kind: "lyric" },
      { line: 1, text: "Then came", kind: "lyric" },
      { line: 2, text: "ning", kind: "lyric" },
    ]);
  });

  test("of the voice are taken to the guitar's bars, in the order of the notes", () => {
    const sung = `${note({ text: "later" })}<backup><duration>4</duration></backup>`;
    const { score, problems } = readOf({
      Voice: measures(`<forward><duration>2</duration></forward>${sung}`, note({ text: "on" })),
      Guitar: measures(five("E") + note(), five("G") + note()),
    });
    expect(score.kept).toEqual([{ line: 1, text: "later on", kind: "lyric" }]);
    expect(problems.map(({ message }) => message)).toContain("the words are those of 'Voice'");
  });

  test("two words on one note, signs and line breaks in them", () => {
    const both = `<lyric><syllabic>single</syllabic><text>go</text><elision/><syllabic>single</syllabic><text>on
&amp; on</text></lyric>`;
    const { score } = readOf({
      G: measures(`${five("E")}<note><rest/><duration>4</duration>${both}</note>`),
    });
    expect(score.kept).toEqual([{ line: 1, text: "go on & on", kind: "lyric" }]);
  });

  test("that would be read as music become remarks", () => {
    const { score } = readOf({
      G: measures(
        five("E") + note({ text: "A" }, { number: "2", text: "Am" }),
        note({ number: "2", text: "D" }),
      ),
    });
    const { text } = writeChart(score);
    expect(text).toBe("| E5 | E5 |\n# A\n# Am D\n");
    const { sections, kept, problems } = readChart(text);
    expect(sections.flatMap(({ bars }) => bars)).toHaveLength(2);
    expect([kept.map((line) => line.text), problems]).toEqual([["# A", "# Am D"], []]);
  });

  test("stand once under bars that are played again, and each round has lines of its own", () => {
    const repeat = (direction: string) => `<barline><repeat direction="${direction}"/></barline>`;
    const { score } = readOf({
      G: measures(
        repeat("forward") + five("E") + note({ text: "Round" }),
        note(),
        note(),
        note({ text: "again" }) + repeat("backward"),
        five("D") + note(),
      ),
    });
    expect(writeChart(score).text).toBe(
      "| E5 | E5 | E5 | E5 |\nRound again\n| E5 | E5 | E5 | E5 |\n| D5 |\n",
    );
  });
});
