import { expect, test } from "@jest/globals";
import { fileName } from "./fileName";

test("file names are plain letters", () => {
  expect(fileName("C#5/G#", "in", "Drop D", "neck")).toBe("c-sharp-5-over-g-sharp-in-drop-d-neck");
  expect(fileName("Bbm", "in", "E standard", "grip")).toBe("b-flat-m-in-e-standard-grip");
});
