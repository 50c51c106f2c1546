/** @jest-environment jsdom */
import { afterEach, beforeAll, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { useState } from "react";
import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { type StartedRound } from "@/audio/songPlayer";
import { standardNeck } from "@/core/arrangement/testing";
import { fretToFret, type PlayedDrill } from "@/core/drill";
import { addRound, beginSitting } from "@/core/practice";
import { Session } from "@/session";
import { fakeBrowser, response, startWith, taken } from "@/session/testing";
import { newGuitar, type RoundContent } from "@/state";
import { type ChangeRequest } from "@/wire";
import { songApi } from "@/worker/songApi";
import { type PlacedDrill } from "@/features/practice/state";
import { type PracticeData } from "@/features/practice/state";

fakeBrowser();
interface Played {
  readonly input: { readonly options: { readonly tempoBpm: number }; readonly passes: number };
  readonly news: {
    readonly onRound: (round: StartedRound) => void;
    readonly onEnd: () => void;
  };
}
/** The rounds that were begun, and those that were stopped. */
const played: Played[] = [];
let stops = 0;
jest.mock("@/audio/songPlayer", () => ({
  startPlaying: async (input: Played["input"], news: Played["news"]) => {
    played.push({ input, news });
    return Promise.resolve({ stop: () => void stops++, setLoudness: () => undefined });
  },
}));
jest.mock("@/worker/client", () => ({
  ask: async (_: string, _request: unknown, ask: (api: typeof songApi) => unknown) =>
    Promise.resolve(ask(songApi)),
}));

// Imported after what it uses is replaced.
const importRunner = async () => (await import("./PlayedRunner")).PlayedRunner;
let PlayedRunner: Awaited<ReturnType<typeof importRunner>>;
beforeAll(async () => {
  PlayedRunner = await importRunner();
});

const NECK = standardNeck();
const [DRILL] = fretToFret(
  { neck: NECK, player: {}, accidentals: "mixed" },
  0,
  3,
  7,
  "both",
) as readonly [PlayedDrill];
const PLACED: PlacedDrill = {
  drill: DRILL,
  guitar: { ...newGuitar(6, "Ash six"), id: 1, tunedMidi: NECK.midi },
  neck: NECK,
  songId: null,
};
const DATA: PracticeData = {
  cards: new Map(),
  standings: new Map(),
  todayS: 0,
  weekS: 0,
  refresh: async () => Promise.resolve(),
};
let rounds: RoundContent[] = [];
let overs = 0;
let view: ReturnType<typeof render>;

const settled = async () => act(async () => jest.advanceTimersByTimeAsync(60));
interface RunProps {
  readonly isPaused?: boolean;
  readonly isTimeUp?: boolean;
}

/** The sitting about a drill: every round joins those before it at once. */
function Run({ isPaused = false, isTimeUp = false }: RunProps) {
  const [sitting, setSitting] = useState(beginSitting([]));
  return (
    <PlayedRunner
      placed={PLACED}
      drill={DRILL}
      sitting={sitting}
      data={DATA}
      isWarmUp={false}
      isPaused={isPaused}
      isTimeUp={isTimeUp}
      onRound={(round) => {
        rounds.push(round);
        const { drill, result, bpm, roomQuarters, step, card } = round;
        const id = rounds.length;
        setSitting((old) => addRound(old, { id, drill, result, bpm, roomQuarters, step, card }));
      }}
      onOver={() => void overs++}
    />
  );
}
const element = (props: RunProps = {}) => (
  <Session start={startWith()}>
    <Run {...props} />
  </Session>
);
const redraw = async (props: RunProps = {}) => {
  view.rerender(element(props));
  await settled();
};
const key = async (name: string) => {
  fireEvent.keyDown(document.body, { key: name });
  await settled();
};
/** The round on the clock comes to its end. */
const endRound = async () => {
  await act(async () => {
    const news = played.at(-1)?.news;
    news?.onRound({ ...COUNTED, isCountIn: true });
    news?.onRound({ ...COUNTED, isCountIn: false });
    news?.onEnd();
    return Promise.resolve();
  });
  await settled();
};
const COUNTED = { events: [], lengthS: 8, startQuarters: 0, tempos: [], startS: 0 };
const tempo = () => screen.getByText(/^\d+ bpm$/).textContent;

beforeEach(async () => {
  jest.useFakeTimers();
  const saved = async (_: string, init?: { body?: string }) =>
    Promise.resolve(response(taken(JSON.parse(init?.body ?? "{}") as ChangeRequest)));
  Object.assign(globalThis, { fetch: saved });
  played.length = 0;
  stops = 0;
  overs = 0;
  rounds = [];
  view = render(element());
  await settled();
});
afterEach(() => {
  jest.useRealTimers();
});

describe("a drill that is played", () => {
  test("shows the grips and the way between; a key starts it, at its tempo", async () => {
    expect(screen.getByRole("region", { name: "Now" }).textContent).toContain("G5");
    expect(screen.getByRole("region", { name: "Next" }).textContent).toContain("B5");
    expect(screen.getByRole("region", { name: "The hand's way" })).toBeTruthy();
    expect(tempo()).toBe("60 bpm");
    await key(" ");
    expect(played.map(({ input }) => [input.options.tempoBpm, input.passes])).toEqual([[60, 1]]);
    expect(screen.getByRole("button", { name: "Stop" })).toBeTruthy();
  });

  test("one key judges; the next round begins by itself, two clean ones later at a higher tempo", async () => {
    await key(" ");
    for (let round = 0; round < 2; round++) {
      await endRound();
      expect(screen.getByRole("group", { name: "How did it go?" })).toBeTruthy();
      await key("1");
    }
    // The drill is laid out for another tempo before it begins.
    await settled();
    expect(rounds.map(({ result, bpm, seconds }) => [result, bpm, seconds])).toEqual([
      ["clean", 60, 16],
      ["clean", 60, 16],
    ]);
    expect(played.map(({ input }) => input.options.tempoBpm)).toEqual([60, 60, 64]);
    // The tightest change of the round: a shape that slides down to wider frets, a beat at 60 after the last strum.
    expect(rounds[0]?.change).toMatchObject({ placedFingers: 0, availableMs: 1000 });
  });

  test("a round is kept as it was played, whatever is chosen before it is judged", async () => {
    await key(" ");
    await endRound();
    await key("e");
    await key("+");
    await key("3");
    expect(rounds[0]).toMatchObject({ result: "missed", bpm: 60, step: "whole" });
    // The easier step begins at the tempo that was played last.
    const two = screen.getByRole("button", { name: "Two notes" });
    expect(two.getAttribute("aria-pressed")).toBe("true");
    await endRound();
    await key("1");
    expect(rounds[1]).toMatchObject({ step: "two", bpm: 60 });
  });

  test("the player's own tempo, before a round; a pedal's back stops, then misses", async () => {
    await key("+");
    await key("+");
    await key("-");
    expect(tempo()).toBe("64 bpm");
    await key("PageDown");
    expect(played[0]?.input.options.tempoBpm).toBe(64);
    await key("PageUp");
    expect(stops).toBe(1);
    expect(screen.getByRole("button", { name: /^Start the round/ })).toBeTruthy();
    await key("PageDown");
    await endRound();
    await key("PageUp");
    expect(rounds).toMatchObject([{ result: "missed", bpm: 64 }]);
  });

  test("a pause cuts a round off; one that waits to be judged waits on", async () => {
    await key(" ");
    await redraw({ isPaused: true });
    expect(stops).toBe(1);
    await redraw({ isPaused: false });
    await key(" ");
    await endRound();
    await redraw({ isPaused: true });
    expect(screen.getByRole("group", { name: "How did it go?" })).toBeTruthy();
    await key("2");
    expect(rounds).toMatchObject([{ result: "rough" }]);
    // Nothing begins while it is paused.
    expect(played).toHaveLength(2);
  });

  test("once its time is up the round that is judged is the last", async () => {
    await key(" ");
    await endRound();
    await redraw({ isTimeUp: true });
    const group = screen.getByRole("group", { name: "How did it go?" });
    fireEvent.click(within(group).getByRole("button", { name: /^Rough/ }));
    await settled();
    expect(overs).toBe(1);
    expect(played).toHaveLength(1);
  });

  test("a tap on the grips is the pedal's forward", async () => {
    fireEvent.click(screen.getByText("60 bpm"));
    await settled();
    expect(played).toHaveLength(1);
    await endRound();
    fireEvent.click(screen.getByText("60 bpm"));
    await settled();
    expect(rounds).toMatchObject([{ result: "clean" }]);
  });
});
