import { expect, expectNothingWider, forgetChoice, grips, test, toRig } from "./fixtures";

test.beforeEach(forgetChoice);

test("an empty folder asks for guitar and tuning, and shows the first grip", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "What do you play?" })).toBeVisible();
  // Another theme is no answer to the question.
  await page.getByRole("button", { name: /^Theme/ }).click();
  await page.getByRole("button", { name: "7 strings" }).click();
  await page.getByRole("button", { name: "Left-handed" }).click();
  await page.getByRole("button", { name: "7-string drop A", exact: true }).click();
  await page.getByRole("button", { name: /^First months/ }).click();
  await page.getByRole("button", { name: "Show my neck" }).click();
  await expect(page.getByRole("heading", { name: "E5 in 7-string drop A" })).toBeVisible();
  await expect(grips(page).first()).toContainText("× 0 2 2 × × ×");
  // The nut is on the right, and what the guitar hangs in was noted: nothing is left to retune.
  const open = await page.getByRole("button", { name: "String 6, open: E, root" }).boundingBox();
  expect(open?.x).toBeGreaterThan(1000);
  await expect(page.getByRole("button", { name: "Retune" })).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole("heading", { name: "E5 in 7-string drop A" })).toBeVisible();
  await toRig(page, "You");
  await expect(page.getByRole("button", { name: "First months" })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
});

test("on a phone the button that ends it is on the first screen", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/");
  await expect(page.getByRole("button", { name: "Show my neck" })).toBeInViewport({ ratio: 1 });
  await expectNothingWider(page, [390, 768]);
});

test("a guitar that is not there yet is made, and any tuning can be said", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("button", { name: "5 strings" }).click();
  await page.getByRole("textbox").fill("A0 D1 G1 C2 F2");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Show my neck" }).click();
  await expect(page.getByRole("heading", { name: /^E5 in 5-string A/ })).toBeVisible();
  await expect(page.getByRole("combobox", { name: "Guitar" })).toContainText("5 strings");
});
