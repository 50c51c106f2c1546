// @ts-nocheck
import { withDemo } from "./lib/withDemo.mts";
await withDemo(async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/practice`, {waitUntil:"networkidle"});
  await page.waitForTimeout(1500);
  await page.screenshot({ path: `/tmp/shots/p1.png` });
  await page.getByRole("button",{name:"20 minutes"}).click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: `/tmp/shots/p2.png` });
});
