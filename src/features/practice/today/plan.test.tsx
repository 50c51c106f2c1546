/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { useState } from "react";
import { standardNeck } from "@/core/arrangement/testing";
import { drillsOf, type DrillRig } from "@/core/drill";
import { beginSitting, pass, type PlannedBlock, type Sitting } from "@/core/practice";
import { cardId, learningOrder, type Knowing } from "@/core/recall";
import { Session } from "@/session";
import { fakeBrowser, startWith } from "@/session/testing";
import { newGuitar } from "@/state";
import { type DrillStanding } from "@/wire";
import { BlockList } from "./BlockList";
import { DrillList } from "@/features/practice/catalogue";
import { KnownNeck } from "@/features/practice/catalogue";
import { TodayPlan } from "./TodayPlan";

fakeBrowser();

const RIG: DrillRig = { neck: standardNeck(), player: {}, accidentals: "mixed" };
const GUITAR = { ...newGuitar(6, "Ash six"), id: 1, tunedMidi: RIG.neck.midi };
const DRILLS = drillsOf(RIG, new Set());
const BLOCKS: readonly PlannedBlock[] = [
  { kind: "drill", drill: "sound:string-by-string", minutes: 1, why: "warm-up" },
  { kind: "drill", drill: "know:name", minutes: 3, why: "due" },
  { kind: "break", minutes: 1 },
];
const nameOf = (key: string) => DRILLS.find((drill) => drill.key === key)?.name ?? "Gone";
const rows = () =>
  within(screen.getByRole("list", { name: "Parts of the sitting" })).getAllByRole("listitem");
const settled = async () => act(async () => jest.advanceTimersByTimeAsync(50));

beforeEach(() => {
  jest.useFakeTimers();
  Object.assign(globalThis, { fetch: async () => Promise.reject(new Error("away")) });
});
afterEach(() => {
  jest.useRealTimers();
});

describe("the parts of a sitting", () => {
  function Editable() {
    const [blocks, setBlocks] = useState(BLOCKS);
    return <BlockList blocks={blocks} today={20_000} nameOf={nameOf} onBlocks={setBlocks} />;
  }

  test("each says what, why and how long; longer, shorter, left out", () => {
    render(<Editable />);
    expect(rows().map(({ textContent }) => textContent)).toEqual([
      "String by stringwarm-up1 min",
      "Name the notedue today3 min",
      "Break1 min",
    ]);
    fireEvent.click(screen.getByRole("button", { name: "More of String by string" }));
    fireEvent.click(screen.getByRole("button", { name: "Less of Name the note" }));
    fireEvent.click(screen.getByRole("button", { name: "Leave out Break" }));
    expect(rows().map(({ textContent }) => textContent)).toEqual([
      "String by stringwarm-up2 min",
      "Name the notedue today2 min",
    ]);
  });

  test("no part is shorter than a minute", () => {
    render(<Editable />);
    const less = screen.getByRole("button", { name: "Less of Break" });
    expect((less as HTMLButtonElement).disabled).toBe(true);
  });
});

describe("the plan for today", () => {
  const show = (sitting: Sitting | null, isOwn = false) => {
    const called = { minutes: jest.fn(), blocks: jest.fn(), start: jest.fn(), end: jest.fn() };
    render(
      <TodayPlan
        blocks={BLOCKS}
        today={20_000}
        minutes={10}
        nameOf={nameOf}
        sitting={sitting}
        isOwn={isOwn}
        onMinutes={called.minutes}
        onBlocks={called.blocks}
        onStart={called.start}
        onEnd={called.end}
      />,
    );
    return called;
  };

  test("one button starts; the minutes on it are those of its parts", () => {
    const { start, minutes } = show(null);
    fireEvent.click(screen.getByRole("button", { name: /^Start: 5 min/ }));
    expect(start).toHaveBeenCalled();
    fireEvent.click(screen.getByRole("button", { name: "20 minutes" }));
    expect(minutes).toHaveBeenCalledWith(20);
    expect(screen.queryByRole("button", { name: /plan from the log/ })).toBeNull();
  });

  test("a sitting that waits is carried on, or ended", () => {
    const { start, end } = show(pass(beginSitting(BLOCKS), 90));
    // A minute and a half late in the first part, of one minute: four minutes are left.
    fireEvent.click(screen.getByRole("button", { name: /^Carry on: 4 min left/ }));
    fireEvent.click(screen.getByRole("button", { name: "End that sitting and plan a new one" }));
    expect([start.mock.calls.length, end.mock.calls.length]).toEqual([1, 1]);
  });

  test("a plan changed by hand goes back to the one from the log", () => {
    const { blocks } = show(null, true);
    fireEvent.click(screen.getByRole("button", { name: "Back to the plan from the log" }));
    expect(blocks).toHaveBeenCalledWith(null);
    expect(screen.getByRole("button", { name: "10 minutes" }).getAttribute("aria-pressed")).toBe(
      "false",
    );
  });
});

describe("all drills", () => {
  const STANDING: DrillStanding = {
    drill: "move:rectangle:6-5",
    lastMs: 1,
    cleanShare: 0.7,
    days: [],
    estimate: null,
    answers: [],
    ladder: [{ id: 1, bpm: 84, roomQuarters: 0, step: "whole", result: "clean" }],
  };
  const show = () => {
    const [play, add] = [jest.fn(), jest.fn()];
    render(
      <DrillList
        rig={RIG}
        guitar={GUITAR}
        placed={DRILLS.map((drill) => ({ drill, guitar: GUITAR, neck: RIG.neck, songId: null }))}
        standings={new Map([[STANDING.drill, STANDING]])}
        onPlay={play}
        onAdd={add}
      />,
    );
    return { play, add };
  };

  test("by kind, with what to do, or how it stands; played at once, or added to today", () => {
    const { play, add } = show();
    const list = (name: string) => within(screen.getByRole("list", { name }));
    expect(list("Know the neck").getAllByRole("listitem")).toHaveLength(5);
    // Without a song there are none from it.
    expect(screen.queryByRole("button", { name: "From your song" })).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "Move" }));
    const rectangle = list("Move").getByRole("button", { name: /^The rectangle/ });
    expect(rectangle.textContent).toContain("70% clean lately, last at 84");
    fireEvent.click(rectangle);
    fireEvent.click(screen.getByRole("button", { name: "Add The rectangle to today" }));
    expect(play).toHaveBeenCalledWith("move:rectangle:6-5");
    expect(add).toHaveBeenCalledWith("move:rectangle:6-5");
  });

  test("a move of one's own, where the hand can hold it", () => {
    const { play } = show();
    fireEvent.click(screen.getByRole("button", { name: "Move" }));
    const choose = (name: string, value: string) =>
      fireEvent.change(screen.getByRole("combobox", { name }), { target: { value } });
    choose("From string", "1");
    choose("To fret", "9");
    choose("Which way", "down");
    fireEvent.click(screen.getByRole("button", { name: "Practise this move" }));
    expect(play).toHaveBeenCalledWith("move:fret-to-fret:5-4:3-9:down");
    choose("From fret", "9");
    const button = screen.getByRole("button", { name: "Practise this move" });
    expect((button as HTMLButtonElement).disabled).toBe(true);
  });
});

describe("the neck as it is known", () => {
  test("counts every place once, by how well it is known", async () => {
    const [first, second, third] = learningOrder(RIG.neck).map(cardId);
    const standing = (knowing: Knowing) => ({ dueMs: 0, knowing });
    const cards = new Map([
      [first ?? "", standing("sure")],
      [second ?? "", standing("shaky")],
      [third ?? "", standing("shaky")],
    ]);
    render(
      <Session start={startWith()}>
        <KnownNeck rig={RIG} guitar={GUITAR} cards={cards} />
      </Session>,
    );
    await settled();
    const picture = screen.getByRole("group", { name: /^Of 72 places: / });
    expect(picture.getAttribute("aria-label")).toBe(
      "Of 72 places: 69 not asked yet, 2 shaky, 0 known, 1 sure",
    );
    expect(screen.getByText("1 sure")).toBeTruthy();
  });
});
