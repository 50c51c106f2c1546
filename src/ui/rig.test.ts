import { describe, expect, test } from "@jest/globals";
import { makeNeck } from "@/core/neck";
import { makeRetuneSheet, readTuning, UNKNOWN_STRING, usualMidi } from "@/core/tuning";
import { DEFAULT_PROFILE, type GuitarContent } from "@/server/types";
import { readForm, toForm, withStrings, type GuitarForm } from "./guitars/guitarForm";
import { guitarFormSchema } from "./guitars/guitarFormSchema";
import { makeNeckScale } from "./neck/neckScale";
import { checkText, pullText, tensionText, turnText, warningText } from "./retune/retuneWords";
import { dropFavourite, favouriteId, FAVOURITES_ID, listedId, midiOfId } from "./tunings/dragIds";
import { callTuning, tuningLists } from "./tunings/tuningLists";

const STANDARD = usualMidi(6);
const DROP_D = [38, 45, 50, 55, 59, 64];
const DROP_C = [36, 43, 48, 53, 57, 62];

const guitar: GuitarContent = {
  name: "Ash six",
  usualMidi: STANDARD,
  frets: 22,
  scaleMm: 647.7,
  trebleScaleMm: 647.7,
  perpendicularFret: 7,
  nutMm: 35.5,
  bridgeMm: 52,
  capo: 0,
  leftHanded: false,
  bridge: "fixed",
  strings: STANDARD.map((_, string) => ({
    ...UNKNOWN_STRING,
    diameterMm: string === 5 ? 0.254 : null,
    tensionN: string === 0 ? 79 : null,
    wound: string < 3,
  })),
};

describe("the guitar form", () => {
  test("a guitar that is opened and saved is the same guitar", () => {
    expect(readForm(toForm(guitar))).toEqual({ ok: true, value: guitar });
    const fanned = { ...guitar, trebleScaleMm: 628.65, perpendicularFret: 9, leftHanded: true };
    expect(readForm(toForm(fanned))).toEqual({ ok: true, value: fanned });
  });

  test("units are the player's own", () => {
    const typed = { ...toForm(guitar), scale: "25.5 in", nut: "1.4 in", bridgeWidth: "52" };
    expect(readForm(typed)).toMatchObject({ ok: true, value: { scaleMm: 647.7, nutMm: 35.56 } });
    expect(toForm(guitar).perString[5]?.gauge).toBe(".010");
  });

  const problems = async (part: Partial<GuitarForm>): Promise<Record<string, string>> => {
    try {
      await guitarFormSchema.validate({ ...toForm(guitar), ...part }, { abortEarly: false });
      return {};
    } catch (error) {
      const { inner } = error as { inner: readonly { path: string; message: string }[] };
      return Object.fromEntries(inner.map(({ path, message }) => [path, message]));
    }
  };

  test.each<[string, Partial<GuitarForm>, string, RegExp]>([
    ["zero strings", { strings: "0" }, "strings", /0 strings; a guitar has 4 to 10/],
    ["eleven strings", { strings: "11" }, "strings", /11 strings/],
    ["fret 0", { frets: "0" }, "frets", /whole number from 12 to 36/],
    ["no frets written", { frets: "" }, "frets", /whole number/],
    ["a scale of 50 mm", { scale: "50 mm" }, "scale", /300 to 1200 mm/],
    ["a scale in words", { scale: "long" }, "scale", /write a length/],
    ["letters that are no notes", { usual: "X Y Z" }, "usual", /is not a note/],
    ["an empty tuning", { usual: " " }, "usual", /nothing written/],
    ["a very long tuning", { usual: "E".repeat(10_000) }, "usual", /10000 characters/],
    ["a tuning for seven", { usual: "B E A D G B E" }, "usual", /7 notes; write 6/],
    [
      "a pitch of 12,000 Hz",
      { usual: "G9 A2 D3 G3 B3 E4" },
      "usual",
      /no string sounds that pitch/,
    ],
    ["no name", { name: "" }, "name", /Give it a name/],
    ["a capo on fret 30", { capo: "30" }, "capo", /whole number/],
  ])("%s: a reason beside its field", async (_, part, field, reason) => {
    expect((await problems(part))[field]).toMatch(reason);
  });

  test("a wrong gauge is named by its string", async () => {
    const perString = toForm(guitar).perString.with(2, {
      ...(toForm(guitar).perString[2] as GuitarForm["perString"][number]),
      gauge: "thick",
    });
    expect((await problems({ perString }))["perString[2].gauge"]).toMatch(/'thick': write a gauge/);
  });

  test("another number of strings keeps what is known of the thin ones", () => {
    const seven = withStrings(toForm(guitar), "7");
    expect(seven.usual).toBe("7-string B standard");
    expect(seven.perString).toHaveLength(7);
    // Six gaps where there were five: the strings stay as far apart.
    expect(seven.nut).toBe("42.6 mm");
    expect(withStrings({ ...seven, nut: "wide" }, "6").nut).toBe("wide");
    expect(seven.perString[6]?.gauge).toBe(".010");
    expect(readForm(seven)).toMatchObject({ ok: true, value: { usualMidi: usualMidi(7) } });
    expect(withStrings(seven, "6").perString).toEqual(toForm(guitar).perString);
    expect(withStrings(seven, "0")).toEqual({ ...seven, strings: "0" });
  });
});

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
    expect(pullText(sheet.pull)).toBe("−23 %, if all strings pull alike");
    expect(pullText({ changeN: 12.4, share: 1.03 })).toBe("+12 N (+3 %)");
    expect(dropD && tensionText(dropD)).toBe("79 % of usual");
  });

  test("cautions say what may happen and who can help", () => {
    const words = sheet.warnings.map((warning) => warningText(warning, 6));
    expect(words[0]).toBe(
      "String 6 keeps 63 % of its usual tension: likely too slack, it will buzz and go sharp.",
    );
    expect(words[1]).toMatch(/77 % of the usual.*qualified technician/);
    expect(warningText({ kind: "near breaking", string: 5, share: 0.88 }, 6)).toMatch(
      /String 1 at 88 %.*Slack first, face away, wear glasses/,
    );
    expect(warningText({ kind: "above usual", string: 4, semitones: 1 }, 6)).toMatch(
      /String 2 goes a half step above.*wear glasses/,
    );
  });
});

describe("favourites by drag", () => {
  const all = [STANDARD, DROP_D, DROP_C];

  test("ids stand for pitches", () => {
    expect(midiOfId(listedId(DROP_D))).toEqual(DROP_D);
    expect(midiOfId(favouriteId(DROP_D))).toEqual(DROP_D);
    expect(midiOfId(FAVOURITES_ID)).toEqual([]);
  });

  test("a new one goes where it is dropped, or to the end", () => {
    const dadgad = [38, 45, 50, 55, 57, 62];
    expect(dropFavourite(all, dadgad, DROP_D)).toEqual([STANDARD, dadgad, DROP_D, DROP_C]);
    expect(dropFavourite(all, dadgad, [])).toEqual([...all, dadgad]);
  });

  test("one of them moves, and none is ever there twice", () => {
    expect(dropFavourite(all, DROP_C, STANDARD)).toEqual([DROP_C, STANDARD, DROP_D]);
    expect(dropFavourite(all, STANDARD, DROP_C)).toEqual([DROP_D, DROP_C, STANDARD]);
    expect(dropFavourite(all, STANDARD, [])).toEqual([DROP_D, DROP_C, STANDARD]);
  });
});

describe("lists of tunings", () => {
  const rig = {
    favourites: [DROP_D],
    ownTunings: [{ id: 1, name: "Nine Below", midi: DROP_C }],
    profile: DEFAULT_PROFILE,
  };

  test("favourites and own ones first, own names before others", () => {
    expect(
      tuningLists(rig, 6, "")
        .map(({ title }) => title)
        .slice(0, 3),
    ).toEqual(["Favourites", "Your own", "Standard tunings"]);
    expect(callTuning(DROP_C, rig.ownTunings, "mixed").name).toBe("Nine Below");
    expect(callTuning(DROP_D, rig.ownTunings, "mixed").name).toBe("Drop D");
  });

  test("at least sixty in the catalogue, for every number of strings, each readable by its name", () => {
    const counts = [4, 5, 6, 7, 8, 9, 10];
    const bare = { ...rig, favourites: [], ownTunings: [] };
    const found = counts.map((count) =>
      tuningLists(bare, count, "").flatMap((list) => list.tunings),
    );
    expect(found.every((tunings) => tunings.length > 0)).toBe(true);
    expect(found.flat().length).toBeGreaterThanOrEqual(60);
    for (const { name, midi } of found.flat()) {
      expect(readTuning(name)).toMatchObject({ ok: true, value: { tuning: { midi } } });
    }
  });

  test("typing narrows them", () => {
    const named = tuningLists(rig, 6, "dadg").flatMap((list) => list.tunings);
    expect(named.map(({ name }) => name)).toEqual(["DADGAD"]);
    expect(tuningLists(rig, 6, "no such")).toEqual([]);
  });
});

test("a left-handed neck is the mirror of the other", () => {
  const neck = makeNeck({ midi: STANDARD, frets: 22, scaleMm: 686, trebleScaleMm: 648, capo: 2 });
  if (!neck.ok) throw new Error(neck.problem.message);
  const right = makeNeckScale(neck.value, 1200);
  const left = makeNeckScale(neck.value, 1200, { leftHanded: true });
  for (const string of [0, 3, 5]) {
    for (const fret of [0, 1, 12, 20]) {
      expect(left.wireX(string, fret) + right.wireX(string, fret)).toBeCloseTo(1200, 9);
      expect(left.markX(string, fret) + right.markX(string, fret)).toBeCloseTo(1200, 9);
    }
  }
  expect(left.labelX).toBeGreaterThan(left.silentX);
  expect([left.direction, right.direction]).toEqual([-1, 1]);
});
