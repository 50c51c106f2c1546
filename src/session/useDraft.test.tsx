/** @jest-environment jsdom */
import { expect, test } from "@jest/globals";
import { act, renderHook } from "@testing-library/react";
import { useDraft } from "./useDraft";

test("a draft is there again when its form is opened again, until it is forgotten", () => {
  const first = renderHook(() => useDraft("form", ""));
  expect(first.result.current[0]).toBe("");
  act(() => first.result.current[1]("half a na"));
  expect(first.result.current[0]).toBe("half a na");
  first.unmount();
  const again = renderHook(() => useDraft("form", ""));
  expect(again.result.current[0]).toBe("half a na");
  expect(renderHook(() => useDraft("another form", "")).result.current[0]).toBe("");
  act(() => again.result.current[2]());
  expect(again.result.current[0]).toBe("");
});
