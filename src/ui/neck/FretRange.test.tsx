/** @jest-environment jsdom */
import { describe, expect, jest, test } from "@jest/globals";
import { fireEvent, render, screen } from "@testing-library/react";
import { makeNeck } from "@/core/neck";
import { FretRange, type Range } from "./FretRange";
import { makeNeckScale } from "./neckScale";

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
