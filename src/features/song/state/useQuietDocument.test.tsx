/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from "@jest/globals";
import { act, renderHook } from "@testing-library/react";
import { useQuietDocument } from "./useQuietDocument";
import { type SongDocument } from "./useSongDocument";

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

const documentOf = (chart: string) => ({ song: { chart } }) as SongDocument;
const LONG = "| E5 . A5 . |\n".repeat(1000);
const show = (first: string) =>
  renderHook(({ document }) => useQuietDocument(document).song.chart, {
    initialProps: { document: documentOf(first) },
  });

test("a short chart is read with each key", () => {
  const { result, rerender } = show("| E5 |");
  rerender({ document: documentOf("| E5 | A") });
  expect(result.current).toBe("| E5 | A");
});

test("a long one once nobody types any more", () => {
  const { result, rerender } = show(LONG);
  for (const more of ["|", "| A", "| A5"]) {
    rerender({ document: documentOf(LONG + more) });
    act(() => void jest.advanceTimersByTime(300));
    expect(result.current).toBe(LONG);
  }
  act(() => void jest.advanceTimersByTime(600));
  expect(result.current).toBe(`${LONG}| A5`);
});
