import { withDemo } from "./lib/withDemo.mts";
await withDemo(async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  page.on("console", (m) => console.log(m.type(), m.text().slice(0, 300)));
  page.on("pageerror", (e) => console.log("ERR", e.message));
  await page.goto(address + "/?tuning=40,45,50,55,59,64&root=C&stack=0,7,12&stage=yes", { waitUntil: "networkidle" });
  await page.waitForTimeout(2500);
  console.log(await page.evaluate(() => document.body.innerText.slice(0, 300)));
  await page.goto(address + "/", { waitUntil: "networkidle" });
  await page.keyboard.press("v");
  await page.waitForTimeout(1500);
  console.log("----", await page.evaluate(() => document.body.innerText.slice(0, 300)));
});
