import { expect, guitarMenu, leaveRetuneSheet, openNeck, takeTuning, test } from "./fixtures";

/** The tunings that the list must hold, on the demo's guitars of six, seven and eight strings. */
const LISTED = [
  "Standard",
  "E♭ standard",
  "D standard",
  "Drop D",
  "Drop C",
  "Drop B",
  "DADGAD",
  "Open D",
  "Open G",
  "Open E",
  "All fourths",
  "7-string B standard",
  "7-string drop A",
  "8-string F♯ standard",
  "8-string drop E",
];

test("the list holds the common tunings, and takes the guitar that fits", async ({ page }) => {
  await openNeck(page);
  await page.getByRole("button", { name: "Tuning: Drop D. Change" }).click();
  const dialog = page.getByRole("dialog", { name: "Tune Ash six" });
  for (const name of LISTED) {
    await expect(dialog.getByText(name, { exact: true }).first()).toBeVisible();
  }
  await dialog.getByText("7-string drop A", { exact: true }).first().click();
  await expect(page.getByRole("heading", { name: /in 7-string drop A/ })).toBeVisible();
  await expect(guitarMenu(page).locator("option:checked")).toHaveText("Long seven");
});

test("letters, notes with octaves and names are read, in any case", async ({ page }) => {
  await openNeck(page);
  for (const [typed, name] of [
    ["D A D F# A D", "Open D"],
    ["d2 a2 d3 g3 b3 e4", "Drop D"],
    ["Drop C#", "Drop C♯"],
    ["A E A D F# B", "Drop A"],
    ["eadgbe", "Standard"],
  ] as const) {
    await takeTuning(page, typed);
    await expect(page.getByRole("heading", { name: new RegExp(`C5 in ${name}$`) })).toBeVisible();
  }
});

test("a wrong note is named with its place, and nothing changes", async ({ page }) => {
  await openNeck(page);
  await page.keyboard.press("t");
  await page.getByRole("textbox").fill("D A H F# A D");
  await expect(page.getByText(/note 3 of 6: 'H' is not a note/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Use it" })).toBeDisabled();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("heading", { name: /C5 in Drop D/ })).toBeVisible();
});

test("what can be read in two ways is shown as a choice", async ({ page }) => {
  await openNeck(page);
  await page.keyboard.press("t");
  await page.getByRole("textbox").fill("dadgbbe");
  await page.getByRole("button", { name: /^or D A D F♯ B E/ }).click();
  await leaveRetuneSheet(page);
  await expect(page.getByRole("heading", { name: /in D A D F♯ B E/ })).toBeVisible();
});

test("a tuning for more strings than any guitar has is refused in words", async ({ page }) => {
  await openNeck(page);
  await page.keyboard.press("t");
  await page.getByRole("textbox").fill("10-string G# standard");
  await expect(page.getByText(/10 strings; this guitar has 6/)).toBeVisible();
});
