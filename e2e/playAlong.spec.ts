import { expect, test } from "./fixtures";
import { editor, openSong, pickSong, stops } from "./songPage";

const place = "[data-place]";
const playheadX = `() => new DOMMatrix(getComputedStyle(document.querySelector("[data-playhead]")).transform).e`;

test("playing along: counted in, the clock moves, the playhead follows, the chart is locked", async ({
  page,
}) => {
  await openSong(page);
  await pickSong(page, "Quarry Lights");
  await expect(stops(page).first()).toBeVisible();
  await page.getByRole("button", { name: "Play along" }).click();
  await expect(page.locator(place)).toHaveText(/^(one|and|two|three|four)$/);
  await expect(page.locator(place)).toHaveText(/^Bar 1, Verse, 108 a minute$/);
  const first = await page.evaluate<number>(`(${playheadX})()`);
  await expect(page.locator(place)).toHaveText(/^Bar 2, /);
  expect(await page.evaluate<number>(`(${playheadX})()`)).toBeGreaterThan(first);
  await expect(page.getByText("The chart is locked while it plays.")).toBeVisible();
  await editor(page).click();
  await page.keyboard.type("G5");
  await expect(editor(page)).not.toContainText("G5G5");
  await expect(page.getByRole("region", { name: "Now" })).toBeVisible();
  await page.getByRole("button", { name: "Stop", exact: true }).click();
  await expect(page.locator(place)).toHaveCount(0);
});

test("a loop goes round and gets faster; half tempo; a bar to jump to", async ({ page }) => {
  await openSong(page);
  await pickSong(page, "Nine Below");
  await expect(stops(page).first()).toBeVisible();
  await page.getByRole("button", { name: "How it plays" }).click();
  await page.getByRole("combobox", { name: "Goes round" }).selectOption("Intro, bars 1 to 4");
  await page.getByRole("spinbutton", { name: "last bar" }).fill("1");
  await page.getByRole("combobox", { name: "Each round" }).selectOption("8 faster");
  await page.getByRole("button", { name: "Play along" }).click();
  await expect(page.locator(place)).toHaveText(/^Bar 1, Intro, 138 a minute$/);
  await expect(page.locator(place)).toHaveText(/^Bar 1, Intro, 154 a minute$/);
  await page.getByRole("button", { name: "Half tempo" }).click();
  await expect(page.locator(place)).toHaveText(/^Bar 1, Intro, 69 a minute$/);
  await page.getByRole("combobox", { name: "Goes round" }).selectOption("no, once through");
  await page.getByRole("spinbutton", { name: "Bar" }).fill("9");
  await expect(page.locator(place)).toHaveText(/^Bar 9, Pre-Chorus/);
});

test("on stage with two keys: start, next section, stop, the section's start", async ({ page }) => {
  await openSong(page);
  await pickSong(page, "Quarry Lights");
  await expect(stops(page).first()).toBeVisible();
  await page.keyboard.press("v");
  const stage = page.getByRole("button", { name: "Leave the stage view" });
  await expect(stage).toBeVisible();
  await page.keyboard.press("PageDown");
  await expect(page.getByText("bar 1 of 28")).toBeVisible();
  await expect(page.getByRole("region", { name: "Now" })).toContainText("D5");
  await expect(page.getByRole("region", { name: "Next" })).toContainText("F5");
  await page.keyboard.press("PageDown");
  await expect(page.getByText("bar 5 of 28")).toBeVisible();
  await page.keyboard.press("PageUp");
  await expect(page.getByRole("button", { name: "Play", exact: true })).toBeVisible();
  await page.keyboard.press("PageUp");
  await expect(page.getByText("bar 5 of 28")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(stage).toHaveCount(0);
});
