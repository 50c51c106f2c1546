import { expect, test } from "./fixtures";

test("the same chord in two tunings, side by side", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: "Compare" }).click();
  const here = page.getByRole("region", { name: "Drop D" });
  const there = page.getByRole("region", { name: "Standard" });
  await expect(here.getByText("you are here")).toBeVisible();
  await expect(there.getByText("string 6 up 2")).toBeVisible();
  await expect(here.getByRole("listitem").first()).toContainText("10 10 10 × × ×");
  await expect(there.getByRole("listitem").first()).toContainText(/fingers 1 3 4/);
  await expect(page.getByText(/C5 in Standard: harder, effort .* against 7\.1/)).toBeVisible();
});

test("another chord, another tuning, and the sides swapped", async ({ page }) => {
  await page.goto("/compare");
  await page.keyboard.press("d");
  await page.getByRole("button", { name: "Change Standard" }).click();
  await page.getByRole("dialog").getByRole("textbox").fill("open D");
  await page.keyboard.press("Enter");
  const open = page.getByRole("region", { name: "Open D" });
  await expect(open.getByText("string 3 down 1, string 2 down 2, string 1 down 2")).toBeVisible();
  await expect(open.getByText("D2", { exact: true }).first()).toBeVisible();
  await expect(open.getByRole("listitem").first()).toContainText("0 0 0 × × ×");
  await page.getByRole("button", { name: "Swap sides" }).click();
  await expect(open.getByText("you are here")).toBeVisible();
  await expect(page.getByRole("button", { name: /Tuning: Open D/ })).toBeVisible();
});

test("a tuning for another guitar says which guitar to take", async ({ page }) => {
  await page.goto("/compare");
  await page.getByRole("button", { name: "Change Standard" }).click();
  await page.getByRole("dialog").getByRole("textbox").fill("7-string drop A");
  await page.keyboard.press("Enter");
  const seven = page.getByRole("region", { name: "7-string drop A" });
  await expect(seven.getByText("take Long seven")).toBeVisible();
});
