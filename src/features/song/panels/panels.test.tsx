/** @jest-environment jsdom */
import { describe, expect, jest, test } from "@jest/globals";
import { fireEvent, render, screen, within } from "@testing-library/react";
import { readChart } from "@/core/song";
import { DEFAULT_SONG_SETTINGS, NO_PLAY_LIMITS, type SongSettings } from "@/core/arrangement";
import { BlockedNotice } from "@/features/song/route";
import { ChartDrawing } from "@/features/song/chart";
import { TexturePanel } from "./TexturePanel";
import { makeSong } from "@/features/song/testing";

describe("the drawn chart", () => {
  const TEXT =
    "Verse\n| A5 . <D5 . | E5! r N.C. . | Q7 |\nChorus\nTexture: muted\n|: G5 | % :|\n{comment: twice}";
  const drawn = (onChoose: ((chord: number) => void) | null, blocked: readonly string[] = []) => {
    const { arrangement } = makeSong(TEXT);
    render(
      <ChartDrawing
        chart={readChart(TEXT)}
        arrangement={arrangement}
        chosen={1}
        onChoose={onChoose}
        asPowerChords={false}
        blocked={new Set(blocked)}
      />,
    );
    return arrangement;
  };

  test("bars are numbered through, sections named with their texture", () => {
    drawn(() => undefined);
    const chorus = screen.getByRole("group", { name: "Chorus" });
    expect(within(chorus).getAllByRole("listitem")).toHaveLength(2);
    expect(chorus.textContent).toContain("muted");
    expect(within(chorus).getByRole("button", { name: "G5, bar 4" })).toBeTruthy();
    expect(screen.getByRole("button", { pressed: true }).textContent).toBe("D5");
  });

  test("a stop is told, an unknown word stands as typed, and nothing that does not sound is pressed", () => {
    drawn(() => undefined);
    expect(screen.getByRole("button", { name: "E5, bar 2" }).textContent).toBe("E5!");
    // The early chord took an eighth from the one before it; that is no stop.
    expect(screen.getByRole("button", { name: "A5, bar 1" }).textContent).toBe("A5");
    expect(screen.getByText("Q7").tagName).toBe("SPAN");
    expect(screen.getByText("N.C.").tagName).toBe("SPAN");
  });

  test("choosing a chord chooses where it is played first", () => {
    const onChoose = jest.fn();
    const { chords } = drawn(onChoose);
    fireEvent.click(screen.getByRole("button", { name: "G5, bar 4" }));
    const first = chords.findIndex(({ name }) => name === "G5");
    expect(onChoose).toHaveBeenCalledWith(first);
  });

  test("a chord without a grip says so; on paper nothing can be pressed", () => {
    drawn(() => undefined, ["0 0 0"]);
    expect(
      screen.getByRole("button", { name: "A5, bar 1, no grip under these limits" }),
    ).toBeTruthy();
    document.body.innerHTML = "";
    drawn(null);
    expect(screen.queryAllByRole("button")).toEqual([]);
  });

  test("of a long chart the first bars, and the others when they are asked for", () => {
    const text = "| A5 ".repeat(300);
    const { arrangement } = makeSong(text);
    render(
      <ChartDrawing
        chart={readChart(text)}
        arrangement={arrangement}
        chosen={null}
        onChoose={() => undefined}
        asPowerChords={false}
        blocked={new Set()}
      />,
    );
    expect(screen.getAllByRole("listitem")).toHaveLength(96);
    fireEvent.click(screen.getByRole("button", { name: "Show the other 204 bars" }));
    expect(screen.getAllByRole("listitem")).toHaveLength(300);
  });
});

describe("textures", () => {
  const opened = (texture: string | null, steps = 16) => {
    const onChange = jest.fn();
    const onScope = jest.fn();
    render(
      <TexturePanel
        texture={texture}
        scopes={["Verse", "Bar 1"]}
        scope="Verse"
        onScope={onScope}
        steps={steps}
        onChange={onChange}
      />,
    );
    return { onChange, onScope };
  };

  test.each([
    ["Quiet verse", "muted eighths down"],
    ["Loud chorus", "ringing eighths"],
    ["Choked hits between", "choked eighths"],
    ["Shuffle", "muted eighths shuffle"],
    ["Down only", "muted eighths down"],
    ["Accents on 2 and 4", "muted eighths backbeat"],
    ["Once", "muted once"],
    ["Say nothing", null],
  ])("%s", (button, said) => {
    const { onChange } = opened("muted eighths");
    fireEvent.click(screen.getByRole("button", { name: button }));
    expect(onChange).toHaveBeenCalledWith(said);
  });

  test("a step goes from nothing to a strum, an accent, muted and choked", () => {
    const { onChange } = opened("ringing x-X-m-c-");
    const press = (step: number) =>
      fireEvent.click(screen.getByRole("button", { name: new RegExp(`^Step ${step}:`) }));
    for (const step of [2, 1, 3, 5, 7]) press(step);
    expect(onChange.mock.calls.map(([said]) => String(said).slice(8, 16))).toEqual([
      "xxX-m-c-",
      "X-X-m-c-",
      "x-m-m-c-",
      "x-X-c-c-",
      "x-X-m---",
    ]);
  });

  test("a pattern is typed; what is none is told and changes nothing", () => {
    const { onChange } = opened(null, 12);
    expect(screen.getAllByRole("button", { name: /^Step/ })).toHaveLength(12);
    const field = screen.getByRole("textbox");
    fireEvent.change(field, { target: { value: "x..x..z" } });
    expect(screen.getByRole("alert").textContent).toContain("x strum");
    fireEvent.blur(field);
    expect(onChange).not.toHaveBeenCalled();
    fireEvent.change(field, { target: { value: "x..x..x." } });
    fireEvent.blur(field);
    expect(onChange).toHaveBeenCalledWith("ringing x--x--x-");
  });

  test("of what it is said", () => {
    const { onScope } = opened(null);
    fireEvent.click(screen.getByRole("button", { name: "Bar 1" }));
    expect(onScope).toHaveBeenCalledWith("Bar 1");
  });
});

describe("where nothing is possible", () => {
  const settings: SongSettings = {
    ...DEFAULT_SONG_SETTINGS,
    limits: { ...NO_PLAY_LIMITS, maxNotes: 3 },
  };

  test("each chord with its reason, and what each limit less would cost", () => {
    const onLoosen = jest.fn();
    render(
      <BlockedNotice
        blockage={{
          chords: [
            { name: "C#5", section: "Verse", playedBar: 4, by: ["frets"], isPossible: true },
            {
              name: "E5",
              section: "",
              playedBar: 0,
              by: ["openStrings", "rootStrings"],
              isPossible: true,
            },
            { name: "F", section: "", playedBar: 1, by: [], isPossible: true },
            { name: "G13", section: "", playedBar: 2, by: [], isPossible: false },
          ],
          loosened: [{ without: "frets", settings, total: 41.26, cleanTempoBpm: 119.9 }],
        }}
        onLoosen={onLoosen}
      />,
    );
    const told = screen.getAllByRole("listitem").map(({ textContent }) => textContent);
    expect(told).toEqual([
      "C♯5 (Verse, bar 5) has no grip because of the range of frets.",
      "E5 (Song, bar 1) has no grip because of no open strings, or the strings for roots.",
      "F (Song, bar 2) is forbidden by several limits at once.",
      "G13 (Song, bar 3) has no grip that your hand can hold in this tuning.",
    ]);
    fireEvent.click(
      screen.getByRole("button", {
        name: "Without the range of frets: 41.3 points, holds to 119 bpm",
      }),
    );
    expect(onLoosen).toHaveBeenCalledWith(settings);
  });

  test("nothing where every chord has a grip", () => {
    const { container } = render(
      <BlockedNotice blockage={{ chords: [], loosened: [] }} onLoosen={() => undefined} />,
    );
    expect(container.textContent).toBe("");
  });
});
