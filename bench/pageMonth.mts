import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type BrowserContext, type Page } from "@playwright/test";
import Database from "better-sqlite3";
import { startServer, type Server } from "../scripts/lib/startServer";
import { seededRandom } from "../src/core/random";
import { openDatabase } from "../src/server/database";
import { seedDemo } from "../src/server/seed";
import { type LogView } from "../src/wire";
import { makeLearner, type Learner } from "./month/learners";
import { CLOCK_KEY, runClocksFast, type ClockSetting } from "./pageMonth/fastClock";
import { logDifferences } from "./pageMonth/logDifferences";

/**
 * A month of sittings through the real Practice page: a simulated player presses Start as soon as it is there, plays every
 * round and judges it, with all clocks of the page sped up. Prints each day as a line of a table that can be read and doubted,
 * checks that the plan stays over a reload and in a second window, and recomputes the log from the rounds.
 */
const DAYS = Number(process.argv[2] ?? 30);
const SPEED = 60;
const PORT = 4281;
const [FIRST_DAY_MS, MS_A_DAY] = [Date.parse("2026-03-02T18:00:00Z"), 86_400_000];
/** Days of the month without practice. */
const DAYS_OFF = new Set([5, 6, 12, 17, 18, 19, 26]);
/** On every fourth day the page loads on a processor six times as slow. */
const [SLOW_EVERY, SLOWER] = [4, 6];
const SONG_BPM = 112;
const MOVE_BPM = 120;
const POLL_MS = 15;
const PATIENCE_MS = 180_000;
/** The last rounds are on their way to the server for so long at most. */
const SAVING_MS = 800;

const PRELOAD = join(import.meta.dirname, "..", "scripts", "lib", "clock.cjs");
const random = seededRandom(28);
const learners = new Map<string, Learner>();

/** Each drill is a skill of its own; changes of a song carry its name. */
function learnerOf(drill: string): Learner {
  const goalBpm = drill.includes(" in ") ? SONG_BPM : MOVE_BPM;
  const learner =
    learners.get(drill) ?? makeLearner("practice", "steady", [{ key: drill, goalBpm }], random);
  learners.set(drill, learner);
  return learner;
}

const sitting = (page: Page) => page.getByRole("region", { name: "Sitting" });

async function planOf(page: Page): Promise<readonly string[]> {
  await page.getByRole("button", { name: /^(Start|Carry on)/ }).waitFor();
  return page
    .getByRole("list", { name: "Parts of the sitting" })
    .getByRole("listitem")
    .evaluateAll((rows) =>
      rows.map((row) => [...row.querySelectorAll("p")].map((each) => each.textContent).join(" · ")),
    );
}

/** What the sitting waits for. */
interface Awaited {
  readonly drill: string;
  readonly bpm: number;
  readonly isGone: boolean;
  readonly step: "start" | "judge" | "go on" | "note" | "choice" | "place" | "over" | "wait";
}

/** Runs in the page. */
function readAwaited(): Awaited {
  const region = document.querySelector("[aria-label='Sitting']");
  const text = region?.textContent ?? "";
  const tempo = region?.querySelector("p[aria-live='polite'].figures")?.textContent ?? "";
  const drill = region?.querySelector("h2")?.textContent ?? "";
  const enabled = [...(region?.querySelectorAll("button:enabled") ?? [])].map(
    (button) => button.textContent ?? "",
  );
  const has = (words: string) => enabled.some((each) => each.startsWith(words));
  const step = () => {
    if (region === null) return "over";
    if (has("Clean")) return "judge";
    if (has("Start the round")) return "start";
    if (has("NextSpace") || has("Next Space") || drill === "Break") return "go on";
    if (has("Hear it again")) return has("Stop") ? "wait" : "choice";
    if (region.querySelector("[aria-label='Answer with a note'] button:enabled")) return "note";
    return region.querySelector("[aria-label='Places on the neck']") ? "place" : "wait";
  };
  return {
    drill,
    bpm: Number(/(\d+) bpm/.exec(tempo)?.[1] ?? 0),
    isGone: text.includes("no longer there"),
    step: step(),
  };
}

interface Day {
  readonly rounds: Map<string, { count: number; clean: number; bpm: number }>;
  lostParts: number;
}

const KEYS = { clean: "1", rough: "2", missed: "3" } as const;
const LETTERS = "cdefgab";

async function practise(page: Page): Promise<Day> {
  const day: Day = { rounds: new Map(), lostParts: 0 };
  const until = Date.now() + PATIENCE_MS;
  const press = (key: string) => page.keyboard.press(key);
  const note = (drill: string, bpm: number, isClean: boolean) => {
    const known = day.rounds.get(drill) ?? { count: 0, clean: 0, bpm };
    day.rounds.set(drill, { count: known.count + 1, clean: known.clean + Number(isClean), bpm });
  };
  while (Date.now() < until) {
    const { drill, bpm, isGone, step } = await page.evaluate(readAwaited);
    if (step === "over") return day;
    if (isGone) {
      day.lostParts += 1;
      await press("n");
    } else if (step === "go on") await press(drill === "Break" ? "n" : "Space");
    else if (step === "start") await press("Space");
    else if (step === "judge") {
      // Pressing a string cleanly has no tempo.
      const result = bpm > 0 ? learnerOf(drill).play(drill, bpm) : "clean";
      note(drill, bpm, result === "clean");
      await press(KEYS[result]);
    } else if (step === "choice" || step === "note") {
      // A player who guesses: the notes and the ear of this one never hold.
      note(drill, 0, false);
      await press(
        step === "note" ? LETTERS[Math.floor(7 * random())]! : random() < 0.5 ? "1" : "2",
      );
    } else if (step === "place") await press("n");
    await page.waitForTimeout(POLL_MS);
  }
  throw new Error(`the sitting did not end: ${await sitting(page).innerText()}`);
}

/** A server whose clock begins at a time. */
async function serveAt(atMs: number): Promise<Server> {
  process.env.TENON_CLOCK_MS = String(atMs - Date.now());
  return startServer({ folder, port: PORT });
}

/** One sitting; the lines of its day in the table. */
async function liveThrough(context: BrowserContext, day: number): Promise<string> {
  const shownMs = FIRST_DAY_MS + day * MS_A_DAY;
  const isSlow = day % SLOW_EVERY === 0;
  const server = await serveAt(shownMs);
  const page = await context.newPage();
  // Any page of this address will do to write its storage before the room loads.
  await page.goto(`${server.address}/icon.svg`);
  const setting: ClockSetting = { shownMs, realMs: Date.now() };
  await page.evaluate(([key, text]) => localStorage.setItem(key, text), [
    CLOCK_KEY,
    JSON.stringify(setting),
  ] as const);
  const processor = await context.newCDPSession(page);
  await processor.send("Emulation.setCPUThrottlingRate", { rate: isSlow ? SLOWER : 1 });
  await page.goto(`${server.address}/practice`);
  if (isSlow) await page.getByRole("button", { name: /^Start/ }).waitFor();
  const plan = await planOf(page);
  if (!isSlow) {
    const second = await context.newPage();
    await second.goto(`${server.address}/practice`);
    await page.reload();
    for (const other of [await planOf(page), await planOf(second)]) {
      if (other.join("\n") !== plan.join("\n")) unstable.push(dateOf(day));
    }
    await second.close();
  }
  await page.getByRole("button", { name: /^Start/ }).click();
  await sitting(page).waitFor();
  await processor.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  const { rounds, lostParts } = await practise(page);
  if (lostParts > 0) lost.push(dateOf(day));
  await page.waitForTimeout(SAVING_MS);
  await page.close();
  await server.end("SIGTERM");
  const played = [...rounds].map(([drill, { count, clean, bpm }]) =>
    bpm > 0
      ? `    ${drill}: ${clean} of ${count} clean, last ${bpm} bpm`
      : `    ${drill}: ${count} answers`,
  );
  return [
    `${dateOf(day)}${isSlow ? ", on a slow processor" : ""}`,
    ...plan.map((part) => `  ${part}`),
    ...played,
  ].join("\n");
}

function dateOf(day: number): string {
  return new Date(FIRST_DAY_MS + day * MS_A_DAY).toISOString().slice(0, 10);
}

const folder = mkdtempSync(join(tmpdir(), "tenon-month-"));
const [unstable, lost]: [string[], string[]] = [[], []];
process.env.NODE_OPTIONS = `--require "${PRELOAD}"`;
process.env.TZ = "UTC";
const browser = await chromium.launch({
  executablePath: process.env.TENON_CHROMIUM ?? "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-quic", "--disable-background-networking", "--no-first-run"],
});
try {
  const connection = openDatabase(folder);
  seedDemo(connection);
  connection.prepare("DELETE FROM round").run();
  connection.close();
  const context = await browser.newContext({ timezoneId: "UTC" });
  // The runner wraps named functions in a helper that the page does not have.
  await context.addInitScript("globalThis.__name = (each) => each");
  await context.addInitScript(`(${runClocksFast.toString()})(${SPEED}, "${CLOCK_KEY}")`);
  for (let day = 0; day < DAYS; day++) {
    console.log(
      DAYS_OFF.has(day) ? `${dateOf(day)}, no practice` : await liveThrough(context, day),
    );
    for (const learner of learners.values()) learner.sleep();
  }
  const server = await serveAt(FIRST_DAY_MS + DAYS * MS_A_DAY);
  const response = await fetch(`${server.address}/rounds/view`);
  const { value } = (await response.json()) as { value: LogView };
  await server.end("SIGTERM");
  const data = new Database(join(folder, "tenon.sqlite"), { readonly: true });
  const differences = logDifferences(data, value);
  data.close();
  const { total, drills } = value;
  console.log(
    `log: ${total.rounds} rounds, ${drills.length} drills, ${differences.length} differences`,
  );
  for (const difference of differences) console.log(`  ${difference}`);
  console.log(`plans that changed on a reload or in a second window: ${unstable.length}`);
  console.log(`sittings with a part that was gone: ${lost.length}`);
} finally {
  await browser.close();
  rmSync(folder, { recursive: true });
}
