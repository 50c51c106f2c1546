/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from "@jest/globals";
import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { Session } from "@/session";
import { fakeBrowser, response, taken } from "@/session/testing";
import { type ChangeRequest, type LogView } from "@/wire";
import { WHOLE_LOG } from "@/state";
import { LogScreen } from "./LogScreen";
import { roundOf, START } from "@/features/practice/testing";

fakeBrowser();
// A canvas is for a browser to draw on; what stands beside it as figures is the same.
jest.mock("./LogCharts", () => ({ LogCharts: () => null }));

const DRILL = {
  drill: "move:rectangle:6-5",
  kind: "move" as const,
  name: "The rectangle",
  rounds: 8,
  seconds: 160,
  clean: 5,
  missed: 2,
  bestBpm: 84,
  lastMs: 0,
};
const VIEW: LogView = {
  total: { rounds: 8, seconds: 160, clean: 5, missed: 2 },
  span: "day",
  spans: [],
  drills: [DRILL],
  hardest: [DRILL],
  goalBpm: null,
  faster: [
    { drill: DRILL.drill, name: DRILL.name, firstBpm: 80, bestBpm: 96, since: "2026-02-01" },
  ],
  rounds: [roundOf(2, { note: "Cold hands", step: "two" }), roundOf(1, { guitarId: 99 })],
  notes: [{ id: 5, atMs: Date.UTC(2026, 2, 9), zoneMin: 0, text: "The thumb was stiff." }],
  next: 40,
};
const EMPTY: LogView = {
  ...VIEW,
  total: { rounds: 0, seconds: 0, clean: 0, missed: 0 },
  drills: [],
  hardest: [],
  goalBpm: null,
  faster: [],
  rounds: [],
  notes: [],
  next: null,
};
let isAway = false;
const fetched = jest.fn(async (url: string, init?: { body?: string }) => {
  if (isAway) throw new Error("away");
  if (url.startsWith("/rounds/view")) {
    const page = url.includes("skip=40") ? [roundOf(7, { name: "An old one" })] : VIEW.rounds;
    return response({ ok: true, value: { ...VIEW, rounds: page, next: null } });
  }
  if (url === "/rounds/timing") return response({ ok: true, value: [] });
  return response(taken(JSON.parse(init?.body ?? "{}") as ChangeRequest));
});
const asked = () => fetched.mock.calls.map(([url]) => url).filter((url) => url.includes("view"));
const sent = () =>
  fetched.mock.calls.flatMap(([url, init]) =>
    url === "/changes" && init?.body ? (JSON.parse(init.body) as ChangeRequest).changes : [],
  );
const settled = async () => act(async () => jest.advanceTimersByTimeAsync(50));
const show = async (view: LogView | null) => {
  render(
    <Session start={START}>
      <LogScreen view={view} filter={WHOLE_LOG} />
    </Session>,
  );
  await settled();
};
const lines = () => within(screen.getByRole("list", { name: "Rounds" })).getAllByRole("listitem");

beforeEach(() => {
  jest.useFakeTimers();
  isAway = false;
  fetched.mockClear();
  Object.assign(globalThis, { fetch: fetched });
});
afterEach(() => {
  jest.useRealTimers();
});

describe("the log on screen", () => {
  test("sums, rounds with all that is known of them, and what is hardest", async () => {
    await show(VIEW);
    expect(screen.getByText("3 min · 8 rounds · 63% clean")).toBeTruthy();
    expect(lines()[0]?.textContent).toContain("72 bpm · two notes · 6 ms early · spread 9 ms");
    expect(lines()[0]?.textContent).toContain("Ash six · Standard · Cold hands");
    // A guitar that was deleted since is left out; the round is not.
    expect(lines()[1]?.textContent).not.toContain("Ash six");
    expect(screen.getByText("25% missed, clean at 84")).toBeTruthy();
  });

  test("another part is asked for; older rounds are added below", async () => {
    await show(VIEW);
    fireEvent.click(screen.getByRole("button", { name: "Older rounds" }));
    await settled();
    expect(lines()).toHaveLength(3);
    fireEvent.change(screen.getByRole("combobox", { name: "Kind" }), { target: { value: "hear" } });
    await settled();
    expect(asked()).toEqual(["/rounds/view?skip=40", "/rounds/view?kind=hear"]);
    expect(lines()).toHaveLength(2);
  });

  test("a round is corrected and deleted, a note written and corrected", async () => {
    await show(VIEW);
    fireEvent.click(within(lines()[0] as HTMLElement).getByRole("button", { name: /^Correct/ }));
    fireEvent.change(screen.getByRole("combobox", { name: "How it went" }), {
      target: { value: "rough" },
    });
    fireEvent.click(screen.getByRole("button", { name: "Save" }));
    await settled();
    fireEvent.click(within(lines()[1] as HTMLElement).getByRole("button", { name: /^Delete/ }));
    await settled();
    fireEvent.click(screen.getByRole("button", { name: /^Correct the note/ }));
    fireEvent.change(screen.getByRole("textbox", { name: "Correct the note" }), {
      target: { value: "The thumb is better." },
    });
    fireEvent.click(screen.getByRole("button", { name: "Keep" }));
    await settled();
    expect(sent()).toMatchObject([
      { act: "set", kind: "round", id: 2, fields: { result: "rough", note: "Cold hands" } },
      { act: "delete", kind: "round", id: 1 },
      { act: "set", kind: "journal", id: 5, fields: { text: "The thumb is better." } },
    ]);
  });

  test("an empty log says what it will hold; one that cannot be read says so", async () => {
    await show(EMPTY);
    expect(screen.getByText(/^Nothing here yet\./)).toBeTruthy();
    isAway = true;
    fireEvent.change(screen.getByRole("combobox", { name: "Kind" }), { target: { value: "move" } });
    await settled();
    expect(screen.getByText("The log could not be read. Is Tenon still running?")).toBeTruthy();
  });
});
