/** @jest-environment jsdom */
import { expect, test } from "@jest/globals";
import { fireEvent, renderHook } from "@testing-library/react";
import { capsOf, listKeys } from "./keyList";
import { useKeys } from "./keys";

test.each([
  [["a", "b", "c", "d", "e", "f", "g"], "A – G"],
  [["1", "2", "3", "4", "5", "6", "7", "8", "9", "0"], "1 – 0"],
  [["ArrowDown", "ArrowRight", "PageDown"], "↓ → Page down"],
  [["]", "["], "] ["],
  [["a", "b"], "A B"],
  [["z", "Ctrl+z"], "Z Ctrl Z"],
  [["Shift+Digit1", "Shift+Digit2", "Shift+Digit3"], "Shift 1 – 3"],
  [["Shift+Digit9", "Shift+Digit0", "Shift+Minus", "Shift+Equal"], "Shift 9 – ="],
  [["Enter", " "], "Enter Space"],
])("%j is shown as %s", (keys, shown) => {
  expect(capsOf(keys).join(" ")).toBe(shown);
});

test("the table that is shown is the table that listens", () => {
  const table = {
    root: ["a", "b"],
    stage: ["v"],
  };
  const pressed: string[] = [];
  renderHook(() =>
    useKeys(table, {
      root: (place) => pressed.push(`root ${place}`),
      stage: () => pressed.push("stage"),
    }),
  );
  const { lines } = listKeys("Neck", table, { root: "Root", stage: "Stage view" });
  expect(lines.map(({ what }) => what)).toEqual(["Root", "Stage view"]);
  for (const key of lines.flatMap(({ keys }) => keys)) {
    fireEvent.keyDown(document.body, { key });
  }
  expect(pressed).toEqual(["root 0", "root 1", "stage"]);
});
