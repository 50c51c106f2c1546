import { withDemo } from "./lib/withDemo.mts";
await withDemo(async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/?tuning=39,44,49,54,58,63&root=G&stack=0,7,12`);
  await page.waitForTimeout(3500);
  const later = page.getByRole("button", { name: /Not now|Later|Skip/ });
  if (await later.count()) await later.first().click();
  await page.waitForTimeout(600);
  await page.getByRole("listbox").getByRole("option").nth(2).click();
  await page.waitForTimeout(600);
  await page.screenshot({ path: "/tmp/shots/neck.png" });
  await page.goto(`${address}/name?frets=x-x-x-5-6-5`);
  await page.waitForTimeout(2500);
  await page.screenshot({ path: "/tmp/shots/name.png" });
  await page.goto(`${address}/song`);
  await page.waitForTimeout(6000);
  await page.screenshot({ path: "/tmp/shots/song.png", fullPage: true });
  const ways = page.getByRole("heading", { name: "Ways" });
  if (await ways.count()) { await ways.scrollIntoViewIfNeeded(); await page.waitForTimeout(4000); await page.screenshot({ path: "/tmp/shots/ways.png" }); }
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await phone.goto(`${address}/?tuning=39,44,49,54,58,63&root=G&stack=0,7,12`);
  await phone.waitForTimeout(2500);
  await phone.screenshot({ path: "/tmp/shots/neck390.png", fullPage: true });
});
