import { describe, expect, test } from "@jest/globals";
import { soundingMidi, type Fretting } from "@/core/fretting";
import { makeNeck } from "@/core/neck";
import { formOf, hasFormOn, isOnUsualFrets } from "./index";

const STANDARD = [40, 45, 50, 55, 59, 64];

function formAt(midi: readonly number[], text: string) {
  const neck = makeNeck({ midi });
  if (!neck.ok) throw new Error(neck.problem.message);
  const fretting: Fretting = text.split(" ").map((fret) => (fret === "x" ? null : Number(fret)));
  const form = formOf(fretting, soundingMidi(neck.value, fretting));
  return form && { form, name: `${form.letter} ${form.kind}`, fretting };
}

describe("forms (common practice)", () => {
  test.each([
    ["x 4 6 6 6 4", "A major"],
    ["8 10 10 8 8 8", "E minor"],
    ["x 3 2 0 1 0", "C major"],
    ["x 7 6 7 8 x", "C 7#9"],
    ["3 x 3 4 3 x", "E 7"],
    ["5 x 5 5 5 x", "E m7"],
    ["6 x 6 7 8 x", "E 13"],
    ["x 5 4 5 5 5", "C 9"],
    ["x x 0 2 3 2", "D major"],
    ["3 x 0 0 0 3", "G major"],
  ])("%s is the form %s", (text, name) => {
    expect(formAt(STANDARD, text)?.name).toBe(name);
  });

  test("a form is known wherever its notes lie the same way", () => {
    const dropD = [38, ...STANDARD.slice(1)];
    expect(formAt(dropD, "x 4 6 6 6 4")?.name).toBe("A major");
    const lower = formAt(dropD, "5 5 5 4 3 3");
    expect(lower?.name).toBe("E major");
    expect(lower && isOnUsualFrets(lower.form, lower.fretting)).toBe(false);
    const sevenStrings = formAt([35, ...STANDARD], "x x 4 6 6 6 4");
    expect(sevenStrings?.name).toBe("A major");
    expect(sevenStrings && isOnUsualFrets(sevenStrings.form, sevenStrings.fretting)).toBe(true);
  });

  test("anything else is none", () => {
    expect(formAt(STANDARD, "x 0 2 0 2 3")).toBeNull();
    expect(formAt(STANDARD, "0 2 2 x 0 0")).toBeNull();
    expect(formAt(STANDARD, "x x x x x 3")).toBeNull();
  });

  test("some sets of strings have no form at all", () => {
    expect(hasFormOn([true, false, true, true, true, false])).toBe(true);
    expect(hasFormOn([true, true, false, false, true, true])).toBe(false);
  });
});
