import AxeBuilder from "@axe-core/playwright";
import { expect, expectNothingWider, test } from "./fixtures";
import { editor, openSong, pasteChart, saved, stops, summary } from "./songPage";

const CHART = `Title: Gravel
Tempo: 104

Intro
| 6:0 6:0 6:3 . 6:5 6:3h5 A5 . | @E3 @G3 6:x 5:3~ |
Verse
| E5 | G5 . 6:3 6:5 |
`;

test("a riff is typed, planned, shown while it plays, and stays", async ({ page }) => {
  await openSong(page);
  await pasteChart(page, CHART);
  await expect(summary(page)).toContainText(/\d+ bpm/);
  await expect(editor(page)).toContainText("6:0 6:0 6:3");

  // Each note is a stop of the route; those of one bar stand together in the chart.
  await expect(stops(page).filter({ visible: true }).first()).toBeVisible();
  await expect(page.getByRole("button", { name: /^Riff 6:0 6:0 6:3 .*, bar 1$/ })).toBeVisible();
  const lane = page.getByRole("region", { name: "The bar" });
  await expect(lane.locator("[data-fret]")).toHaveText([
    "0",
    "0",
    "3",
    "5",
    "3",
    "h5",
    "0",
    "2",
    "2",
  ]);
  await expect(page.getByRole("region", { name: "Now" })).toContainText(/Riff.*string 6/);
  await expect(page.getByRole("region", { name: "Next" })).toContainText("A5");
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations).toEqual([]);

  await page.getByRole("button", { name: /^Riff @E3 .*, bar 2$/ }).click();
  await expect(lane.locator("[data-fret]")).toHaveText(["2", "0", "×", "3~"]);

  await saved(page);
  await page.reload();
  await expect(page.getByRole("button", { name: /^Riff 6:0 6:0 6:3 .*, bar 1$/ })).toBeVisible();
  await page.getByRole("button", { name: "Play", exact: true }).click();
  await expect(page.locator("[data-playing^='1.']")).toBeVisible();
  await expect(lane.locator("[data-lane-head]")).toBeVisible();
  await page.getByRole("button", { name: "Stop" }).click();

  await expectNothingWider(page, [390, 768]);
});

test("a mistake in a riff is reported where it stands, and the rest is played", async ({
  page,
}) => {
  await openSong(page);
  await pasteChart(page, "| 6:3 6:3h2 A5 . |\n");
  await expect(page.getByText("a hammer-on goes up; write 6:3p2").first()).toBeVisible();
  await expect(page.getByRole("button", { name: "A5, bar 1" }).first()).toBeVisible();
});
