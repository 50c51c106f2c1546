import { expect, test } from "@jest/globals";
import { soundingMidi, type Fretting } from "@/core/fretting";
import { makeNeck } from "@/core/neck";
import { isFormOverBass } from "./formOverBass";

const C = 0;
const D = 2;
const E = 4;
const G = 7;
const A = 9;

function isForm(text: string, root: number): boolean {
  const neck = makeNeck({ midi: [40, 45, 50, 55, 59, 64] });
  if (!neck.ok) throw new Error(neck.problem.message);
  const fretting: Fretting = text.split(" ").map((fret) => (fret === "x" ? null : Number(fret)));
  return isFormOverBass(fretting, soundingMidi(neck.value, fretting), root);
}

test.each([
  ["0 3 2 0 1 0", C, "the open C with one more string"],
  ["2 0 0 2 3 2", D, "the open D two strings up"],
  ["2 x 0 0 0 3", G, "the open G, its root a fret lower"],
  ["x 4 2 2 2 0", A, "the open A, its root moved to its third"],
  ["4 x 2 1 0 0", E, "the open E without its second string"],
  ["x x 0 0 0 3", G, "the thin strings of the open G"],
  ["x 0 3 2 1 1", 5, "the small F above an open A"],
])("%s has a form above its bass: %s (common practice)", (text, root) => {
  expect(isForm(text, root)).toBe(true);
});

test.each([
  ["x 7 5 5 8 x", C],
  ["x 7 5 5 5 8", C],
  ["7 x 7 9 8 x", G],
  ["3 x x x x x", G],
])("%s has none", (text, root) => {
  expect(isForm(text, root)).toBe(false);
});
