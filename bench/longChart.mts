import { type Page } from "@playwright/test";
import { withDemo } from "../scripts/lib/withDemo.mts";
import { LONGEST_CHART } from "../src/state";
import { bodyOf, identityOf, ask } from "./durability/ask";
import { quantile } from "./median";

/** Typing into the longest chart there may be: from each key to the painted text, in a real browser on a production build. */
const TYPED = "| E5 | A5 G5 | D5 C5 |";
const [SETTLED_MS, BETWEEN_KEYS_MS] = [15_000, 250];

function longestChart(): string {
  const part = "[Part]\n| E5 . G5 . | A5 C5 | D5 . . . |\nsome words of a line that is sung here\n";
  return part.repeat(Math.floor((LONGEST_CHART - 2 * TYPED.length) / part.length));
}

/** From a key press until its text is painted, ms; the browser tells no times below 16 ms. */
async function keyTimes(page: Page): Promise<readonly number[]> {
  await page.evaluate(() => {
    const times: number[] = [];
    Object.assign(window, { keyTimes: times });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) {
        if (entry.name === "keydown") times.push(entry.duration);
      }
    }).observe({ type: "event", durationThreshold: 16 } as PerformanceObserverInit);
  });
  for (const key of TYPED) {
    await page.keyboard.type(key);
    await page.waitForTimeout(BETWEEN_KEYS_MS);
  }
  await page.waitForTimeout(1000);
  return page.evaluate(() => (window as unknown as { keyTimes: number[] }).keyTimes);
}

await withDemo(async ({ browser, address }) => {
  const found = await ask(address, "GET", "/songs/find?for=5");
  const [song] = (JSON.parse(found.text) as { readonly value: readonly { id: number }[] }).value;
  if (!song) throw new Error("The demo has no song.");
  const identity = await identityOf(address);
  const fields = { chart: longestChart() };
  const change = { act: "set", kind: "song", id: song.id, fields, key: "long-chart" } as const;
  const sent = await ask(address, "POST", "/changes", bodyOf(identity, [change]));
  if (sent.status !== 200) throw new Error(sent.text);
  const page = await browser.newPage();
  await page.goto(`${address}/song?id=${song.id}`);
  await page.locator(".cm-content").click();
  await page.keyboard.press("Control+End");
  await page.waitForTimeout(SETTLED_MS);
  const times = await keyTimes(page);
  const [median, p95] = [0.5, 0.95].map((share) => quantile(times, share));
  console.log(`${fields.chart.length} characters, ${times.length} keys of 16 ms or more:`);
  console.log(`median ${median} ms, p95 ${p95} ms, longest ${Math.max(...times)} ms (goal 50)`);
});
