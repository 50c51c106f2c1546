import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { validateXML } from "xmllint-wasm";
import { readSheet } from "@/formats/chartText";
import { playedBars, playedNotes, type Score } from "@/formats/score";
import { madeScore, withGripsOf } from "@/formats/testing";
import { writeMusicXml } from "./writeMusicXml";

const SCHEMA = join(__dirname, "testing/schema");
const read = (name: string) => readFileSync(join(SCHEMA, name), "utf8");
/** The schema imports two others by address, which is their name here. */
const schema = read("musicxml.xsd").replaceAll("http://www.musicxml.org/xsd/", "");

/** What the published schema of MusicXML 3.0 finds wrong (the W3C's, kept beside this test with its license). */
async function problemsOf(xml: string): Promise<readonly string[]> {
  const { errors } = await validateXML({
    xml: { fileName: "score.xml", contents: xml },
    schema: { fileName: "musicxml.xsd", contents: schema },
    preload: ["xml.xsd", "xlink.xsd"].map((fileName) => ({ fileName, contents: read(fileName) })),
    maxMemoryPages: 4096,
  });
  return errors.map(({ message }) => message);
}

const tuningOf = ({ tuning }: Score) => {
  if (!tuning) throw new RangeError("made scores have a tuning");
  return tuning;
};
const WHOLE = readSheet(`{x_tuning: D2 A2 D3 G3 B3 E4}
{title: Ampersand & <Sons>}
{key: F#m}
{tempo: 132}
{capo: 2}
[Verse]
Pickup: 1
| D5 |
| Am7 . G/B . | N.C. . Dsus4 . | D7#9 Dm7b5 Dsus2sus4 D6/9 |
Time: 6/8
| D5!~muted+eighths A5~choked | <F(add9) r |
`);

describe("what is written is MusicXML", () => {
  test("the schema catches a wrong element, so that it is known to be asked", async () => {
    const xml = writeMusicXml(WHOLE.score, tuningOf(WHOLE.score));
    expect((await problemsOf(xml.replace("<divisions>", "<parts/><divisions>"))).join()).toMatch(
      /parts/,
    );
  });

  test("a song with all that a chart can say", async () => {
    expect(WHOLE.problems).toEqual([]);
    const score = withGripsOf(WHOLE.score);
    expect(await problemsOf(writeMusicXml(score, tuningOf(score)))).toEqual([]);
  });

  test("random songs on four to ten strings", async () => {
    await fc.assert(
      fc.asyncProperty(madeScore, async (score) => {
        expect(await problemsOf(writeMusicXml(score, tuningOf(score)))).toEqual([]);
      }),
      { numRuns: 12 },
    );
  });
});

interface Toolkit {
  readonly loadData: (data: string) => number;
  readonly getMEI: (options: object) => string;
  readonly renderToMIDI: () => string;
}
let toolkit: Toolkit;
beforeAll(async () => {
  const require = createRequire(__filename);
  const verovio = require("verovio") as {
    readonly toolkit: new () => Toolkit;
    readonly module: { onRuntimeInitialized: () => void; readonly calledRun?: boolean };
  };
  if (!verovio.module.calledRun) {
    await new Promise<void>((resolve) => (verovio.module.onRuntimeInitialized = resolve));
  }
  toolkit = new verovio.toolkit();
});

describe("an independent engraver (verovio) reads the same", () => {
  // It tells at length of marks that it does not draw over tablature.
  const speak = console.error;
  beforeAll(() => {
    console.error = () => undefined;
  });
  afterAll(() => {
    console.error = speak;
  });
  /** Course and fret of each note, in the order of the page. */
  const placesOf = (mei: string) =>
    [...mei.matchAll(/<note\b[^>]*>/g)].map(([note]) => [
      Number(/tab\.course="(\d+)"/.exec(note)?.[1]),
      Number(/tab\.fret="(\d+)"/.exec(note)?.[1]),
    ]);
  const tuningIn = (mei: string) =>
    [...mei.matchAll(/<course\b[^>]*>/g)].map(([course]) => {
      const value = (name: string) => new RegExp(`${name}="([^"]*)"`).exec(course)?.[1];
      return [value("n"), value("pname"), value("oct"), value("accid") ?? ""];
    });

  test("strings, frets and tuning of a song", () => {
    const score = withGripsOf(WHOLE.score);
    expect(toolkit.loadData(writeMusicXml(score, tuningOf(score)))).toBeTruthy();
    const mei = toolkit.getMEI({});
    expect(tuningIn(mei).toSorted()).toEqual([
      ["1", "e", "4", ""],
      ["2", "b", "3", ""],
      ["3", "g", "3", ""],
      ["4", "d", "3", ""],
      ["5", "a", "2", ""],
      ["6", "d", "2", ""],
    ]);
    const own = playedNotes(playedBars(score)).map(({ string, fret }) => [6 - string, fret]);
    const places = placesOf(mei);
    // A note that is tied stands twice in the page.
    expect(new Set(places.map(String))).toEqual(new Set(own.map(String)));
    expect(places.length).toBeGreaterThanOrEqual(own.length);
  });

  test("random songs: every place on the neck", () => {
    fc.assert(
      fc.property(madeScore, (score) => {
        expect(toolkit.loadData(writeMusicXml(score, tuningOf(score)))).toBeTruthy();
        const strings = tuningOf(score).midi.length;
        const own = playedNotes(playedBars(score)).map(({ string, fret }) => [
          strings - string,
          fret,
        ]);
        expect(new Set(placesOf(toolkit.getMEI({})).map(String))).toEqual(new Set(own.map(String)));
      }),
      { numRuns: 12 },
    );
  });
});
