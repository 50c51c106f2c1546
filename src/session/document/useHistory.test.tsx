/** @jest-environment jsdom */
import { describe, expect, test } from "@jest/globals";
import { act, renderHook } from "@testing-library/react";
import { useHistory } from "./useHistory";

describe("undo and redo", () => {
  const start = () => renderHook(() => useHistory({ root: "C", voicing: 1, theme: "light" }, KEPT));
  const KEPT = ["theme"] as const;

  test("walk back and forth; what is no step stays out of it", () => {
    const { result } = start();
    act(() => result.current.change(() => ({ root: "D" }), true));
    act(() => result.current.change(() => ({ theme: "dark" }), false));
    act(() => result.current.change(({ voicing }) => ({ voicing: voicing + 1 }), true));
    expect(result.current.value).toEqual({ root: "D", voicing: 2, theme: "dark" });
    act(() => result.current.steps.undo());
    act(() => result.current.steps.undo());
    expect(result.current.value).toEqual({ root: "C", voicing: 1, theme: "dark" });
    expect(result.current.steps).toMatchObject({ canUndo: false, canRedo: true });
    act(() => result.current.steps.redo());
    act(() => result.current.steps.redo());
    expect(result.current.value).toEqual({ root: "D", voicing: 2, theme: "dark" });
    expect(result.current.steps).toMatchObject({ canUndo: true, canRedo: false });
  });

  test("asking for what is there already is no step", () => {
    const { result } = start();
    act(() => result.current.change(() => ({ root: "C" }), true));
    expect(result.current.steps.canUndo).toBe(false);
  });

  test("a new step ends what could be brought again; at the ends nothing happens", () => {
    const { result } = start();
    act(() => result.current.steps.undo());
    act(() => result.current.change(() => ({ root: "D" }), true));
    act(() => result.current.steps.undo());
    act(() => result.current.change(() => ({ root: "E" }), true));
    expect(result.current.steps.canRedo).toBe(false);
    act(() => result.current.steps.redo());
    expect(result.current.value.root).toBe("E");
  });
});
