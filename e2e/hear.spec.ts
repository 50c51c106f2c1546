import { expect, grips, notice, openNeck, test, watchConsole } from "./fixtures";
import { noteTexts } from "./seen";

test("a grip is heard in four ways, clean and with gain, with a word for the ears", async ({
  page,
}) => {
  await openNeck(page);
  const bar = page.getByRole("group", { name: "Hear the grip" });
  const sounding = await noteTexts(
    page,
    "[aria-label='Hear the grip'] > :first-child [aria-pressed=true]",
  );
  await expect(bar).toContainText("loud practice harms hearing");
  await page.keyboard.press("y");
  // It is let go by the audio clock, so this also says that the clock runs.
  await expect.poll(sounding).toEqual(["", expect.stringMatching(/^Mute/), ""]);
  await page.keyboard.press("w");
  await expect(bar.getByRole("button", { name: /^Gain/ })).toHaveAttribute("aria-pressed", "true");
  await page.keyboard.press("p");
  await expect.poll(sounding).toContainEqual(expect.stringMatching(/^Strum/));
  await page.keyboard.press("x");
  await expect.poll(sounding).toContainEqual(expect.stringMatching(/^Choke/));
  await expect.poll(async () => (await sounding()).at(-1)).toBe("");
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
