/** @jest-environment jsdom */
import { describe, expect, test } from "@jest/globals";
import { fireEvent, render, renderHook, screen } from "@testing-library/react";
import { useShortcuts } from "./useShortcuts";

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
