import { expect, test } from "@jest/globals";
import { noteText } from "@/core/pitch";
import { rootOfTuning } from "./tuningRoot";

test.each([
  ["open G, root on string 5", [38, 43, 50, 55, 59, 62], "G"],
  ["open E", [40, 47, 52, 56, 59, 64], "E"],
  ["open D minor", [38, 45, 50, 53, 57, 62], "D"],
  ["standard, which sounds no chord", [40, 45, 50, 55, 59, 64], "E"],
  ["drop D", [38, 45, 50, 55, 59, 64], "D"],
])("%s", (_, midi, root) => {
  expect(noteText(rootOfTuning(midi))).toBe(root);
});
