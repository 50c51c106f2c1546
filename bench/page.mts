import { type Page } from "@playwright/test";
import { withDemo } from "../scripts/lib/withDemo.mts";

/**
 * What a page weighs and whether it stands still, in a real browser on a production build: bytes of
 * script on the wire, headers included, until the network is idle, and what idle time adds; and the
 * sum of the layout shifts while the neck loads and is then played through with the keys.
 */
const ROUTES = ["/", "/name", "/compare", "/song", "/practice", "/practice/log", "/rig"];
const KEYS = ["]", "3", "ArrowDown", "ArrowDown", "g", "m", "s", "s", "k", "2", "[", "n"];
const IDLE_MS = 1000;
const SETTLE_MS = 400;
/** Parts on demand are fetched once the page is idle; by then they are all there. */
const FETCHED_MS = 10_000;

await withDemo(async ({ browser, address }) => {
  for (const route of ROUTES) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    const bytes = await countScriptBytes(page);
    await watchShifts(page);
    await page.goto(address + route, { waitUntil: "networkidle" });
    await page.waitForTimeout(IDLE_MS);
    const first = bytes();
    const weight = `${route}: ${(first / 1000).toFixed(1)} kB of script`;
    if (route !== "/") {
      await page.waitForTimeout(FETCHED_MS);
      console.log(`${weight}, ${((bytes() - first) / 1000).toFixed(1)} kB more in idle time`);
    } else {
      const loading = await shifts(page);
      for (const key of KEYS) {
        await page.keyboard.press(key);
        await page.waitForTimeout(SETTLE_MS);
      }
      const both = await shifts(page);
      console.log(`${weight}; layout shift ${loading} while loading, ${both} after the keys`);
    }
    await context.close();
  }
});

/** Counts what scripts take on the wire; answers a function that tells the sum so far. */
async function countScriptBytes(page: Page): Promise<() => number> {
  const session = await page.context().newCDPSession(page);
  const scripts = new Set<string>();
  let sum = 0;
  session.on("Network.responseReceived", ({ requestId, response }) => {
    if (new URL(response.url).pathname.endsWith(".js")) scripts.add(requestId);
  });
  session.on("Network.loadingFinished", ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) sum += encodedDataLength;
  });
  await session.send("Network.enable");
  return () => sum;
}

/** Shifts within half a second of a key count too: the player asked for a grip, not for a jump. */
async function watchShifts(page: Page): Promise<void> {
  await page.addInitScript(`
    window.tenonShift = 0;
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) window.tenonShift += entry.value;
    }).observe({ type: "layout-shift", buffered: true });
  `);
}

async function shifts(page: Page): Promise<string> {
  return Number(await page.evaluate("window.tenonShift")).toFixed(4);
}
