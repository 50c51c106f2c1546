import { expect, notice, openNeck, takeTuning, test, toRig } from "./fixtures";

test("the tuning switch leads to the sheet, string by string, until it is tuned", async ({
  page,
}) => {
  await openNeck(page);
  await page.keyboard.press("t");
  await page.getByRole("textbox").fill("standard");
  await page.keyboard.press("Enter");
  const sheet = page.getByRole("dialog", { name: "Retune Ash six: Drop D to Standard" });
  await expect(sheet.getByRole("region", { name: "Now" })).toContainText("String 6");
  await expect(sheet.getByRole("region", { name: "Now" })).toContainText("82.41 Hz");
  await expect(sheet.getByRole("region", { name: "Now" })).toContainText(
    "String 6 at fret 5 sounds the same as open string 5.",
  );
  for (let step = 0; step < 7; step++) await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(notice(page)).toContainText("Ash six is in Standard.");
  await expect(page.getByRole("button", { name: "Retune", exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("button", { name: "Retune", exact: true })).toBeVisible();
});

test("from any tuning to any other, with cautions, the bridge and gauges", async ({ page }) => {
  await page.goto("/rig/retune");
  await page.getByRole("button", { name: /^From: Drop D/ }).click();
  await page.getByRole("textbox").fill("standard");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: /^To: Drop D/ }).click();
  await page.getByRole("textbox").fill("drop C");
  await page.keyboard.press("Enter");
  const order = page.getByRole("region", { name: "Turn, in this order" });
  await expect(order.getByRole("listitem")).toHaveCount(6);
  await expect(page.getByText(/String 6 keeps 63% of its usual tension/)).toBeVisible();
  await expect(page.getByText(/qualified technician check neck, nut and truss rod/)).toBeVisible();
  await expect(page.getByText(/Pull of all strings: −109 N/)).toBeVisible();
  await page.keyboard.press("PageDown");
  await expect(order.getByRole("listitem").nth(1).getByRole("button")).toHaveAttribute(
    "aria-current",
    "step",
  );
  await page.getByText("Gauges for the same feel").click();
  await expect(page.getByRole("row", { name: /^1 D4 \.010 plain \.011/ })).toBeVisible();
});

test("a floating bridge asks to go round again", async ({ page }) => {
  await openNeck(page);
  await takeTuning(page, "7-string drop A");
  await toRig(page, "Retune");
  await expect(page.getByText("A floating bridge shifts every other string")).toBeVisible();
  await expect(
    page.getByRole("heading", { name: "Then keep going around until no string has moved" }),
  ).toBeVisible();
});

test("above its usual pitch a string may snap", async ({ page }) => {
  await openNeck(page);
  await takeTuning(page, "E2 A2 D3 G3 B3 G4");
  await page.getByRole("button", { name: "Retune", exact: true }).click();
  await expect(page.getByText(/String 1 at 88% of what plain steel bears/)).toBeVisible();
});
