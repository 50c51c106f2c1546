import { describe, expect, test } from "@jest/globals";
import { playedBars, type Score } from "@/formats/score";
import { chordsByBar } from "@/formats/testing";
import { readMusicXml } from "./readMusicXml";

function scoreOf(text: string): Score {
  const read = readMusicXml(text);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value.score;
}
const why = (text: string) => {
  const read = readMusicXml(text);
  return read.ok ? "" : read.problem.message;
};
/** A part of MusicXML round some measures. */
const xml = (measures: string, attributes = "") => `<?xml version="1.0"?>
<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 3.1 Partwise//EN" "http://www.musicxml.org/dtds/partwise.dtd">
<score-partwise version="3.1"><part-list><score-part id="P1"><part-name>G</part-name></score-part></part-list>
<part id="P1"><measure number="1"><attributes><divisions>2</divisions><time><beats>4</beats><beat-type>4</beat-type></time>${attributes}</attributes>${measures}</measure></part></score-partwise>`;
const harmony = (step: string, kind: string, more = "") =>
  `<harmony><root><root-step>${step}</root-step></root><kind>${kind}</kind>${more}</harmony>`;
const rest = (duration: number) =>
  `<note><rest/><duration>${duration}</duration><voice>1</voice></note>`;

describe("MusicXML (element meanings from the W3C's documentation, from memory)", () => {
  test("chord names, degrees, slash chords, rehearsal marks, tempo", () => {
    const score = scoreOf(
      xml(`<direction><direction-type><rehearsal>A</rehearsal></direction-type><sound tempo="96"/></direction>
${harmony("E", "power")}${rest(4)}${harmony("G", "dominant", "<degree><degree-value>9</degree-value><degree-alter>1</degree-alter><degree-type>add</degree-type></degree>")}${rest(2)}
${harmony("C", "major", "<bass><bass-step>E</bass-step></bass>")}${rest(2)}</measure><measure number="2">${rest(8)}`),
    );
    expect(score.tempoBpm).toBe(96);
    expect(score.sections.map(({ name }) => name)).toEqual(["A"]);
    expect(chordsByBar(score)).toEqual([
      [
        ["E5", 0, 2, null],
        ["G7#9", 2, 1, null],
        ["C/E", 3, 1, null],
      ],
      [["C/E", 0, 4, null]],
    ]);
  });

  test("a part that is transposed is answered as it sounds", () => {
    const score = scoreOf(
      xml(`${harmony("D", "minor")}${rest(8)}`, "<transpose><chromatic>-2</chromatic></transpose>"),
    );
    expect(chordsByBar(score)[0]?.[0]?.[0]).toBe("Cm");
  });

  test("frames count from the nut, wherever their picture begins; a capo is the guitar's", () => {
    const frame = `<frame><frame-strings>6</frame-strings><frame-frets>4</frame-frets><first-fret>5</first-fret>
<frame-note><string>5</string><fret>5</fret><fingering>1</fingering></frame-note><frame-note><string>4</string><fret>7</fret><fingering>3</fingering></frame-note></frame>`;
    const score = scoreOf(
      xml(
        `${harmony("E", "power", frame)}${rest(8)}`,
        "<staff-details><capo>2</capo></staff-details>",
      ),
    );
    expect(chordsByBar(score)[0]).toEqual([["E5", 0, 4, "x 5 7 x x x"]]);
    expect(score.capo).toBe(2);
  });

  test("repeats with endings are played in their order", () => {
    const score = scoreOf(
      xml(`${harmony("E", "power")}${rest(8)}</measure>
<measure number="2"><barline location="left"><ending number="1" type="start"/></barline>${harmony("A", "power")}${rest(8)}<barline location="right"><ending number="1" type="stop"/><repeat direction="backward"/></barline></measure>
<measure number="3"><barline location="left"><ending number="2" type="start"/></barline>${harmony("D", "power")}${rest(8)}<barline location="right"><ending number="2" type="discontinue"/></barline></measure>
<measure number="4">${harmony("G", "power")}${rest(8)}`),
    );
    expect(chordsByBar(score).map(([first]) => first?.[0])).toEqual(["E5", "A5", "E5", "D5", "G5"]);
  });

  test.each([
    ["sounds", '<sound segno="s"/>', '<sound dalsegno="s"/>', '<sound fine="yes"/>'],
    [
      "signs and words",
      "<direction-type><segno/></direction-type>",
      "<direction-type><words>D.S. al Fine</words></direction-type>",
      "<direction-type><words>Fine</words></direction-type>",
    ],
  ])("jumps are followed: %s", (_, sign, back, end) => {
    const bar = (step: string, direction: string) =>
      `${harmony(step, "power")}${rest(8)}<direction>${direction}</direction>`;
    const score = scoreOf(
      xml(`${bar("E", "<direction-type/>")}</measure><measure number="2">${bar("A", sign)}</measure>
<measure number="3">${bar("D", end)}</measure><measure number="4">${bar("G", back)}`),
    );
    expect(chordsByBar(score).map(([first]) => first?.[0])).toEqual([
      ...["E5", "A5", "D5", "G5"],
      ...["A5", "D5"],
    ]);
  });

  test("what stands over the first part for all holds for the guitar below", () => {
    const measure = (number: number, content: string) =>
      `<measure number="${number}">${content}</measure>`;
    const mark = (name: string) =>
      `<direction><direction-type><rehearsal>${name}</rehearsal></direction-type><sound tempo="88"/></direction>`;
    const read = readMusicXml(`<score-partwise><part-list/>
<part id="voice">${measure(1, mark("Verse") + rest(4))}${measure(2, `${mark("Chorus")}${rest(4)}<sound dacapo="yes"/>`)}</part>
<part id="guitar">${measure(1, harmony("E", "power") + rest(4))}${measure(2, harmony("A", "power") + rest(4))}</part></score-partwise>`);
    if (!read.ok) throw new Error(read.problem.message);
    const { score } = read.value;
    expect(score.tempoBpm).toBe(88);
    expect(score.sections.map(({ name }) => name)).toEqual(["Verse", "Chorus"]);
    expect(chordsByBar(score).map(([first]) => first?.[0])).toEqual(["E5", "A5", "E5", "A5"]);
  });

  test("what would make it read without end, or from elsewhere, is refused", () => {
    expect(
      why(
        `<?xml version="1.0"?><!DOCTYPE a [<!ENTITY x SYSTEM "file:///etc/passwd">]><score-partwise>&x;</score-partwise>`,
      ),
    ).toMatch(/entities/);
    expect(why(`<score-partwise>${"<part>".repeat(100)}`)).toMatch(/deep/);
    expect(why("<score-partwise><part></score-partwise>")).toMatch(/line 1/);
    expect(why("<?xml version='1.0'?><html></html>")).toMatch(/no MusicXML/);
  });

  test("notes with strings and frets: ties, slides, hammer-ons, palm mutes and dead strings", () => {
    const note = (string: number, fret: number, duration: number, more = "", before = "") =>
      `<note>${before}<pitch><step>E</step><octave>2</octave></pitch><duration>${duration}</duration>${more.includes("<tie ") ? more : ""}<voice>1</voice>${more.includes("notehead") ? "<notehead>x</notehead>" : ""}<notations>${more.includes("slide") ? '<slide type="stop"/>' : ""}<technical>${more.includes("hammer") ? '<hammer-on type="stop">H</hammer-on>' : ""}<string>${string}</string><fret>${fret}</fret></technical></notations>${more.includes("mute") ? "<play><mute>palm</mute></play>" : ""}</note>`;
    const score = scoreOf(
      xml(
        `${note(6, 0, 2, "mute")}${note(6, 3, 2, "hammer")}${note(6, 7, 1, "slide")}${note(6, 5, 1, "slide")}${note(6, 0, 2, '<tie type="start"/>')}</measure><measure number="2">${note(6, 0, 4, '<tie type="stop"/>')}${note(5, 0, 4, "notehead")}`,
      ),
    );
    const all = playedBars(score).flatMap(({ notes }, bar) =>
      notes.map(({ startBeat, beats, string, fret, mark }) => [
        bar + 1,
        startBeat,
        beats,
        string,
        fret,
        mark,
      ]),
    );
    expect(all).toEqual([
      [1, 0, 1, 0, 0, "pm"],
      [1, 1, 1, 0, 3, "h"],
      [1, 2, 0.5, 0, 7, "/"],
      [1, 2.5, 0.5, 0, 5, "\\"],
      [1, 3, 3, 0, 0, null],
      [2, 2, 2, 1, 0, "x"],
    ]);
  });

  test("by measures instead of by parts, and with other parts beside it", () => {
    const timewise = `<score-timewise><part-list><score-part id="A"><part-name>Voice</part-name></score-part><score-part id="B"><part-name>Guitar</part-name></score-part></part-list>
<measure number="1"><part id="A">${rest(4)}</part><part id="B">${harmony("A", "minor-seventh")}${rest(4)}</part></measure></score-timewise>`;
    const read = readMusicXml(timewise);
    expect(read.ok && chordsByBar(read.value.score)[0]?.[0]?.[0]).toBe("Am7");
    expect(read.ok && read.value.problems.map(({ message }) => message)).toEqual([
      "of 2 parts 'Guitar' is read",
    ]);
  });
});
