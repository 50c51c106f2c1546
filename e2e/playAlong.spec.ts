import { type Page } from "@playwright/test";
import { expect, test } from "./fixtures";
import { noteTexts } from "./seen";
import { editor, openSong, pasteChart, pickSong, stops } from "./songPage";

const place = "[data-place]";
const playheadX = async (page: Page) =>
  page
    .locator("[data-playhead]")
    .evaluate((head) => new DOMMatrix(getComputedStyle(head).transform).e);

/** So slow that a machine that stalls for some seconds is still in the same part of the song. */
const SLOW = `Title: Slow Gate
Tempo: 40

Verse
| D5 | F5 | D5 | F5 |
Chorus
| G5 | A5 | G5 | A5 |
`;

test("playing along: counted in, the clock moves, the playhead follows, the chart is locked", async ({
  page,
}) => {
  await openSong(page);
  await pasteChart(page, SLOW);
  await expect(stops(page)).toHaveCount(8);
  const [places, counts] = [await noteTexts(page, place), await noteTexts(page, "[data-count]")];
  await page.getByRole("button", { name: "Play", exact: true }).click();
  await expect.poll(places).toContain("Verse, bar 1 of 8");
  expect((await counts()).filter((text) => /^(one|and|two|three|four)$/.test(text))).not.toEqual(
    [],
  );
  const first = await playheadX(page);
  await expect.poll(places).toContain("Verse, bar 2 of 8");
  expect(await playheadX(page)).toBeGreaterThan(first);
  await expect(page.getByText("The chart is locked while it plays.")).toBeVisible();
  await editor(page).click();
  await page.keyboard.type("C5");
  await expect(editor(page)).not.toContainText("C5");
  await expect(page.getByRole("region", { name: "Now" })).toBeVisible();
  await page.getByRole("button", { name: "Stop", exact: true }).click();
  await expect(page.locator(place)).toHaveCount(0);
});

test("a loop goes round and gets faster; half tempo; a bar to jump to", async ({ page }) => {
  await openSong(page);
  await pickSong(page, "Nine Below");
  await expect(stops(page).first()).toBeVisible();
  await page.getByRole("button", { name: "How it plays" }).click();
  await page.getByRole("combobox", { name: "Repeat" }).selectOption("Intro, bars 1 to 4");
  await page.getByRole("spinbutton", { name: "last bar" }).fill("1");
  await page.getByRole("combobox", { name: "Each round" }).selectOption("8 faster");
  const places = await noteTexts(page, place);
  await page.getByRole("button", { name: "Play", exact: true }).click();
  const tempos = async () =>
    (await places()).flatMap((text) => /^Intro, bar 1 of \d+, (\d+) bpm$/.exec(text)?.[1] ?? []);
  await expect.poll(async () => (await tempos()).length).toBeGreaterThanOrEqual(2);
  for (const [round, tempo] of (await tempos()).entries()) {
    // The first round goes at the song's own tempo, which is not told.
    expect(Number(tempo)).toBeGreaterThanOrEqual(138 + 8 * (round + 1));
    expect(Number(tempo) % 8).toBe(138 % 8);
  }
  await page.getByRole("button", { name: "Half tempo" }).click();
  await expect.poll(async () => Number((await tempos()).at(-1))).toBeLessThan(138);
  await page.getByRole("combobox", { name: "Repeat" }).selectOption("off");
  await page.getByRole("spinbutton", { name: "Bar" }).fill("9");
  await expect.poll(async () => (await places()).join()).toContain("Pre-Chorus, bar 9");
});

test("on stage with two keys: start, next section, stop, the section's start", async ({ page }) => {
  await openSong(page);
  await pasteChart(page, SLOW);
  await expect(stops(page)).toHaveCount(8);
  await page.keyboard.press("Escape");
  await editor(page).blur();
  await page.keyboard.press("v");
  const stage = page.getByRole("button", { name: "Leave the stage" });
  await expect(stage).toBeVisible();
  const [now, next] = [
    await noteTexts(page, "[aria-label=Now]"),
    await noteTexts(page, "[aria-label=Next]"),
  ];
  await page.keyboard.press("PageDown");
  await expect(page.getByText(/^Verse, bar [1-4] of 8$/)).toBeVisible();
  await expect.poll(now).toContainEqual(expect.stringContaining("D5"));
  await expect.poll(next).toContainEqual(expect.stringContaining("F5"));
  await page.keyboard.press("PageDown");
  await expect(page.getByText(/^Chorus, bar [5-8] of 8$/)).toBeVisible();
  await page.keyboard.press("PageUp");
  const region = page.getByRole("region", { name: "Stage" });
  await expect(region.getByRole("button", { name: "Play", exact: true })).toBeVisible();
  await page.keyboard.press("PageUp");
  await expect(page.getByText(/^Chorus, bar [5-8] of 8$/)).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(stage).toHaveCount(0);
});
