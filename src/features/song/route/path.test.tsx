/** @jest-environment jsdom */
import { describe, expect, jest, test } from "@jest/globals";
import { fireEvent, render, screen } from "@testing-library/react";
import { fingertipMm, wireMm } from "@/core/neck";
import { makePathScale } from "./pathScale";
import { PathStops } from "./PathStops";
import { makeSong, standardNeck } from "@/features/song/testing";

const TEXT = "Tempo: 300\nTexture: eighths\n| E5 A5 | C5 . B5 . | D5 |";
const neck = standardNeck();
const drawn = (chosen: number | null, onChoose: ((chord: number) => void) | null) => {
  const { arrangement, route } = makeSong(TEXT);
  const scale = makePathScale(arrangement, neck, route, 800);
  const { container } = render(
    <svg>
      <PathStops
        arrangement={arrangement}
        route={route}
        scale={scale}
        from={0}
        to={2000}
        chosen={chosen}
        hardStrokes={[1]}
        onChoose={onChoose}
      />
    </svg>,
  );
  return { container, route, scale, arrangement };
};

describe("where things of the way lie", () => {
  const { arrangement, route } = makeSong(TEXT);
  const scale = makePathScale(arrangement, neck, route, 800);

  test("frets are true to scale, time runs evenly, and a short song fills its room", () => {
    const share = (fret: number) => (scale.bottom - scale.wireY(fret)) / wireMm(neck, 0, fret);
    expect(share(5)).toBeCloseTo(share(1), 9);
    expect((scale.bottom - scale.fretY(3)) / fingertipMm(neck, 0, 3)).toBeCloseTo(share(1), 9);
    expect(scale.x(8) - scale.x(4)).toBeCloseTo(scale.x(4) - scale.x(0), 9);
    expect(scale.width).toBe(800);
    expect(scale.fretY(0)).toBe(scale.bottom);
  });

  test("a long song is wider than its room, and shows the highest fret with one above", () => {
    const long = makeSong("| C5 | E5 |\n".repeat(40), {
      limits: {
        frets: [7, 14],
        rootStrings: null,
        openStrings: "none",
        maxNotes: null,
        powerChordVoicing: [0, 7, 12],
        withoutLowest: false,
      },
    });
    const wide = makePathScale(long.arrangement, neck, long.route, 800);
    expect(wide.width).toBeGreaterThan(3000);
    const highest = Math.max(
      ...long.route.timed.stops.flatMap(({ fingering }) =>
        fingering.fretting.map((fret) => fret ?? 0),
      ),
    );
    expect(wide.frets).toBe(highest + 1);
  });
});

describe("stops and jumps", () => {
  test("each stop covers its frets, each jump says by its form how it holds", () => {
    const { container, route, scale } = drawn(null, () => undefined);
    const blocks = [...container.querySelectorAll("rect")];
    expect(blocks).toHaveLength(5);
    const frets = route.timed.stops[2]?.fingering.fretting.flatMap((fret) => (fret ? [fret] : []));
    const block = blocks[2];
    expect(Number(block?.getAttribute("y"))).toBeCloseTo(
      scale.wireY(Math.max(...(frets ?? []))),
      6,
    );
    const forms = [...container.querySelectorAll("[data-holds]")];
    expect(forms.map((form) => form.getAttribute("data-holds"))).toEqual(
      route.timed.changes.map(({ holds }) => holds),
    );
    for (const form of forms) {
      const isJagged = !form.getAttribute("d")?.includes("C");
      expect(isJagged).toBe(form.getAttribute("data-holds") === "too fast");
    }
  });

  test("a stop is chosen by pointer and by key, and says where it is and how it goes on", () => {
    const onChoose = jest.fn();
    drawn(2, onChoose);
    const chosen = screen.getByRole("button", { pressed: true });
    expect(chosen.getAttribute("aria-label")).toMatch(/^C5, bar 2, .*the next change is/);
    expect(chosen.getAttribute("tabindex")).toBe("0");
    fireEvent.click(screen.getAllByRole("button")[3] as Element);
    fireEvent.keyDown(screen.getAllByRole("button")[4] as Element, { key: "Enter" });
    fireEvent.keyDown(screen.getAllByRole("button")[4] as Element, { key: "x" });
    expect(onChoose.mock.calls).toEqual([[3], [4]]);
    expect(screen.getByLabelText(/down strokes faster than your limit/)).toBeTruthy();
  });

  test("on paper nothing can be pressed", () => {
    drawn(null, null);
    expect(screen.queryAllByRole("button")).toEqual([]);
  });
});
