import { expect, grips, notice, openNeck, test, watchConsole } from "./fixtures";

test("a grip is heard in four ways, clean and with gain, with a word for the ears", async ({
  page,
}) => {
  await openNeck(page);
  const bar = page.getByRole("group", { name: "Hear the grip" });
  await page.keyboard.press("y");
  await expect(notice(page)).toContainText("loud practice harms hearing");
  const mute = bar.getByRole("button", { name: /^Mute/ });
  await expect(mute).toHaveAttribute("aria-pressed", "true");
  // It is let go by the audio clock, so this also says that the clock runs.
  await expect(mute).toHaveAttribute("aria-pressed", "false");
  await page.keyboard.press("w");
  await expect(bar.getByRole("button", { name: /^Gain/ })).toHaveAttribute("aria-pressed", "true");
  await page.keyboard.press("p");
  const strum = bar.getByRole("button", { name: /^Strum/ });
  await expect(strum).toHaveAttribute("aria-pressed", "true");
  await page.keyboard.press("x");
  await expect(strum).toHaveAttribute("aria-pressed", "false");
  await expect(bar.getByRole("button", { name: /^Choke/ })).toHaveAttribute(
    "aria-pressed",
    "false",
  );
});

test("where the browser refuses sound, the page says so and works in silence", async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({ baseURL: baseURL ?? "" });
  const page = await context.newPage();
  await page.addInitScript(() => {
    for (const name of ["AudioContext", "webkitAudioContext", "OfflineAudioContext"]) {
      Object.defineProperty(window, name, { value: undefined });
    }
  });
  const errors = watchConsole(page);
  await openNeck(page);
  await page.keyboard.press("p");
  await expect(notice(page)).toContainText("Your browser gives Tenon no sound");
  await page.keyboard.press("ArrowDown");
  await expect(grips(page).nth(1)).toHaveAttribute("aria-selected", "true");
  expect(errors).toEqual([]);
  await context.close();
});

test("the roughness over gain is drawn when it is asked for", async ({ page }) => {
  await openNeck(page);
  await page.getByRole("button", { name: "Roughness as gain goes up" }).click();
  await expect(
    page.getByRole("img", { name: /^Roughness by gain\. At the highest gain: C3 G3 C4/ }),
  ).toBeVisible();
});
