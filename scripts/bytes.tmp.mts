import { withDemo } from "./lib/withDemo.mts";
await withDemo(async ({ browser, address }) => {
  for (const path of ["/", "/name", "/compare", "/rig"]) {
  const ctx = await browser.newContext();
  const page = await ctx.newPage();
  const cdp = await ctx.newCDPSession(page);
  await cdp.send("Network.enable");
  const reqs = new Map<string, any>();
  cdp.on("Network.responseReceived", (e: any) => reqs.set(e.requestId, { url: e.response.url, type: e.type, n: 0 }));
  cdp.on("Network.loadingFinished", (e: any) => { const r = reqs.get(e.requestId); if (r) r.n = e.encodedDataLength; });
  await page.goto(address + path, { waitUntil: "networkidle" });
  await page.waitForTimeout(1500);
  const js = [...reqs.values()].filter((r) => /\.js/.test(r.url));
  console.log(path, "script kB", (js.reduce((s, r) => s + r.n, 0) / 1000).toFixed(1), js.length);
  if (path === "/") for (const r of js.sort((a, b) => b.n - a.n)) console.log("  ", (r.n / 1000).toFixed(1), r.type, r.url.split("/").pop());
  await ctx.close();
  }
});
