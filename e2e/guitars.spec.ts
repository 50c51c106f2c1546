import { type Page } from "@playwright/test";
import { expect, notice, test } from "./fixtures";

/** Opens the guitars and waits until the form has come alive. */
async function openGuitars(page: Page): Promise<void> {
  await page.goto("/rig");
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Ash six");
}

test("a new guitar in inches, fanned and left-handed, follows what is typed", async ({ page }) => {
  await openGuitars(page);
  await page.getByRole("button", { name: "New guitar" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Cedar seven");
  await page.getByLabel("Strings", { exact: true }).fill("7");
  await expect(page.getByLabel("Usual tuning")).toHaveValue("7-string B standard");
  await page.getByLabel("Frets", { exact: true }).fill("27");
  await page.getByLabel("Fanned frets").check();
  await page.getByLabel("Scale, bass side").fill("27 in");
  await page.getByLabel("Scale, treble side").fill("25.5 in");
  await expect(page.getByText("685.8 mm")).toBeVisible();
  await page.getByLabel("Left-handed").check();
  await page.getByLabel("Bridge", { exact: true }).selectOption("locking");
  await page.getByLabel("Gauge of string 1").fill("10");
  await page.getByLabel("Capo at fret").fill("2");
  await expect(page.getByRole("img", { name: "Neck of Cedar seven" })).toContainText("capo 2");
  await page.getByRole("button", { name: "Add this guitar" }).click();
  await expect(notice(page)).toContainText("Cedar seven is saved.");
  await page.reload();
  await page.getByRole("button", { name: "Use Cedar seven" }).click();
  await page.getByRole("button", { name: "Open Cedar seven" }).click();
  await expect(page.getByLabel("Gauge of string 1")).toHaveValue(".010");
  await page.getByRole("link", { name: "Neck" }).click();
  await expect(page.getByRole("heading", { name: /in 7-string B standard/ })).toBeVisible();
  await expect(page.getByRole("group", { name: /^Neck/ })).toContainText("capo 2");
});

test("a wrong measure is told beside its field, the neck keeps the last that made sense, nothing is saved", async ({
  page,
}) => {
  await openGuitars(page);
  for (const [label, wrong, reason] of [
    ["Scale length", "50 mm", /300 to 1200 mm/],
    ["Frets", "0", /whole number from 12 to 36/],
    ["Strings", "11", /11 strings; a guitar has 4 to 10/],
    ["Usual tuning", "X Y Z", /is not a note/],
  ] as const) {
    const field = page.getByLabel(label, { exact: true });
    const before = await field.inputValue();
    await field.fill(wrong);
    await expect(page.getByText(reason).first()).toBeVisible();
    await expect(field).toHaveAttribute("aria-invalid", "true");
    await page.getByRole("button", { name: "Save", exact: true }).click();
    await expect(page.getByRole("img", { name: "Neck of Ash six" })).toBeVisible();
    await field.fill(before);
    await expect(field).not.toHaveAttribute("aria-invalid", "true");
  }
  await page.reload();
  await expect(page.getByLabel("Scale length")).toHaveValue("648 mm");
});

test("what is typed for one guitar waits while another is looked at", async ({ page }) => {
  await openGuitars(page);
  await page.getByLabel("Name", { exact: true }).fill("Ash half done");
  await page.getByRole("button", { name: "Open Long seven" }).click();
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Long seven");
  await page.getByRole("button", { name: "Open Ash six" }).click();
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Ash half done");
  await page.getByRole("button", { name: "Undo changes" }).click();
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Ash six");
});

test("copied, deleted and brought back", async ({ page }) => {
  await openGuitars(page);
  await page.getByRole("button", { name: "Duplicate Ash six" }).click();
  await expect(page.getByRole("button", { name: "Open Ash six copy" })).toBeVisible();
  await page.getByRole("button", { name: "Delete Ash six", exact: true }).click();
  await expect(page.getByRole("button", { name: "Open Ash six", exact: true })).toHaveCount(0);
  await expect(notice(page)).toContainText("Ash six and its pins are deleted.");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("button", { name: "Open Ash six", exact: true })).toBeVisible();
  await page.getByRole("link", { name: "Neck" }).click();
  await expect(page.getByRole("button", { name: "Show G5 in Standard" })).toBeVisible();
});
