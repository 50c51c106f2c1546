import { type Page } from "@playwright/test";
import { chosenGrip, expect, grips, openNeck, test } from "./fixtures";

const voicings = (page: Page) =>
  page.getByRole("combobox", { name: "Own voicings and chords in any voicing" });

async function openVoicings(page: Page) {
  await voicings(page).selectOption("make or change…");
  return page.getByRole("dialog", { name: "Own voicings" });
}

test("a chord in any voicing: every doubling of its degrees on enough strings", async ({
  page,
}) => {
  await openNeck(page);
  await voicings(page).selectOption("minor");
  await expect(page.getByRole("heading", { name: "Cm in Drop D" })).toBeVisible();
  const min = page.getByRole("combobox", { name: "Minimum number of strings" });
  await expect(min).toHaveValue("4");
  await min.selectOption("6 or more");
  await expect(page.getByText(/^\d+ playable grips$/)).toBeVisible();
  for (const row of await grips(page).all()) await expect(row).not.toContainText("×");
  // x 3 5 5 4 3 is the movable minor (common practice).
  await min.selectOption("5 or more");
  await page.goto("/?tuning=40,45,50,55,59,64&root=C&voicing=0,3,7&least=5&grip=x-3-5-5-4-3");
  await expect(chosenGrip(page)).toContainText("× 3 5 5 4 3");
});

test("an own voicing is built by degree and register, heard, kept, found and used", async ({
  page,
}) => {
  await openNeck(page);
  const dialog = await openVoicings(page);
  await dialog.getByRole("button", { name: "New voicing" }).click();
  await dialog.getByRole("button", { name: "5 below the root", exact: true }).click();
  await dialog.getByRole("button", { name: "R an octave up" }).click();
  await expect(dialog.getByText("5 R 8")).toBeVisible();
  await expect(dialog.getByText(/C5\/G: G2 C3 C4/)).toBeVisible();
  await dialog.getByLabel("Name").fill("Low fifth");
  await dialog.getByRole("button", { name: "Save it" }).click();
  await expect(dialog.getByRole("button", { name: "Change Low fifth" })).toBeVisible();
  await dialog.getByRole("button", { name: "Change Low fifth" }).click();
  await dialog.getByRole("button", { name: "Show on the neck" }).click();
  await expect(voicings(page).locator("option:checked")).toHaveText("Low fifth");
  await expect(grips(page).first()).toContainText("G");
});

test("own voicings are put in order by the keys, let go, and brought back", async ({ page }) => {
  await openNeck(page);
  const dialog = await openVoicings(page);
  const names = dialog.getByRole("list", { name: "Own voicings" }).getByRole("listitem");
  await expect(names).toHaveText(["Wide power chord", "Big major"]);
  await dialog.getByRole("button", { name: "Move Wide power chord" }).focus();
  await page.keyboard.press("Space");
  await expect(page.getByText("Wide power chord is over Wide power chord.")).toBeAttached();
  // Keys are listened to a moment after the voicing is picked up.
  await expect(async () => {
    await page.keyboard.press("ArrowDown");
    await expect(page.getByText("Wide power chord is over Big major.")).toBeAttached({
      timeout: 2000,
    });
  }).toPass();
  await page.keyboard.press("Space");
  await expect(names).toHaveText(["Big major", "Wide power chord"]);
  await dialog.getByRole("button", { name: "Delete Big major" }).click();
  await expect(names).toHaveText(["Wide power chord"]);
  await page.keyboard.press("Escape");
  await page.getByRole("status").getByRole("button", { name: "Undo" }).click();
  const options = voicings(page).locator("optgroup[label='Own voicings'] option");
  await expect(options).toHaveText(["Big major", "Wide power chord", "make or change…"]);
});
