import { expect, test } from "@jest/globals";
import { findGrips, findSetGrips } from "@/core/grip";
import { makeNeck } from "@/core/neck";
import { parseNote } from "@/core/pitch";
import { formText } from "./formText";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64] });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;

function formsOf(rootText: string): Readonly<Record<string, string | null>> {
  const root = parseNote(rootText);
  if (!root.ok) throw new Error(root.problem.message);
  const set = { allowed: [0, 4, 7], required: [0, 4, 7], minNotes: 4, maxNotes: 6 };
  return Object.fromEntries(
    findSetGrips(neck, root.value, set).map((grip) => [
      grip.fretting.map((fret) => fret ?? "x").join(" "),
      formText(grip),
    ]),
  );
}

test("a grip is called by the form that it is moved from", () => {
  const c = formsOf("C");
  expect(c["x 3 5 5 5 3"]).toBe("A form, moved to fret 3");
  expect(c["8 10 10 9 8 8"]).toBe("E form, moved to fret 8");
  expect(c["x 3 2 0 1 0"]).toBe("Open C form");
  expect(c["3 3 2 0 1 0"]).toBeNull();
});

test("power chords and octaves are known in any tuning", () => {
  const dropD = makeNeck({ midi: [38, 45, 50, 55, 59, 64] });
  if (!dropD.ok) throw new Error(dropD.problem.message);
  const named = (voicing: readonly number[]) =>
    Object.fromEntries(
      findGrips(dropD.value, { letter: "G", accidental: 0 }, voicing).map((grip) => [
        grip.fretting.map((fret) => fret ?? "x").join(" "),
        formText(grip),
      ]),
    );
  expect(named([0, 7, 12])["5 5 5 x x x"]).toBe("Power chord, root on string 6");
  expect(named([0, 12])["x 10 x 12 x x"]).toBe("Octave, root on string 5");
  expect(named([-5, 0])["5 x 5 x x x"]).toBeUndefined();
  expect(named([-5, 0])["x 5 5 x x x"]).toBeNull();
});
