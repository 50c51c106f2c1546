import { build } from "esbuild";
import { type Page } from "@playwright/test";
import { withDemo } from "../scripts/lib/withDemo.mts";
import { quantile } from "./median";

/**
 * The Song room in a real browser on a production build: from a pasted chart of 64 chords to the painted way; from a key
 * to the painted text while the way is worked out; clicks rendered offline; how far ahead sounds are scheduled while the
 * page hangs; how long after a chord is heard its name is painted; and how much the page shifts until it has played.
 */
const RUNS = 20;
const KEYS = 40;
const CHORDS = 64;
const FIVES = "D5 F5 C5 Bb5 G5 A5 E5 F#5".split(" ");
const WHOLE = "Am F C G Dm E7 Am Fmaj7 C/E G D7 Gm".split(" ");
const BLOCK_MS = 450;
/** The other ways take as long; the next chart is pasted when all is quiet. */
const SETTLE_MS = 2500;
/** A chord a beat at 100 bpm. */
const MARKED_BEATS = 24;
const BEAT_S = 0.6;

await withDemo(async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/song`, { waitUntil: "networkidle" });
  // The TypeScript runner names inner functions through a helper that the page does not have.
  await page.evaluate("globalThis.__name = (work) => work");
  await page.getByRole("button", { name: "Your songs" }).click();
  await page.getByRole("button", { name: "New song" }).click();
  await page.getByRole("button", { name: "Your songs" }).click();
  // The picture appears with the first chord.
  await page.getByRole("button", { name: "An example" }).click();
  await page.locator("[data-picture=path] [data-chord]").first().waitFor();
  for (const [name, words] of [
    ["fives", FIVES],
    ["whole chords", WHOLE],
  ] as const) {
    const times: number[] = [];
    // The first two meet a worker that has not warmed up, and are told apart.
    for (let run = -2; run < RUNS; run++) times.push(await paste(page, chartOf(words, run + 2)));
    const [first = NaN, second = NaN, ...warm] = times;
    report(`${CHORDS} ${name}, pasted to painted`, warm);
    console.log(`  the first ones ${first.toFixed(0)} and ${second.toFixed(0)} ms`);
  }
  await paste(page, chartOf(FIVES, 0));
  const typed = await type(page);
  report(
    "a key to the text in the page",
    typed.map(([written]) => written),
  );
  report(
    "a key to the painted text",
    typed.map(([, painted]) => painted),
  );
  await page.evaluate(await bundle());
  const clicks = (await page.evaluate("measureClicks()")) as Record<string, number>;
  console.log(
    `${clicks.clicks} clicks in five minutes offline: jitter ${clicks.jitterMs?.toFixed(3)} ms, drift ${clicks.driftMs?.toFixed(3)} ms`,
  );
  console.log(await leadsWhileBlocked(page));
  report("a mark painted after its sound is heard", await marksAfterSound(page));
  console.log(
    await layoutShift(await browser.newPage({ viewport: { width: 1280, height: 800 } }), address),
  );
});

/** Plays a chord a beat: how long after each is heard its name is painted, in ms. */
async function marksAfterSound(page: Page): Promise<readonly number[]> {
  await paste(page, `Tempo: 100\n${"| A5 D5 E5 G5 |\n".repeat(MARKED_BEATS / 4)}`);
  await page.evaluate(() => {
    const state = {
      firstS: Infinity,
      context: null as AudioContext | null,
      paintedS: [] as number[],
    };
    const start = AudioBufferSourceNode.prototype.start;
    AudioBufferSourceNode.prototype.start = function (when = 0, ...rest) {
      state.context = this.context as AudioContext;
      state.firstS = Math.min(state.firstS, when);
      start.call(this, when, ...rest);
    };
    const afterPaint = new MessageChannel();
    afterPaint.port1.onmessage = () => {
      const { context } = state;
      if (context) state.paintedS.push(context.currentTime - (context.outputLatency || 0));
    };
    let shown = "";
    new MutationObserver(() => {
      const view = document.querySelector("[data-playing]");
      if (!view || view.querySelector("[data-count]")) return;
      const name = view.querySelector("[aria-label=Now] [data-chord-name]")?.textContent ?? "";
      if (name === shown) return;
      shown = name;
      requestAnimationFrame(() => afterPaint.port2.postMessage(null));
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
    Object.assign(window, { tenonMarks: state });
  });
  await page.getByRole("button", { name: "Play", exact: true }).click();
  await page.locator("[data-playing]").waitFor();
  await page.locator("[data-playing]").waitFor({ state: "detached", timeout: 60_000 });
  const [firstS, paintedS] = (await page.evaluate("[tenonMarks.firstS, tenonMarks.paintedS]")) as [
    number,
    number[],
  ];
  // The first sound is the count-in's, on a beat.
  return paintedS.map((at) => {
    const beats = (at - firstS) / BEAT_S;
    return 1000 * BEAT_S * (beats - Math.floor(beats));
  });
}

/** How much of the page moves by itself, from its first paint until a song has played for some bars. */
async function layoutShift(page: Page, address: string): Promise<string> {
  await page.addInitScript(() => {
    Object.assign(window, { tenonShift: 0 });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & {
        readonly value: number;
        readonly hadRecentInput: boolean;
      })[]) {
        if (!entry.hadRecentInput)
          (window as unknown as { tenonShift: number }).tenonShift += entry.value;
      }
    }).observe({ type: "layout-shift", buffered: true });
  });
  await page.goto(`${address}/song`, { waitUntil: "networkidle" });
  await page.waitForTimeout(SETTLE_MS);
  const loaded = Number(await page.evaluate("tenonShift"));
  await page.getByRole("button", { name: "Play", exact: true }).click();
  await page.waitForTimeout(14_000);
  const played = Number(await page.evaluate("tenonShift"));
  return `layout shift: ${loaded.toFixed(3)} when loaded, ${(played - loaded).toFixed(3)} while it plays`;
}

/** Bars of one chord each, another order every time, so that nothing is known from the time before. */
function chartOf(words: readonly string[], turn: number): string {
  const chords = Array.from(
    { length: CHORDS },
    (_, index) => words[(index * ((turn % 5) + 1) + turn) % words.length],
  );
  return `Tempo: 120\n${chords.map((chord, index) => `| ${chord} ${index % 8 === 7 ? "|\n" : ""}`).join("")}`;
}

/** Pastes over everything, and waits until the last change of the picture was painted; ms. */
async function paste(page: Page, text: string): Promise<number> {
  await page.waitForTimeout(SETTLE_MS);
  await page.locator("[data-editor=chart] .cm-content").focus();
  await page.keyboard.press("Control+A");
  return page.evaluate(async (chart) => {
    const region = document.querySelector("[aria-label='Route over the neck']");
    const content = document.querySelector("[data-editor=chart] .cm-content");
    if (!region || !content) throw new Error("no song on the page");
    let paintedAt = 0;
    const afterPaint = new MessageChannel();
    afterPaint.port1.onmessage = () => (paintedAt = performance.now());
    const observer = new MutationObserver(() =>
      requestAnimationFrame(() => afterPaint.port2.postMessage(null)),
    );
    const picture = region.querySelector("svg");
    if (!picture) throw new Error("no picture of the way");
    observer.observe(picture, {
      subtree: true,
      childList: true,
      attributes: true,
      characterData: true,
    });
    const data = new DataTransfer();
    data.setData("text/plain", chart);
    const start = performance.now();
    content.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true }));
    for (let quiet = 0; quiet < 4;) {
      const before = paintedAt;
      await new Promise((resolve) => setTimeout(resolve, 100));
      const isBusy = region.getAttribute("aria-busy") === "true";
      quiet = paintedAt === before && !isBusy && paintedAt > 0 ? quiet + 1 : 0;
    }
    observer.disconnect();
    return paintedAt - start;
  }, text);
}

/** Types into the chart, each key while the way of the last one may still be worked out; ms until it is painted. */
async function type(page: Page): Promise<readonly (readonly [written: number, painted: number])[]> {
  await page.locator("[data-editor=chart] .cm-content").press("Control+End");
  await page.evaluate(() => {
    const times: (readonly [number, number])[] = [];
    const afterPaint = new MessageChannel();
    let [pressedAt, writtenAt] = [0, 0];
    afterPaint.port1.onmessage = () =>
      times.push([writtenAt - pressedAt, performance.now() - pressedAt]);
    window.addEventListener("keydown", (event) => (pressedAt = event.timeStamp), true);
    new MutationObserver(() => {
      writtenAt = performance.now();
      requestAnimationFrame(() => afterPaint.port2.postMessage(null));
    }).observe(document.querySelector("[data-editor=chart] .cm-content") as Element, {
      subtree: true,
      childList: true,
      characterData: true,
    });
    Object.assign(window, { tenonTimes: times });
  });
  const first: (readonly [number, number])[] = [];
  for (let key = 0; key < KEYS; key++) {
    const before = Number(await page.evaluate("tenonTimes.length"));
    await page.keyboard.press(key % 3 === 0 ? "." : " ");
    await page.waitForTimeout(120);
    const time = await page.evaluate(`tenonTimes[${before}]`);
    if (Array.isArray(time)) first.push(time as unknown as readonly [number, number]);
  }
  return first;
}

/** Plays, and hangs the page again and again: how long before they are heard sounds are on the clock. */
async function leadsWhileBlocked(page: Page): Promise<string> {
  await page.evaluate(() => {
    const leads: number[] = [];
    const start = AudioBufferSourceNode.prototype.start;
    AudioBufferSourceNode.prototype.start = function (when = 0, ...rest) {
      leads.push(when - this.context.currentTime);
      start.call(this, when, ...rest);
    };
    Object.assign(window, { tenonLeads: leads });
  });
  await page.getByRole("button", { name: "Play", exact: true }).click();
  await page.waitForTimeout(1500);
  const before = Number(await page.evaluate("tenonLeads.length"));
  for (let block = 0; block < 12; block++) {
    await page.evaluate((ms) => {
      const until = performance.now() + ms;
      while (performance.now() < until);
    }, BLOCK_MS);
    await page.waitForTimeout(60);
  }
  const leads = (await page.evaluate(`tenonLeads.slice(${before})`)) as number[];
  await page.getByRole("button", { name: "Stop", exact: true }).click();
  return `while the page hangs ${BLOCK_MS} ms twelve times: ${leads.length} sounds, the least ${(1000 * Math.min(...leads)).toFixed(0)} ms ahead`;
}

async function bundle(): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: ["bench/songClicks.ts"],
    bundle: true,
    write: false,
    format: "iife",
    platform: "browser",
    logLevel: "warning",
  });
  return outputFiles[0]?.text ?? "";
}

function report(what: string, times: readonly number[]): void {
  const [median, p95] = [0.5, 0.95].map((share) => quantile(times, share).toFixed(1));
  console.log(`${what}: median ${median} ms, p95 ${p95} ms (${times.length})`);
}
