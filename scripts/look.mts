// @ts-nocheck
import { withDemo } from "./lib/withDemo.mts";
await withDemo(async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 1100 } });
  await page.goto(`${address}/practice`, {waitUntil:"networkidle"});
  await page.waitForTimeout(1500);
  await page.getByRole("button",{name:/Set a goal/}).click();
  await page.getByLabel("Minutes a week").selectOption("90");
  await page.waitForTimeout(1500);
  await page.screenshot({ path: `/tmp/shots/p1.png` });
  await page.setViewportSize({width:390,height:844});
  await page.waitForTimeout(500);
  await page.screenshot({ path: `/tmp/shots/p390.png`, fullPage:true });
  await page.setViewportSize({width:1280,height:800});
  await page.getByRole("button",{name:/^Start/}).click();
  await page.waitForTimeout(1500);
  for (let i=0;i<6;i++){ if (await page.getByText("Which note is this?").count()) break; await page.getByRole("button",{name:/Next part/}).first().click(); await page.waitForTimeout(600);}
  await page.screenshot({ path: `/tmp/shots/q1.png` });
  await page.keyboard.press("g");
  await page.waitForTimeout(300);
  await page.screenshot({ path: `/tmp/shots/q2.png` });
});
