import { expect, openNeck, takeTuning, test } from "./fixtures";

test("tapped notes are named, fingered, and led on by one note", async ({ page }) => {
  await page.goto("/name");
  const places = page.getByRole("group", { name: "Places on the neck" });
  await places.getByRole("button", { name: "String 5, fret 5: D" }).click();
  await places.getByRole("button", { name: "String 4, fret 7: A" }).click();
  await expect(page.getByRole("heading", { name: "D5", exact: true })).toBeVisible();
  await places.getByRole("button", { name: "String 3, fret 7: D" }).click();
  await expect(page.getByText("R 5 8")).toBeVisible();
  await expect(page.getByRole("heading", { name: "Strum all strings" })).toBeVisible();
  await expect(page).toHaveURL(/\?frets=x-5-7-7-x-x$/);

  await page.getByRole("button", { name: "Dm: string 2 at 6" }).click();
  await expect(page.getByRole("heading", { name: "Dm", exact: true })).toBeVisible();
  await expect(page.getByLabel("Frets, thick string first")).toHaveValue("x 5 7 7 6 x");
  await places.getByRole("button", { name: "String 2, fret 6: F" }).click();
  await expect(page.getByRole("heading", { name: "D5", exact: true })).toBeVisible();
});

test("written frets are read from the address and the field; what is wrong is said", async ({
  page,
}) => {
  await page.goto("/name?frets=5-3-x-x-x-x");
  await expect(page.getByText("in the bass")).toBeVisible();
  const field = page.getByLabel("Frets, thick string first");
  await field.fill("1 8 x x x x");
  await expect(page.getByText(/Out of reach: index to little would be \d+ mm/)).toBeVisible();
  await field.fill("1 2 h");
  await expect(page.getByText(/'h' is no fret; write frets/)).toBeVisible();
  await field.fill("1 2");
  await expect(page.getByText("2 strings; this neck has 6")).toBeVisible();
  await page.getByRole("button", { name: "Clear" }).click();
  await expect(field).toHaveValue("");
  await expect(page).toHaveURL(/\/name$/);
});

test("everything by keyboard", async ({ page }) => {
  await page.goto("/name");
  const places = page.getByRole("group", { name: "Places on the neck" });
  await places.getByRole("button", { name: "String 6, open: D" }).focus();
  await page.keyboard.press("Enter");
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "D5", exact: true })).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press(" ");
  await expect(page.getByLabel("Frets, thick string first")).toHaveValue("0 1 x x x x");
  await page.keyboard.press("Escape");
  await expect(page.getByLabel("Frets, thick string first")).toHaveValue("");
});

test("an empty neck offers shapes to begin with; the arrows move all of a shape, and its name follows", async ({
  page,
}) => {
  await openNeck(page);
  await takeTuning(page, "standard");
  await page.getByRole("link", { name: "Name" }).click();
  await page
    .getByRole("region", { name: "Examples" })
    .getByRole("button", { name: /3, 5, 5/ })
    .click();
  const frets = page.getByRole("textbox", { name: "Frets, thick string first" });
  await expect(frets).toHaveValue("3 5 5 x x x");
  await expect(page.getByRole("heading", { name: "G5", exact: true })).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await expect(frets).toHaveValue("4 6 6 x x x");
  await page.keyboard.press("ArrowUp");
  await expect(frets).toHaveValue("x 4 6 6 x x");
  await expect(page.getByRole("heading", { name: /^C♯5$/ })).toBeVisible();
  await page.getByRole("button", { name: "A string thicker" }).click();
  await expect(frets).toHaveValue("4 6 6 x x x");
  await expect(page.getByRole("button", { name: "A string thicker" })).toBeDisabled();
  // What stood for a while is offered again.
  await page.waitForFunction(() => localStorage.getItem("tenon.shapes")?.includes("[4,6,6"));
  await page.keyboard.press("Escape");
  await expect(
    page.getByRole("region", { name: "Recently named" }).getByRole("button", { name: /4, 6, 6/ }),
  ).toBeVisible();
});

test("across strings 3 and 2 a shape keeps its chord or its frets", async ({ page }) => {
  await openNeck(page);
  await takeTuning(page, "standard");
  await page.getByRole("link", { name: "Name" }).click();
  const frets = page.getByRole("textbox", { name: "Frets, thick string first" });
  await frets.fill("x x x 5 6 5");
  const thicker = page.getByRole("button", { name: "A string thicker" });
  await thicker.click();
  await expect(frets).toHaveValue("x x 5 5 5 x");
  await frets.fill("x x x 5 6 5");
  await page.getByRole("button", { name: "Across strings, keep the frets" }).click();
  await thicker.click();
  await expect(frets).toHaveValue("x x 5 6 5 x");
  await page.getByRole("button", { name: "Across strings, keep the chord" }).click();
});
