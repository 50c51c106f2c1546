import { expect, test } from "./fixtures";

test("the example string is read through the same path, to 2 cents", async ({ page }) => {
  await page.goto("/rig/tuner");
  await page.getByLabel("Example detuned by, cents").fill("-20");
  await page.getByRole("button", { name: /String 5/ }).click();
  await page.getByRole("button", { name: "Pluck an example" }).click();
  await expect(page.getByText("Flat: wind it up.")).toBeVisible();
  await expect
    .poll(async () => {
      const text = await page.getByTestId("cents").innerText();
      return Math.abs(Number(text.replace("−", "-").replace(/[^-\d.]/g, "")) + 20);
    })
    .toBeLessThanOrEqual(2);
});

test("in tune it says so, keys pick strings, and the reading is held", async ({ page }) => {
  await page.goto("/rig/tuner");
  await page.getByLabel("Example detuned by, cents").fill("0");
  await page.getByLabel("Example detuned by, cents").blur();
  await page.keyboard.press("6");
  await page.getByRole("button", { name: "Pluck an example" }).click();
  await expect(page.getByText("In tune.")).toBeVisible();
  await expect(page.getByText("String 6 D2", { exact: true })).toBeVisible();
  await expect(page.getByText(/Held: the string has faded/)).toBeVisible({ timeout: 15_000 });
  await expect(page.getByText("In tune.")).toBeVisible();
});

test("without a microphone it says what to do", async ({ page }) => {
  await page.goto("/rig/tuner");
  await page.getByRole("button", { name: "Listen" }).click();
  await expect(page.getByRole("alert").filter({ hasText: /microphone/ })).toBeVisible();
});
