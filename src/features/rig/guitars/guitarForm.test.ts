import { describe, expect, test } from "@jest/globals";
import { UNKNOWN_STRING } from "@/core/strings";
import { usualMidi } from "@/core/tuning";
import { type GuitarContent } from "@/state";
import { readForm, toForm, withStrings, type GuitarForm } from "./guitarForm";
import { guitarFormSchema } from "./guitarFormSchema";

const STANDARD = usualMidi(6);

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
