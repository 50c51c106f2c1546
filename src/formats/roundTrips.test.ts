import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { CHORDPRO, readSheet, writeChart } from "@/formats/chartText";
import { readJson, songJson } from "@/formats/songJson";
import { readMusicXml, writeMusicXml, scoreBytesOf, writeMxl } from "@/formats/musicxml";
import { playedBars, playedNotes, type Score } from "@/formats/score";
import { readTab, writeTab } from "@/formats/tab";
import { madeScore, noteLines } from "@/formats/testing";

const RUNS = { numRuns: 60 };
const tuningOf = ({ tuning }: Score) => {
  if (!tuning) throw new RangeError("made scores have a tuning");
  return tuning;
};
const chordLines = (score: Score) =>
  playedBars(score).map(({ chords }) =>
    chords
      .filter(({ name }) => name !== "N.C.")
      .map(
        ({ name, startBeat, fretting }) =>
          `${Math.round(startBeat * 96)} ${name} ${fretting?.join()}`,
      )
      .join(" | "),
  );

describe("written and read again, random songs on four to ten strings are the same", () => {
  test("as tablature, whatever its width", () => {
    fc.assert(
      fc.property(madeScore, fc.integer({ min: 30, max: 200 }), (score, width) => {
        const { text } = writeTab(score, tuningOf(score), width);
        const { score: again, problems } = readTab(text);
        expect(problems).toEqual([]);
        expect(again.tuning?.midi).toEqual(score.tuning?.midi);
        expect([again.capo, again.tempoBpm]).toEqual([score.capo, score.tempoBpm]);
        expect(noteLines(again)).toEqual(noteLines(score));
        expect(chordLines(again)).toEqual(chordLines(score));
      }),
      RUNS,
    );
  });

  test("as MusicXML, plain and compressed", () => {
    fc.assert(
      fc.property(madeScore, (score) => {
        const xml = writeMusicXml(score, tuningOf(score));
        const packed = scoreBytesOf(writeMxl(xml));
        expect(packed.ok && new TextDecoder().decode(packed.value)).toBe(xml);
        const read = readMusicXml(xml);
        if (!read.ok) throw new Error(read.problem.message);
        const { score: again, problems } = read.value;
        expect(problems).toEqual([]);
        expect(again.tuning?.midi).toEqual(score.tuning?.midi);
        expect([again.capo, again.title]).toEqual([score.capo, score.title]);
        expect(again.sections.map(({ name }) => name)).toEqual(
          score.sections.map(({ name }) => name),
        );
        // Its slides say no direction: frets do, which made scores do not heed.
        const plain = (of: Score) => noteLines(of).map((line) => line.replaceAll("\\", "/"));
        expect(plain(again)).toEqual(plain(score));
        expect(chordLines(again)).toEqual(chordLines(score));
        const ends = (of: Score) =>
          playedNotes(playedBars(of)).map(({ start, beats }) => Math.round((start + beats) * 96));
        expect(ends(again)).toEqual(ends(score));
      }),
      RUNS,
    );
  });

  test("as JSON, field for field", () => {
    fc.assert(
      fc.property(madeScore, (score) => {
        const read = readJson(JSON.stringify(songJson(score)));
        expect(read.ok && read.value.kind === "song" && read.value.score).toEqual(score);
      }),
      RUNS,
    );
  });

  test("as charts, in bars and as bracketed sheets with their grips", () => {
    fc.assert(
      fc.property(madeScore, (score) => {
        for (const dialect of [undefined, CHORDPRO]) {
          const { score: again, problems } = readSheet(writeChart(score, dialect).text);
          expect(problems).toEqual([]);
          const names = (of: Score) =>
            playedBars(of).map(({ beats, chords }) => [
              beats,
              chords.map(({ name, startBeat }) => [name, Math.round(startBeat * 96)]),
            ]);
          expect(names(again)).toEqual(names(score));
        }
      }),
      RUNS,
    );
  });
});
