import { expect, notice, test } from "./fixtures";
import { CHART, editor, openSong, pasteChart, saved, stops } from "./songPage";

test("problems are marked in their place; what is right follows every keystroke", async ({
  page,
}) => {
  await openSong(page);
  await pasteChart(page, "Verse\n| A5 . Q7 . | E5 |\n|: D5 |");
  const problems = page.getByRole("list", { name: "Problems in the chart" });
  await expect(problems).toContainText("Line 2: 'Q7' is no chord; write a root from A to G");
  await expect(problems).toContainText("Line 3: this repeat is never closed");
  await expect(page.locator(".cm-lintRange-error")).toHaveCount(2);
  await editor(page).press("Control+End");
  await page.keyboard.type(" :|");
  await expect(problems).not.toContainText("never closed");
  await expect(page.locator("[data-chart]")).toContainText("Q7");
});

test("the cursor chooses the chord in whose name it stands, also while one types", async ({
  page,
}) => {
  await openSong(page);
  await pasteChart(page, "| A5 | D5 |");
  await expect(stops(page)).toHaveCount(2);
  const chosen = page.locator("[data-picture=path] [data-chord][aria-pressed=true]");
  await editor(page).press("Control+Home");
  for (let step = 0; step < 3; step++) await page.keyboard.press("ArrowRight");
  await expect(chosen).toHaveAttribute("data-chord", "0");
  await editor(page).press("Control+End");
  await page.keyboard.type(" G5");
  await expect(stops(page)).toHaveCount(3);
  await expect(chosen).toHaveAttribute("data-chord", "2");
});

test("pasted without end: told, and nothing lost", async ({ page }) => {
  await openSong(page);
  await pasteChart(page, CHART);
  await expect(stops(page)).toHaveCount(12);
  await saved(page);
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData("text/plain", "| A5 | D5 |\n".repeat(430_000));
    document
      .querySelector("[data-editor=chart] .cm-content")
      ?.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true }));
  });
  await expect(notice(page)).toContainText("a chart may have 250,000. Nothing was changed.");
  await expect(stops(page)).toHaveCount(12);
});

test("charts that are no songs: each told in its place, and the page goes on", async ({ page }) => {
  await openSong(page);
  await pasteChart(
    page,
    "Tempo: fast\n\u200e| A5\u00a0D5 |\u201cwords\u201d\r\n\tBridge\nTempo: 999\n| E\u266d5 |",
  );
  const problems = page.getByRole("list", { name: "Problems in the chart" });
  await expect(problems).toContainText("Line 1: 'fast': write a tempo from 30 to 300");
  await expect(problems).toContainText("Line 4: '999': write a tempo from 30 to 300");
  await expect(stops(page).first()).toBeVisible();
  await pasteChart(page, "| A5 | D5 |\n".repeat(5000));
  await expect(page.getByText(/the first 1024 chords; the others are kept/)).toBeVisible();
  await page.getByRole("button", { name: /^Show the other \d+ bars$/ }).click();
  await expect(stops(page).first()).toBeVisible();
  await saved(page);
});
