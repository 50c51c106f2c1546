/** @jest-environment jsdom */
import { beforeEach, describe, expect, test } from "@jest/globals";
import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { DEFAULT_LEVEL, neededMs, TIMING } from "@/core/motion";
import { demandsWith } from "@/core/motion/testing";
import { FEWEST_ROUNDS, type RoundChange } from "@/core/practice";
import { success } from "@/core/result";
import { Session } from "@/session";
import { fakeBrowser, response, startWith, taken } from "@/session/testing";
import { type ChangeRequest } from "@/wire";
import { TimingPanel } from "./TimingPanel";

fakeBrowser();

/** A hand that takes a fifth longer than its level says. */
const SLOWER = 1.2;
const LEVEL = TIMING[DEFAULT_LEVEL];
const CHANGES: readonly RoundChange[] = [60, 120, 200, 300].map((travelMm) => ({
  ...demandsWith({ travelMm, placedFingers: travelMm > 150 ? 3 : 0 }),
  availableMs: 0,
}));
/** Rounds of each change, clean with room for that hand and missed without. */
function playedRounds(times: number): readonly object[] {
  return CHANGES.flatMap((change, drill) =>
    Array.from({ length: times }, (_, round) => {
      const isClean = round % 2 === 0;
      const availableMs = SLOWER * neededMs(change, LEVEL) * (isClean ? 1.15 : 0.85);
      return {
        drill: `move:${drill}`,
        name: `Move ${drill}`,
        change: { ...change, availableMs },
        isClean,
      };
    }),
  );
}

let rounds: readonly object[] = [];
const sent: string[] = [];
beforeEach(() => {
  rounds = [];
  sent.length = 0;
  const server = async (path: string, { body = "{}" }: { body?: string } = {}) => {
    if (path.startsWith("/rounds/timing")) return Promise.resolve(response(success(rounds)));
    sent.push(body);
    return Promise.resolve(response(taken(JSON.parse(body) as ChangeRequest)));
  };
  Object.assign(globalThis, { fetch: server });
});

async function show() {
  render(
    <Session start={startWith()}>
      <TimingPanel />
    </Session>,
  );
  await act(async () => new Promise((resolve) => setTimeout(resolve, 50)));
  return screen.getByRole("region", { name: "Your hand's times" });
}

describe("how long the hand takes", () => {
  test("too few rounds: how many there are, and how many it takes", async () => {
    const panel = await show();
    expect(panel.textContent).toContain(`0 so far, at least ${FEWEST_ROUNDS} with both are needed`);
    expect(within(panel).queryByRole("table")).toBeNull();
  });

  test("enough of them: times beside the level's, and used in Song on the player's word", async () => {
    rounds = playedRounds(FEWEST_ROUNDS);
    const panel = await show();
    const rows = within(panel).getAllByRole("row").slice(1);
    expect(rows).toHaveLength(CHANGES.length);
    for (const row of rows) {
      const [name, own, level, counts] = [...row.children].map(({ textContent }) => textContent);
      expect(name).toMatch(/^Move \d$/);
      // Between what came clean and what was missed, which is what the rounds tell.
      const ratio = Number(own) / Number(level);
      expect(ratio).toBeGreaterThan(SLOWER * 0.85);
      expect(ratio).toBeLessThan(SLOWER * 1.15);
      expect(counts).toBe(`${FEWEST_ROUNDS / 2}, ${FEWEST_ROUNDS / 2}`);
    }
    fireEvent.click(screen.getByRole("button", { name: "Use these in Song" }));
    await act(async () => new Promise((resolve) => setTimeout(resolve, 50)));
    expect(sent.join()).toContain('"ownTiming":{');
  });

  test("a log that cannot be fetched leaves the page as it is", async () => {
    Object.assign(globalThis, { fetch: async () => Promise.reject(new Error("away")) });
    const panel = await show();
    expect(panel.textContent).toContain("How long your hand takes");
    expect(within(panel).queryByRole("table")).toBeNull();
  });
});
