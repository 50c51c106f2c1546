import { type Page } from "@playwright/test";
import { expect, test } from "./fixtures";

test("made by hand on the neck, kept under a name, renamed, deleted and brought back", async ({
  page,
}) => {
  await page.goto("/rig/tunings");
  await page.getByRole("button", { name: "String 3 a half step down" }).click();
  await page.getByRole("button", { name: "String 2 a half step down" }).click();
  await page.getByRole("button", { name: "String 2 a half step down" }).click();
  const thin = page.getByRole("spinbutton", { name: "String 1" });
  await thin.focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await expect(page.getByRole("heading", { name: "Open D" })).toBeVisible();
  await expect(page.getByText("Open tuning, open strings spell D")).toBeVisible();
  await page.keyboard.press("ArrowDown");
  await page.getByLabel("A name of your own").fill("Paper Lantern");
  await page.getByRole("button", { name: "Save it" }).click();
  await expect(page.getByRole("heading", { name: "Paper Lantern" })).toBeVisible();
  await page.getByRole("button", { name: "Rename Paper Lantern" }).click();
  await page.getByLabel("New name for Paper Lantern").fill("Lantern");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Delete Lantern" }).click();
  await expect(page.getByRole("button", { name: "Delete Lantern" })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await page.reload();
  await expect(page.getByRole("button", { name: "Delete Lantern" })).toBeVisible();
});

test("said in changes, and thin to thick", async ({ page }) => {
  await page.goto("/rig/tunings");
  const say = page.getByLabel("A name, letters, or changes: 6 down 2, 2 up 1");
  await say.fill("6 down 2, 3 down 1, 2 down 2, 1 down 2");
  await page.getByRole("button", { name: "Show it" }).click();
  await expect(page.getByRole("heading", { name: "Open D" })).toBeVisible();
  await page.getByLabel("Letters run thin to thick").check();
  await say.fill("D A G D A D");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "DADGAD" })).toBeVisible();
  await say.fill("E4 B3 G3 D3 E2 A2");
  await expect(page.getByText("Crossed: a thicker string sounds higher")).toBeVisible();
  await say.fill("8 down 2");
  await expect(page.getByText("string 8: this guitar has strings 1 to 6")).toBeVisible();
});

const favourites = (page: Page) => page.getByRole("list", { name: "Favourites" });
const names = async (page: Page) =>
  (await favourites(page).getByRole("listitem").allInnerTexts()).map((text) => text.split("\n")[0]);

test("favourites by star and by keyboard", async ({ page }) => {
  await page.goto("/rig/tunings");
  await expect(favourites(page).getByRole("listitem")).toHaveCount(3);
  await page.getByRole("button", { name: "Open G as a favourite" }).click();
  await expect(favourites(page).getByRole("listitem")).toHaveCount(4);
  await page.getByRole("button", { name: "Move Open G", exact: true }).focus();
  await page.keyboard.press("Space");
  await expect(page.getByText(/^(Picked up Open G|Open G is over Open G)\.$/)).toBeAttached();
  await page.keyboard.press("ArrowUp");
  await expect(page.getByText("Open G is over DADGAD.")).toBeAttached();
  await page.keyboard.press("Space");
  await expect.poll(() => names(page)).toEqual(["Drop D", "Drop C", "Open G", "DADGAD"]);
  await page.getByRole("button", { name: "Remove Open G from favourites" }).click();
  await expect(favourites(page).getByRole("listitem")).toHaveCount(3);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(favourites(page).getByRole("listitem")).toHaveCount(4);
});

test("favourites by drag, there again after a reload", async ({ page }) => {
  await page.goto("/rig/tunings");
  const handle = page.getByRole("button", { name: "Drag E flat standard" });
  await handle.hover();
  await page.mouse.down();
  const target = await favourites(page).getByRole("listitem").first().boundingBox();
  if (!target) throw new Error("no favourites to be seen");
  await page.mouse.move(target.x + 60, target.y + 60, { steps: 8 });
  await page.mouse.move(target.x + 60, target.y + 16, { steps: 8 });
  await page.mouse.up();
  await expect(favourites(page).getByRole("listitem")).toHaveCount(4);
  const now = await names(page);
  expect(now).toContain("E♭ standard");
  await page.reload();
  await expect.poll(() => names(page)).toEqual(now);
});
