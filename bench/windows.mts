import { join } from "node:path";
import { type Page } from "@playwright/test";
import Database from "better-sqlite3";
import { withDemo } from "../scripts/lib/withDemo.mts";
import { seededRandom } from "../src/core/random";

/**
 * Two or three windows of one browser, typing at the same time with random pauses: into the chart and the name of one song,
 * the player's settings, a guitar, a comparison. Afterwards all that was typed must be in the data.
 */
const RUNS = Number(process.argv[2] ?? 200);
const [LONGEST_PAUSE_MS, PATIENCE_MS, POLL_MS] = [90, 15_000, 100];
const random = seededRandom(26);
const below = (count: number) => Math.floor(random() * count);

/** What a window does in a run, and whether the data hold it afterwards. */
interface Deed {
  readonly what: string;
  readonly type: (page: Page, run: number) => Promise<void>;
  readonly isKept: (data: Database.Database, run: number) => boolean;
  readonly path: string;
}

async function typeSlowly(page: Page, text: string): Promise<void> {
  for (const key of text) {
    await page.keyboard.type(key);
    await page.waitForTimeout(below(LONGEST_PAUSE_MS));
  }
}

/** A word that identifies window and run, and that cannot be read as a chord. */
const wordOf = (letter: string, run: number) => `zz${letter}${run}zz`;
const texts = (data: Database.Database, sql: string) =>
  data.prepare<[], string>(sql).pluck().all().join("\n");

const chartDeed = (letter: string): Deed => ({
  what: `the chart (${letter})`,
  path: "/song",
  type: async (page, run) => {
    await page.locator(".cm-content").click();
    await page.keyboard.press("Control+End");
    await typeSlowly(page, `\n${wordOf(letter, run)}`);
  },
  isKept: (data, run) =>
    texts(data, "SELECT chart FROM song WHERE deleted_at IS NULL").includes(wordOf(letter, run)),
});

/** Only one window writes each of these, so that nothing else may stand there in the end. */
const DEEDS: readonly Deed[] = [
  chartDeed("a"),
  chartDeed("b"),
  {
    what: "the song's name",
    path: "/song",
    type: async (page, run) => {
      const name = page.getByRole("textbox", { name: "Name of the song" });
      await name.click();
      await page.keyboard.press("Control+A");
      await typeSlowly(page, `Name ${run}`);
      await page.keyboard.press("Enter");
    },
    isKept: (data, run) => texts(data, "SELECT name FROM song").includes(`Name ${run}`),
  },
  {
    what: "A4",
    path: "/rig/player",
    type: async (page, run) => {
      await page.getByLabel("A4, Hz").click();
      await page.keyboard.press("Control+A");
      await typeSlowly(page, String(430 + (run % 20)));
    },
    isKept: (data, run) =>
      texts(data, "SELECT profile ->> 'a4Hz' FROM player") === String(430 + (run % 20)),
  },
  {
    what: "the span",
    path: "/rig/player",
    type: async (page, run) => {
      await page.getByLabel("Span, mm").click();
      await page.keyboard.press("Control+A");
      await typeSlowly(page, String(180 + (run % 40)));
    },
    isKept: (data, run) =>
      texts(data, "SELECT profile ->> 'spanMm' FROM player") === String(180 + (run % 40)),
  },
  {
    what: "the comparison",
    path: "/compare",
    type: async (page, run) => {
      await page.getByRole("textbox", { name: /Chords/ }).click();
      await page.keyboard.press("Control+A");
      await typeSlowly(page, chordsOf(run));
      await page.keyboard.press("Tab");
    },
    isKept: (data, run) => texts(data, "SELECT content FROM choice").includes(chordsOf(run)),
  },
];

/** Two chords that differ from run to run. */
function chordsOf(run: number): string {
  const roots = ["C", "D", "E", "F", "G", "A", "B"];
  return `${roots[run % 7]}5 ${roots[Math.floor(run / 7) % 7]}5 ${roots[Math.floor(run / 49) % 7]}5`;
}

await withDemo(async ({ browser, address, folder }) => {
  const context = await browser.newContext();
  const data = new Database(join(folder, "tenon.sqlite"), { readonly: true });
  const windows = await Promise.all(
    DEEDS.map(async ({ path }) => {
      const page = await context.newPage();
      await page.goto(address + path, { waitUntil: "networkidle" });
      return page;
    }),
  );
  const lost: string[] = [];
  let deeds = 0;
  for (let run = 1; run <= RUNS; run++) {
    const order = DEEDS.map((_, at) => at).sort(() => random() - 0.5);
    const chosen = order.slice(0, 2 + below(2));
    await Promise.all(
      chosen.map(async (at) => {
        const [deed, page] = [DEEDS[at], windows[at]];
        if (!deed || !page) return;
        await page.waitForTimeout(below(400));
        await deed.type(page, run);
      }),
    );
    deeds += chosen.length;
    for (const at of chosen) {
      const deed = DEEDS[at];
      if (deed && !(await isSoon(() => deed.isKept(data, run)))) {
        const others = chosen.filter((each) => each !== at).map((each) => DEEDS[each]?.what);
        lost.push(`run ${run}: ${deed.what}, beside ${others.join(" and ")}`);
        console.log(`lost: ${lost.at(-1)}`);
      }
    }
    if (run % 20 === 0) console.log(`${run} runs, ${deeds} deeds, ${lost.length} lost`);
  }
  const copies = Number(data.prepare("SELECT count(*) FROM song").pluck().get());
  data.close();
  console.log(
    `${RUNS} runs, ${deeds} windows typed, ${copies} songs in the end (5 or fewer before)`,
  );
  if (lost.length > 0) process.exitCode = 1;
});

async function isSoon(isSo: () => boolean): Promise<boolean> {
  for (let waited = 0; waited < PATIENCE_MS; waited += POLL_MS) {
    if (isSo()) return true;
    await new Promise((resolve) => setTimeout(resolve, POLL_MS));
  }
  return false;
}
