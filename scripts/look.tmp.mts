import { withDemo } from "./lib/withDemo.mts";
await withDemo(async ({ browser, address }) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  page.on("console", (m) => m.type() === "error" && console.log("ERR", m.text()));
  page.on("pageerror", (e) => console.log("PERR", e.message));
  await page.goto(address + "/compare");
  await page
    .getByText(/serves best\. B/)
    .first()
    .waitFor();
  await page.waitForTimeout(2000);
  await page.getByRole("button", { name: "Weigh" }).click();
  await page.waitForTimeout(700);
  await page.screenshot({ path: "/tmp/shots/d1.png" });
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await page.waitForTimeout(700);
  await page.screenshot({ path: "/tmp/shots/d2.png" });
  await page.goto(
    address +
      "/compare?tunings=standard;drop D;open D;drop C;DADGAD;open G&chords=D5 F5 C5 Bb5 Am7 D/F%23",
  );
  await page
    .getByText(/serves best\. B/)
    .first()
    .waitFor();
  await page.waitForTimeout(6000);
  await page.screenshot({ path: "/tmp/shots/d3.png" });
  await page.setViewportSize({ width: 390, height: 800 });
  await page.waitForTimeout(700);
  await page.screenshot({ path: "/tmp/shots/d4.png" });
  await page.goto(address + "/compare?tunings=standard;drop D;open D&chords=D5 F5 C5 Bb5");
  await page.setViewportSize({ width: 768, height: 1024 });
  await page.emulateMedia({ colorScheme: "dark" });
  await page.waitForTimeout(1500);
  await page.screenshot({ path: "/tmp/shots/d5.png" });
});
