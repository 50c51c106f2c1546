import { describe, expect, test } from "@jest/globals";
import { makeRetuneSheet } from "@/core/retuning";
import { usualMidi } from "@/core/tuning";
import { checkText, pullText, tensionText, turnText, warningText } from "./retuneWords";

const STANDARD = usualMidi(6);
const DROP_D = [38, 45, 50, 55, 59, 64];
const DROP_C = [36, 43, 48, 53, 57, 62];

describe("the retune sheet in words", () => {
  const strung = { usualMidi: STANDARD, scalesMm: Array<number>(6).fill(648), frets: 22 };
  const sheet = makeRetuneSheet(strung, STANDARD, DROP_C);
  const dropD = makeRetuneSheet(strung, STANDARD, DROP_D).strings[0];

  test("what to turn, always up to pitch", () => {
    expect(dropD && turnText(dropD)).toBe("down 2 half steps: go below, then up to it");
    const up = makeRetuneSheet(strung, DROP_D, STANDARD).strings[0];
    expect(up && turnText(up)).toBe("up 2 half steps, slowly");
  });

  test("how to hear it", () => {
    expect(dropD && checkText(dropD.check, 0, 6)).toBe(
      "Open string 6 sounds an octave from open string 4.",
    );
    const fifth = { referenceString: 0, referenceFret: 5, tunedFret: 0, kind: "unison" } as const;
    expect(checkText(fifth, 1, 6)).toBe("Open string 5 sounds the same as string 6 at fret 5.");
    expect(checkText(null, 1, 6)).toMatch(/tuner/);
  });

  test("pull and tension", () => {
    expect(pullText(sheet.pull)).toBe("−23%, if all strings pull alike");
    expect(pullText({ changeN: 12.4, share: 1.03 })).toBe("+12 N (+3%)");
    expect(dropD && tensionText(dropD)).toBe("79% of usual");
  });

  test("cautions say what may happen and who can help", () => {
    const words = sheet.warnings.map((warning) => warningText(warning, 6));
    expect(words[0]).toBe(
      "String 6 keeps 63% of its usual tension: likely too slack, it will buzz and go sharp.",
    );
    expect(words[1]).toMatch(/77% of the usual.*qualified technician/);
    expect(warningText({ kind: "near breaking", string: 5, share: 0.88 }, 6)).toMatch(
      /String 1 at 88%.*Slack first, face away, wear glasses/,
    );
    expect(warningText({ kind: "above usual", string: 4, semitones: 1 }, 6)).toMatch(
      /String 2 goes a half step above.*wear glasses/,
    );
  });
});
