/** @jest-environment jsdom */
import { beforeAll, describe, expect, test } from "@jest/globals";
import { act, render, screen } from "@testing-library/react";
import { type PlayPlace } from "@/audio/playTypes";
import { makeSong } from "@/core/arrangement/testing";
import { readChart, readWords } from "@/core/song";
import { makePlayhead, PlayingView, scaleAfter } from ".";
import { mannerWords, waitWords } from "./playWords";

beforeAll(() => {
  Object.assign(globalThis, {
    ResizeObserver: class {
      observe() {}
      disconnect() {}
    },
  });
});

const CHART = "Tempo: 120\n| A5 | A5 . C5 . |\n  oh    hold  on\n";
const PLACE: PlayPlace = {
  count: null,
  bar: 0,
  beat: 0,
  quarters: 0,
  chord: 0,
  next: 1,
  round: 0,
  tempoBpm: 120,
};

function show(text = CHART) {
  const { arrangement, route, request } = makeSong(text);
  const playhead = makePlayhead();
  render(
    <PlayingView
      song={{ arrangement, route, neck: request.neck }}
      words={readWords(text, readChart(text))}
      look={{ leftHanded: false, thickOnTop: false }}
      playhead={playhead}
      startQuarters={0}
      loop={null}
      scale={1}
      way="line"
    />,
  );
  return playhead;
}

const textOf = (name: string) => screen.getByRole("region", { name }).textContent ?? "";

describe("the playing view", () => {
  test("before it plays shows the first grip, and the next different one with when", () => {
    show();
    expect(textOf("Now")).toMatch(/A5string 5open/);
    expect(textOf("Now")).toContain("let it ring");
    expect(textOf("Next")).toMatch(/^in 2 bars ?C5|^in 6 beats/);
  });

  test("the place moves it, beat by beat; the count stands by the first grip", () => {
    const playhead = show();
    act(() => playhead.setPlace({ ...PLACE, count: "two", beat: 1, chord: null, next: 0 }));
    expect(screen.getByRole("timer").textContent).toBe("two");
    expect(textOf("Now")).toContain("A5");
    act(() => playhead.setPlace({ ...PLACE, bar: 1, beat: 1, quarters: 5, chord: 1 }));
    expect(screen.queryByRole("timer")).toBeNull();
    expect(textOf("Next")).toMatch(/^next beat/);
    act(() => playhead.setPlace({ ...PLACE, bar: 1, beat: 2, quarters: 6, chord: 2 }));
    expect(textOf("Now")).toContain("C5");
    expect(textOf("Next")).toContain("Stays to the end");
    act(() => playhead.setPlace(null));
    expect(textOf("Now")).toContain("A5");
  });

  test("the bar tells its strokes, the line its chords with their words", () => {
    show("Texture: muted eighths\n| A5 | C5 |\n  oh   hold");
    expect(textOf("The bar")).toContain("8 strokes: muted down, muted up, muted down");
    const line = screen.getByRole("list", { name: "This line" });
    expect(line.textContent).toBe("A5ohC5hold");
  });

  test("where the hand never moves there is no next grip and no way", () => {
    show("| A5 | A5 |");
    expect(screen.queryByRole("region", { name: "Next" })).toBeNull();
    expect(screen.queryByRole("region", { name: "The hand's way" })).toBeNull();
  });
});

test("waits, manners and sizes in words and steps", () => {
  expect(waitWords({ unit: "beats", count: 1 })).toBe("next beat");
  expect(waitWords({ unit: "bars", count: 1 })).toBe("in 1 bar");
  expect(mannerWords([{ touch: "ringing" }, { touch: "choked" }])).toBe(
    "let it ring, with scratches",
  );
  expect(mannerWords([{ touch: "choked" }])).toBe("scratched");
  expect([scaleAfter(1, 1), scaleAfter(1, -1), scaleAfter(2, 1)]).toEqual([1.15, 0.9, 2]);
});

describe("a riff in the playing view", () => {
  const RIFF = "Tempo: 120\n| 6:3 6:5h7 6:x 5:5~ | A5 |\n";

  test("its bar shows each fret on its string, and says so to a screen reader", () => {
    show(RIFF);
    const lane = screen.getByRole("region", { name: "The bar" });
    const frets = [...lane.querySelectorAll("[data-fret]")].map((each) => each.textContent);
    expect(frets).toEqual(["3", "5", "h7", "×", "5~"]);
    expect(lane.textContent).toContain("quarter 1: string 6, fret 3");
    expect(lane.textContent).toContain("string 6, dead");
  });

  test("it is one thing to play, with where it begins; next is the chord after it", () => {
    const playhead = show(RIFF);
    act(() => playhead.setPlace({ ...PLACE, quarters: 1, beat: 1, chord: 1, next: 2 }));
    expect(textOf("Now")).toMatch(/Riffstring 6fret 3/);
    expect(textOf("Next")).toMatch(/in 3 beats.*A5/);
    expect(textOf("The line")).toMatch(/Riff.*A5/);
  });
});
