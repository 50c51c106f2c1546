import {
  chosenGrip,
  expect,
  expectNothingWider,
  grips,
  guitarMenu,
  openNeck,
  takeTuning,
  test,
} from "./fixtures";

test("the demo guitar shows its easiest grip at once", async ({ page }) => {
  await openNeck(page);
  await expect(page.getByRole("heading", { name: /C5 in Drop D/ })).toBeVisible();
  await expect(guitarMenu(page)).toContainText("Ash six");
  await expect(grips(page).first()).toHaveAttribute("aria-selected", "true");
  await expect(grips(page).first()).toContainText("10 10 10 × × ×");
  await expect(grips(page).first()).toContainText("1 1 1");
  await expect(grips(page).first()).toContainText("0 mm");
  await expect(grips(page).first()).toContainText("C3 G3 C4");
});

test("a root and a voicing map every place on the neck", async ({ page }) => {
  await openNeck(page);
  await page.getByRole("button", { name: "E", exact: true }).click();
  await page.getByRole("button", { name: "5 R 3" }).click();
  await expect(page.getByRole("heading", { name: /E\/B in Drop D/ })).toBeVisible();
  await page.keyboard.press("Escape");
  const marks = page.getByRole("group", { name: "Notes on the neck" });
  await expect(marks.getByRole("button", { name: "String 1, open: E, root" })).toBeVisible();
  await expect(marks.getByRole("button", { name: "String 2, open: B, 5" })).toBeVisible();
  await expect(marks.getByRole("button", { name: "String 3, fret 1: G sharp, 3" })).toBeVisible();
  // Drop D, 22 frets: E on 2 14 / 7 19 / 2 14 / 9 21 / 5 17 / 0 12, and as many fifths and thirds.
  await expect(marks.getByRole("button", { name: /: E, root/ })).toHaveCount(12);
});

test("choosing a grip shows it on the neck and close up, with other ways to finger it", async ({
  page,
}) => {
  await openNeck(page);
  const second = grips(page).nth(2);
  await second.click();
  await expect(second).toHaveAttribute("aria-selected", "true");
  await expect(page.getByRole("img", { name: "C5 close up" })).toBeVisible();
  const fingers = page.getByRole("group", { name: "Fingers, easiest first" });
  await expect(fingers.getByRole("button").first()).toHaveAttribute("aria-pressed", "true");
  await fingers.getByRole("button").nth(1).click();
  await expect(fingers.getByRole("button").nth(1)).toHaveAttribute("aria-pressed", "true");
  await expect(second).toHaveAttribute("aria-selected", "true");
  const texts = await fingers.getByRole("button").allInnerTexts();
  expect(new Set(texts).size).toBe(texts.length);
});

test("a mark on the neck leads to the easiest grip through it", async ({ page }) => {
  await openNeck(page);
  await page.getByRole("button", { name: "String 5, fret 3: C, root" }).click();
  await expect(chosenGrip(page)).toContainText("× 3 5 5 × ×");
});

test("a chosen shape stays when the root changes, until the usual one is asked for", async ({
  page,
}) => {
  await openNeck(page);
  await takeTuning(page, "standard");
  await page.keyboard.press("g");
  await expect(page.getByRole("heading", { name: "G5 in Standard" })).toBeVisible();
  await grips(page).filter({ hasText: "× 10 12 12 × ×" }).first().click();
  await page.keyboard.press("a");
  await expect(chosenGrip(page)).toContainText("× 12 14 14 × ×");
  const sameShape = grips(page).getByRole("img", { name: "same shape" });
  await expect(sameShape.first()).toBeVisible();
  await expect(chosenGrip(page).getByRole("img", { name: "same shape" })).toBeHidden();
  await page.keyboard.press("r");
  await expect(chosenGrip(page)).toContainText("× 0 2 2 × ×");
  await page.keyboard.press("r");
  await expect(chosenGrip(page)).toContainText("× 12 14 14 × ×");
  await page.getByRole("button", { name: "Back to the first grip of the list" }).click();
  await expect(chosenGrip(page)).toContainText("× 0 2 2 × ×");
});

test("on a guitar tuned down as a whole, one press names chords by shape or by sound", async ({
  page,
}) => {
  await openNeck(page);
  await takeTuning(page, "Eb standard");
  await page.keyboard.press("e");
  const byShape = page.getByRole("button", { name: /^Name chords by shape/ });
  await byShape.click();
  await expect(byShape).toHaveAttribute("aria-pressed", "true");
  await expect(byShape).toContainText("sounds");
  await byShape.click();
  await expect(byShape).toHaveAttribute("aria-pressed", "false");
});

test("everything by keyboard: root, voicing, grips, labels, pins", async ({ page }) => {
  await openNeck(page);
  await page.keyboard.press("g");
  await expect(page.getByRole("heading", { name: /G5 in/ })).toBeVisible();
  await page.keyboard.press("]");
  await expect(page.getByRole("heading", { name: /A♭5 in/ })).toBeVisible();
  await page.keyboard.press("[");
  await page.keyboard.press("[");
  await expect(page.getByRole("heading", { name: /F♯5 in/ })).toBeVisible();
  await page.keyboard.press("3");
  await expect(page.getByRole("heading", { name: /F♯5\/C♯ in/ })).toBeVisible();

  const options = grips(page);
  await expect(options.first()).toHaveAttribute("aria-selected", "true");
  for (const [key, row] of [
    ["ArrowDown", 1],
    ["PageDown", 2],
    ["ArrowRight", 3],
    ["ArrowLeft", 2],
    ["PageUp", 1],
  ] as const) {
    await page.keyboard.press(key);
    await expect(options.nth(row)).toHaveAttribute("aria-selected", "true");
  }

  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
  await expect(page.getByRole("button", { name: /Show F sharp5\/C sharp/ })).toBeVisible();
  await page.getByRole("button", { name: "View", exact: true }).click();
  await page.keyboard.press("m");
  await expect(page.getByRole("button", { name: "Note", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  for (const label of ["Finger", "Fret", "Octave", "Degree"]) {
    await page.keyboard.press("m");
    await expect(page.getByRole("button", { name: label, exact: true })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
  }
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
  await page.keyboard.press("d");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("heading", { name: /F♯5\/C♯ in/ })).toBeVisible();
});

test("on the neck, the arrows move from mark to mark and Enter takes a grip", async ({ page }) => {
  await openNeck(page);
  await page.keyboard.press("Escape");
  const marks = page.getByRole("group", { name: "Notes on the neck" });
  await marks.getByRole("button", { name: "String 6, fret 5: G, 5" }).focus();
  await page.keyboard.press("ArrowUp");
  await expect(marks.getByRole("button", { name: "String 5, fret 3: C, root" })).toBeFocused();
  await page.keyboard.press("ArrowRight");
  await expect(marks.getByRole("button", { name: "String 5, fret 10: G, 5" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(chosenGrip(page)).toContainText("10 10 10 × × ×");
});

test("a pin can be let go and put back", async ({ page }) => {
  await openNeck(page);
  const pinned = page.getByRole("region", { name: "Pinned" });
  await expect(pinned.getByRole("listitem")).toHaveCount(2);
  await pinned.getByRole("button", { name: "Unpin G5" }).click();
  await expect(pinned.getByRole("listitem")).toHaveCount(1);
  await page.getByRole("status").getByRole("button", { name: "Undo" }).click();
  await expect(pinned.getByRole("listitem")).toHaveCount(2);
});

test("a pin brings back its tuning and chord", async ({ page }) => {
  await openNeck(page);
  await page.getByRole("button", { name: "Show G5 in Standard" }).click();
  await expect(page.getByRole("heading", { name: /G5 in Standard/ })).toBeVisible();
  await expect(chosenGrip(page)).toContainText("3 5 5 × × ×");
  await expect(page.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
});

test("fanned frets and eight strings", async ({ page }) => {
  await openNeck(page);
  await guitarMenu(page).selectOption("Baritone eight");
  await expect(page.getByRole("heading", { name: /in 8-string F♯ standard/ })).toBeVisible();
  await takeTuning(page, "drop E");
  await expect(page.getByRole("heading", { name: /in 8-string drop E/ })).toBeVisible();
  await expect(grips(page).first()).toContainText("1 1 1");
});

const SCREENS = [
  "/",
  "/compare",
  "/rig",
  "/rig/tunings",
  "/rig/retune",
  "/rig/tuner",
  "/rig/player",
];

for (const path of SCREENS) {
  test(`nothing runs off the page of ${path}, however wide the window`, async ({ page }) => {
    await page.goto(path, { waitUntil: "networkidle" });
    await expectNothingWider(page, [390, 768, 1280]);
  });
}

test("the grip says what silences each string, how far it reaches and how it sounds", async ({
  page,
}) => {
  await openNeck(page);
  await page.getByRole("button", { name: "String 5, fret 3: C, root" }).click();
  await expect(page.getByRole("heading", { name: "Strum all strings" })).toBeVisible();
  await expect(page.getByText("index tip; or thumb")).toBeVisible();
  await expect(page.getByRole("heading", { name: "60 mm, comfortable" })).toBeVisible();
  await expect(page.getByText("index to ring 60 mm; easy to 66, limit 102")).toBeVisible();
  await expect(page.getByRole("heading", { name: /^Weight \d+, clarity \d+$/ })).toBeVisible();
  await expect(page.getByText("C2 implied, 65 Hz")).toBeVisible();
});

test("the list can be put in another order and narrowed, and says what to loosen", async ({
  page,
}) => {
  await openNeck(page);
  const order = page.getByRole("combobox", { name: "Order of the grips" });
  await order.selectOption("lowest first");
  await expect(grips(page).first()).toContainText("C3 G3 C4");
  await expect(order.getByRole("option")).toHaveCount(10);

  await page.getByRole("button", { name: "Filter" }).click();
  const filters = page.getByRole("group", { name: "Filters" });
  await filters.getByLabel("Open strings").selectOption("with");
  await expect(page.getByText(/^\d+ of 21 playable grips$/)).toBeVisible();
  await filters.getByLabel("Frets").selectOption("16 to 20");
  await filters.getByLabel("Fingers").selectOption("one");
  await expect(page.getByText("0 of 21 playable grips")).toBeVisible();
  await expect(page.getByRole("button", { name: "Without any filter: 21" })).toBeVisible();
  await filters.getByLabel("Open strings").selectOption("any");
  const loosen = page.getByRole("button", { name: /^Without “.+”: \d+$/ }).first();
  const promised = Number(/(\d+)$/.exec((await loosen.textContent()) ?? "")?.[1]);
  await loosen.click();
  await expect(page.getByText(`${promised} of 21 playable grips`)).toBeVisible();

  await filters.getByRole("button", { name: "Clear" }).click();
  await expect(page.getByText("21 playable grips")).toBeVisible();
  await page.keyboard.press("s");
  await expect(page.getByRole("button", { name: "Drop: strum-safe" })).toBeVisible();
});

test("the grips one step away have a key each", async ({ page }) => {
  await openNeck(page);
  await page.getByRole("button", { name: "String 5, fret 3: C, root" }).click();
  const steps = page.getByRole("region", { name: "One step away" });
  await expect(steps.getByRole("button", { name: /Thinner strings/ })).toBeVisible();
  await page.keyboard.press("k");
  await expect(chosenGrip(page)).toContainText("× 15 17 17 × ×");
  await expect(steps.getByRole("button", { name: /Down the neck/ })).toBeVisible();
  await page.keyboard.press("j");
  await expect(chosenGrip(page)).toContainText("× 3 5 5 × ×");
  await expect(steps.getByRole("button", { name: /One note less/ })).toBeVisible();
  await page.keyboard.press(",");
  await expect(page.getByRole("button", { name: "R 5", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await expect(chosenGrip(page)).toContainText("× 3 5 × × ×");
});
