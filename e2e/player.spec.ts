import { expect, grips, openNeck, takeTuning, test, toRig } from "./fixtures";

test("a smaller hand, no little finger and another school change the answers", async ({ page }) => {
  await openNeck(page);
  await takeTuning(page, "standard");
  const count = page.getByText(/playable grips/);
  const before = await count.innerText();
  await toRig(page, "You");
  await page.getByLabel("Span, mm").fill("100");
  await page.getByRole("button", { name: "Little", exact: true }).click();
  await expect(page.getByRole("button", { name: "Little", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await page.getByRole("link", { name: "Neck" }).click();
  await expect(grips(page).first()).toBeVisible();
  await expect(count).not.toHaveText(before);
  await expect(page.getByRole("listbox")).not.toContainText("1 3 4");
});

test("a span nobody has is refused beside its field; the guitar measures it", async ({ page }) => {
  await page.goto("/rig/player");
  await page.getByLabel("Span, mm").fill("20");
  await expect(page.getByText("'20': write 80 to 300 mm")).toBeVisible();
  await page.reload();
  await expect(page.getByLabel("Span, mm")).toHaveValue("150");
  await page.getByLabel("Wire of fret").selectOption("5");
  await page.getByRole("button", { name: "Use 163 mm" }).click();
  await expect(page.getByLabel("Span, mm")).toHaveValue("163");
});

test("chords called by their shape, flats, and another reference pitch", async ({ page }) => {
  await openNeck(page);
  await takeTuning(page, "drop C");
  await toRig(page, "You");
  await page.getByRole("button", { name: /By shape/ }).click();
  await page.getByRole("button", { name: "Flats" }).click();
  await page.getByLabel("A4, Hz").fill("432");
  await expect(page.getByText("31.8 cents below concert pitch")).toBeVisible();
  await page.getByRole("link", { name: "Neck" }).click();
  await expect(page.getByRole("heading", { name: "D5 in Drop C" })).toBeVisible();
  await expect(page.getByText(/sounds C5/)).toBeVisible();
  await expect(page.getByText("Root, named as in Drop D")).toBeVisible();
  await page.keyboard.press("e");
  await expect(page.getByRole("heading", { name: "E5 in Drop C" })).toBeVisible();
  await page.keyboard.press("]");
  await page.keyboard.press("]");
  await expect(page.getByRole("heading", { name: "G♭5 in Drop C" })).toBeVisible();
  await toRig(page, "Tuner");
  await expect(page.getByText("64.22 Hz")).toBeVisible();
});

test("level, fingertips, the band and the pins shift what comes first, and are there again", async ({
  page,
}) => {
  await page.goto("/rig/player");
  await page.getByLabel("Fingertip, mm").fill("18");
  await page.keyboard.press("Tab");
  await page.getByRole("button", { name: "I play for a living" }).click();
  await page.getByRole("button", { name: "A bass covers the low notes" }).click();
  await page.reload();
  await expect(page.getByLabel("Fingertip, mm")).toHaveValue("18");
  await expect(page.getByRole("button", { name: "I play for a living" })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await openNeck(page);
  // C3 is the lowest C of a drop D guitar; with a bass there, it is left alone.
  await expect(grips(page).first()).not.toContainText("C3");
});
