/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { standardNeck } from "@/core/arrangement/testing";
import { QUESTION_DRILLS, type QuestionDrill } from "@/core/drill";
import { noteText, pitchClass, spellPitchClass } from "@/core/pitch";
import { readCardId } from "@/core/recall";
import { Session } from "@/session";
import { fakeBrowser, startWith } from "@/session/testing";
import { newGuitar, type RoundContent } from "@/state";
import { QuestionRunner } from "./QuestionRunner";
import { type PracticeData } from "@/features/practice/state";

fakeBrowser();
// Sounds are tested where they are made.
jest.mock("@/audio/playGrip", () => ({ playGrip: async () => Promise.resolve() }));

const NECK = standardNeck();
const GUITAR = { ...newGuitar(6, "Ash six"), id: 1, tunedMidi: NECK.midi };
const DATA: PracticeData = {
  cards: new Map(),
  standings: new Map(),
  todayS: 0,
  weekS: 0,
  refresh: async () => Promise.resolve(),
};
let rounds: RoundContent[] = [];
let overs = 0;
const settled = async (ms = 50) => act(async () => jest.advanceTimersByTimeAsync(ms));
const key = async (name: string) => {
  fireEvent.keyDown(document.body, { key: name });
  await settled();
};

async function show(what: QuestionDrill["what"], isTimeUp = false) {
  const drill = QUESTION_DRILLS.find((each) => each.what === what);
  if (!drill) throw new Error(what);
  render(
    <Session start={startWith()}>
      <QuestionRunner
        placed={{ drill, guitar: GUITAR, neck: NECK, songId: null }}
        drill={drill}
        data={DATA}
        isPaused={false}
        isTimeUp={isTimeUp}
        onRound={(round) => void rounds.push(round)}
        onOver={() => void overs++}
      />
    </Session>,
  );
  await settled();
}

beforeEach(() => {
  jest.useFakeTimers();
  rounds = [];
  overs = 0;
  Object.assign(globalThis, { fetch: async () => Promise.reject(new Error("away")) });
});
afterEach(() => {
  jest.useRealTimers();
});

describe("notes on the neck", () => {
  test("the first places in their order; letters answer, and what was wrong says what was right", async () => {
    await show("name");
    // Fret 3 of the thick E string is a G, fret 5 an A.
    await key("g");
    expect(screen.getByText(/^Right, in \d\.\d s\. It is G\.$/)).toBeTruthy();
    await settled(1000);
    await key("b");
    expect(screen.getByText("Not this time. It is A.")).toBeTruthy();
    expect(rounds).toMatchObject([
      { card: "note:40:3", result: "clean", kind: "know", bpm: null },
      { card: "note:40:5", result: "missed" },
    ]);
    // What was missed waits until it was read.
    await settled(5000);
    expect(screen.getByText("Not this time. It is A.")).toBeTruthy();
    await key(" ");
    expect(screen.queryByText(/Not this time/)).toBeNull();
  });

  test("a sharp or a flat moves the next letter half a step, and is forgotten after it", async () => {
    await show("name");
    await key("#");
    expect(screen.getByText("Sharp: now the letter")).toBeTruthy();
    await key("f");
    expect(rounds).toMatchObject([{ result: "missed" }]);
    await key(" ");
    expect(screen.queryByText(/now the letter/)).toBeNull();
    await key("l");
    await key("l");
    await key("a");
    expect(rounds.at(-1)).toMatchObject({ card: "note:40:5", result: "clean" });
  });

  test("the twelve notes are buttons, too", async () => {
    await show("name");
    fireEvent.click(
      within(screen.getByRole("group", { name: "Answer with a note" })).getByRole("button", {
        name: "G",
      }),
    );
    await settled();
    expect(rounds).toMatchObject([{ result: "clean" }]);
  });

  test("a half step: the asked place lies beside the one that is marked and named", async () => {
    await show("half steps");
    const text = screen.getByText(/Which note is half a step (above|below)/).textContent ?? "";
    const found = readCardId("note:40:3");
    const asked = pitchClass((found?.openMidi ?? 0) + (found?.fret ?? 0));
    const named = pitchClass(asked + (text.includes("above") ? -1 : 1));
    expect(text.replace("♯", "#").replace("♭", "b")).toContain(noteText(spellPitchClass(named)));
  });

  test("once its time is up the part ends with the answer that was read", async () => {
    await show("name", true);
    await key("c");
    expect(overs).toBe(0);
    await key(" ");
    expect(overs).toBe(1);
  });
});

describe("places and grips", () => {
  const place = (name: RegExp) =>
    within(screen.getByRole("group", { name: "Places on the neck" })).getByRole("button", { name });

  test("places say nothing of their notes; a wrong one shows what was left", async () => {
    const random = jest.spyOn(Math, "random").mockReturnValue(0.01);
    await show("places");
    // Everybody begins with the naturals of strings 6 and 5 up to fret 7.
    expect(screen.getByText("Find every E on strings 6, 5 up to fret 7.")).toBeTruthy();
    fireEvent.click(place(/^String 6, open$/));
    expect(screen.getByText(/^1 of 2 found/)).toBeTruthy();
    fireEvent.click(place(/^String 6, fret 9$/));
    expect(screen.getByText(/Not this time\. There are 2; the outlines were left/)).toBeTruthy();
    random.mockRestore();
  });

  test("a grip is put on the neck string by string, taken off again, and handed in", async () => {
    const random = jest.spyOn(Math, "random").mockReturnValue(0.3);
    await show("grip");
    const said = screen.getByText(/^Find .+5, its root lowest\.$/).textContent ?? "";
    // The grips of the thick strings, in their order: 0.3 of them lies on strings 6-5 at fret 7, which is B5.
    expect(said).toBe("Find B5, its root lowest.");
    for (const name of [/^String 6, fret 7:/, /^String 5, fret 9:/, /^String 4, fret 9:/]) {
      fireEvent.click(place(name));
    }
    fireEvent.click(place(/^String 4, fret 9:/));
    expect(place(/^String 4, fret 9:/).getAttribute("aria-pressed")).toBe("false");
    await key(" ");
    expect(rounds).toMatchObject([{ result: "clean", drill: "know:grip" }]);
    random.mockRestore();
  });
});

describe("by ear", () => {
  test("choices have numbers; one of them is right", async () => {
    const random = jest.spyOn(Math, "random").mockReturnValue(0.6);
    await show("which voicing");
    expect(screen.getByText("What do you hear?")).toBeTruthy();
    expect(screen.getByRole("button", { name: /^Hear it again/ })).toBeTruthy();
    await key("1");
    expect(screen.getByText("Not this time. It is: Octave.")).toBeTruthy();
    // At first there are two to choose from.
    expect(screen.queryByRole("button", { name: /^With a third/ })).toBeNull();
    await key(" ");
    await key("2");
    expect(rounds.map(({ result }) => result)).toEqual(["missed", "clean"]);
    random.mockRestore();
  });

  test("a pressed note is judged by the player where nothing listens", async () => {
    await show("press");
    expect(screen.getByText(/^Press .+ straight down/)).toBeTruthy();
    await key("2");
    expect(rounds).toMatchObject([{ result: "rough", drill: "sound:press" }]);
  });
});
