/** @jest-environment jsdom */
import { fireEvent, render, renderHook, screen } from "@testing-library/react";
import { describe, expect, jest, test } from "@jest/globals";
import { makeNeck } from "@/core/neck";
import { useShortcuts } from "./controls/useShortcuts";
import { FretRange, type Range } from "./neck/FretRange";
import { makeNeckScale } from "./neck/neckScale";

describe("shortcuts", () => {
  const press = (init: KeyboardEventInit, target: Element = document.body) => {
    const pressed: string[] = [];
    const names = ["g", "1", "Shift+Digit1", "Shift+Equal", "Ctrl+z", "Ctrl+Shift+z", "ArrowDown"];
    const shortcuts = Object.fromEntries(names.map((name) => [name, () => pressed.push(name)]));
    const { unmount } = renderHook(() => useShortcuts(shortcuts));
    fireEvent.keyDown(target, init);
    unmount();
    return pressed;
  };

  test.each<[KeyboardEventInit, string[]]>([
    [{ key: "g", code: "KeyG" }, ["g"]],
    [{ key: "G", code: "KeyG", shiftKey: true }, ["g"]],
    [{ key: "1", code: "Digit1" }, ["1"]],
    [{ key: "!", code: "Digit1", shiftKey: true }, ["Shift+Digit1"]],
    [{ key: "+", code: "Equal", shiftKey: true }, ["Shift+Equal"]],
    // Where digits themselves need Shift, as on French keyboards, they stay digits.
    [{ key: "1", code: "Digit1", shiftKey: true }, ["1"]],
    [{ key: "z", code: "KeyZ", ctrlKey: true }, ["Ctrl+z"]],
    [{ key: "Z", code: "KeyZ", metaKey: true, shiftKey: true }, ["Ctrl+Shift+z"]],
    [{ key: "g", code: "KeyG", ctrlKey: true }, []],
    [{ key: "g", code: "KeyG", altKey: true }, []],
  ])("%j runs %j", (init, expected) => expect(press(init)).toEqual(expected));

  test("typing stays typing, and a slider keeps its arrows", () => {
    render(
      <>
        <input aria-label="name" />
        <div role="slider" aria-label="range" aria-valuenow={1} tabIndex={0} />
      </>,
    );
    expect(press({ key: "g" }, screen.getByLabelText("name"))).toEqual([]);
    expect(press({ key: "z", ctrlKey: true }, screen.getByLabelText("name"))).toEqual([]);
    expect(press({ key: "ArrowDown" }, screen.getByRole("slider"))).toEqual([]);
    expect(press({ key: "g" }, screen.getByRole("slider"))).toEqual(["g"]);
  });
});

describe("the range of frets by keys", () => {
  const put = (range: Range | null, handle: string, key: string, leftHanded = false) => {
    const neck = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 22 });
    if (!neck.ok) throw new Error(neck.problem.message);
    const onRange = jest.fn<(range: Range | null) => void>();
    const scale = makeNeckScale(neck.value, 1200, { leftHanded });
    const { unmount } = render(
      <svg>
        <FretRange scale={scale} frets={22} range={range} onRange={onRange} />
      </svg>,
    );
    fireEvent.keyDown(screen.getByRole("slider", { name: handle }), { key });
    unmount();
    return onRange.mock.calls[0]?.[0];
  };

  test.each<[Range | null, string, string, Range | null]>([
    [null, "Lowest fret", "ArrowRight", [2, 22]],
    [[5, 9], "Lowest fret", "ArrowLeft", [4, 9]],
    [[5, 9], "Highest fret", "ArrowUp", [5, 10]],
    [[5, 9], "Lowest fret", "Home", [1, 9]],
    // The handles never cross, and the whole neck is no range.
    [[5, 9], "Lowest fret", "End", [9, 9]],
    [[5, 9], "Highest fret", "Home", [5, 5]],
    [[2, 22], "Lowest fret", "ArrowLeft", null],
    [[1, 21], "Highest fret", "End", null],
  ])("%j, %s, %s gives %j", (range, handle, key, expected) => {
    expect(put(range, handle, key)).toEqual(expected);
  });

  test("on a left-handed neck the arrows follow the picture", () => {
    expect(put([5, 9], "Lowest fret", "ArrowRight", true)).toEqual([4, 9]);
  });

  test("other keys are not its own", () => {
    expect(put([5, 9], "Lowest fret", "g")).toBeUndefined();
  });
});
