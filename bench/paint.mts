import { type Page } from "@playwright/test";
import { withDemo } from "../scripts/lib/withDemo.mts";
import { quantile } from "./median";

/**
 * From a key press to the painted neck, in a real browser on a production build: 50 root changes
 * on each of two guitars. The clock starts at the key event's own time stamp and stops in the task
 * after the frame in which the last change of the neck (map and chosen grip) was painted.
 */
const CHANGES = 50;
const SETTLE_MS = 200;

await withDemo(async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(address, { waitUntil: "networkidle" });
  report("6 strings, 22 frets, drop D", await measure(page));
  await page.getByRole("combobox", { name: "Guitar" }).selectOption("Baritone eight");
  report("8 strings, 24 frets, fanned", await measure(page));
});

async function measure(page: Page): Promise<readonly number[]> {
  // The TypeScript runner names inner functions through a helper that the page does not have.
  await page.evaluate("globalThis.__name = (work) => work");
  await page.evaluate(() => {
    const times: number[] = [];
    let pressedAt = 0;
    let paintedAt = 0;
    const afterPaint = new MessageChannel();
    afterPaint.port1.onmessage = () => (paintedAt = performance.now());
    window.addEventListener("keydown", (event) => (pressedAt = event.timeStamp), true);
    new MutationObserver(() =>
      requestAnimationFrame(() => afterPaint.port2.postMessage(null)),
    ).observe(document.querySelector("main svg[role=group]") as Element, {
      subtree: true,
      childList: true,
      attributes: true,
      characterData: true,
    });
    Object.assign(window, {
      tenonTake: () => times.push(paintedAt - pressedAt),
      tenonTimes: () => times,
    });
  });
  for (let change = 0; change < CHANGES; change++) {
    await page.keyboard.press("]");
    await page.waitForTimeout(SETTLE_MS);
    await page.evaluate("tenonTake()");
  }
  return (await page.evaluate("tenonTimes()")) as number[];
}

function report(what: string, times: readonly number[]): void {
  const [middle, late] = [quantile(times, 0.5), quantile(times, 0.95)];
  console.log(
    `key to painted neck, ${what}: median ${middle.toFixed(1)} ms, p95 ${late.toFixed(1)} ms`,
  );
}
