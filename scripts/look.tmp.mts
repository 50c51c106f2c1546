import { withDemo } from "/work/main/scripts/lib/withDemo.mts";
const shots = JSON.parse(process.argv[2]!);
await withDemo(async ({ browser, address }) => {
  for (const { name, path, w = 1280, h = 800, dark, js } of shots) {
    const ctx = await browser.newContext({
      viewport: { width: w, height: h },
      colorScheme: dark ? "dark" : "light",
      reducedMotion: "reduce",
    });
    const page = await ctx.newPage();
    page.on("console", (m) => {
      if (m.type() === "error") console.log(name, "console:", m.text().slice(0, 300));
    });
    page.on("pageerror", (e) => console.log(name, "pageerror:", e.message));
    await page.goto(address + path, { waitUntil: "networkidle" });
    if (js) await new Function("page", `return (async()=>{${js}})()`)(page);
    await page.waitForTimeout(500);
    await page.screenshot({ path: `/tmp/shots/${name}.png` });
    const ex = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    if (ex) console.log(name, "overflows by", ex);
    await ctx.close();
  }
});
