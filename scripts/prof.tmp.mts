import { withDemo } from "./lib/withDemo.mts";
await withDemo(async ({ browser, address }) => {
  const ctx = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await ctx.newPage();
  await page.goto(address, { waitUntil: "networkidle" });
  await page.getByRole("combobox", { name: "Guitar" }).selectOption("Baritone eight");
  await page.waitForTimeout(1000);
  const cdp = await ctx.newCDPSession(page);
  const events: any[] = [];
  cdp.on("Tracing.dataCollected", (e: any) => events.push(...e.value));
  await cdp.send("Tracing.start", { categories: "devtools.timeline,blink.user_timing,disabled-by-default-devtools.timeline", transferMode: "ReportEvents" } as any);
  for (let i = 0; i < 25; i++) { await page.keyboard.press("]"); await page.waitForTimeout(250); }
  const done = new Promise((r) => cdp.once("Tracing.tracingComplete", r as any));
  await cdp.send("Tracing.end"); await done;
  const threads = new Map<string, string>();
  const sums = new Map<string, { n: number; ms: number }>();
  for (const e of events) if (e.name === "thread_name") threads.set(e.pid + ":" + e.tid, e.args.name);
  for (const e of events) if (e.ph === "X" && e.dur) { const t = threads.get(e.pid + ":" + e.tid); const k = t + " " + e.name; const s = sums.get(k) ?? { n: 0, ms: 0 }; s.n++; s.ms += e.dur / 1000; sums.set(k, s); }
  for (const [k, s] of [...sums].sort((a, b) => b[1].ms - a[1].ms).slice(0, 40)) console.log((s.ms / 25).toFixed(2).padStart(8), "ms/key", (s.n / 25).toFixed(1).padStart(6), k);
});
