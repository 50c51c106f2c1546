import { openDatabase } from "@/server/database";
import { addGuitar } from "@/server/testing/makers";
import { expect, grips, openNeck, test } from "./fixtures";
import { DATA_FOLDER } from "./settings";

const TEN = [20, 25, 30, 35, 40, 45, 50, 55, 59, 64];

/** Opens what the map shows. */
const openMap = (page: Parameters<typeof openNeck>[0]) =>
  page.getByRole("button", { name: "What the map shows" }).click();

/** The marks on the neck. */
const marks = (page: Parameters<typeof openNeck>[0]) =>
  page.getByRole("group", { name: "Notes on the neck" });

test("any set of degrees is mapped, by tap and by key, and grips of it can be asked for", async ({
  page,
}) => {
  await openNeck(page);
  await openMap(page);
  const map = page.getByRole("group", { name: "Map", exact: true });
  await expect(map.getByRole("button", { pressed: true })).toHaveText(["R", "5"]);
  await map.getByRole("button", { name: "Map 3", exact: true }).click();
  // Drop D, thick to thin: the major third of C is E, on string 6 at fret 2.
  await expect(marks(page).getByRole("button", { name: "String 6, fret 2: E, 3" })).toBeVisible();
  await expect(map.getByRole("combobox")).toHaveValue("major triad");
  await page.keyboard.press("Shift+Digit5");
  await expect(marks(page).getByRole("button", { name: /: E, 3$/ })).toHaveCount(0);
  await page.keyboard.press("Shift+Minus");
  await expect(
    marks(page).getByRole("button", { name: "String 5, fret 1: B flat, b7" }),
  ).toBeVisible();
  await expect(map.getByRole("combobox")).toHaveValue("own");

  await page.getByRole("button", { name: "Grips of this map" }).click();
  await expect(page.getByRole("heading", { name: "C7(no3) in Drop D" })).toBeVisible();
  await expect(grips(page).first()).toBeVisible();
  await page.keyboard.press("2");
  await expect(page.getByRole("heading", { name: "C5 in Drop D" })).toBeVisible();
});

test("presets: roots on the two thickest strings, natural notes with their half steps", async ({
  page,
}) => {
  await openNeck(page);
  await openMap(page);
  const preset = page.getByRole("combobox", { name: "What the map shows" });
  await preset.selectOption("my roots, 2 strings");
  // Common practice: in drop D the roots of C lie at 10 and 22 on string 6, at 3 and 15 on string 5.
  const places = async () =>
    marks(page)
      .getByRole("button")
      .evaluateAll((all) => all.map((mark) => mark.getAttribute("aria-label")));
  await expect
    .poll(places)
    .toEqual([
      "String 6, fret 10: C, root",
      "String 6, fret 22: C, root",
      "String 5, fret 3: C, root",
      "String 5, fret 15: C, root",
    ]);
  await preset.selectOption("natural notes");
  // B-C and E-F are the half steps (common practice): frets 2-3 and 7-8 of the A string.
  await expect(marks(page).getByRole("button", { name: /^String 5, fret 2: B/ })).toBeVisible();
  await expect(marks(page).getByRole("button", { name: /^String 5, fret 8: F/ })).toBeVisible();
  await expect(marks(page).getByRole("button", { name: /^String 5, fret 1:/ })).toHaveCount(0);
  await page.getByRole("button", { name: "View", exact: true }).click();
  await page.getByRole("button", { name: "Map on string 5" }).click();
  await expect(marks(page).getByRole("button", { name: /^String 5,/ })).toHaveCount(0);
});

test("pointing at a note rings the same pitch elsewhere", async ({ page }) => {
  await openNeck(page);
  const rings = page.locator("[data-unison]");
  await expect(rings).toHaveCount(0);
  // C4: string 2 fret 1, and fret 5, 10, 15 and 22 on strings 3 to 6 of drop D.
  await marks(page).getByRole("button", { name: "String 2, fret 1: C, root" }).hover();
  await expect(rings).toHaveCount(5);
  await marks(page).getByRole("button", { name: "String 1, fret 20: C, root" }).focus();
  await expect(rings).toHaveCount(1);
});

test("the range of frets is set by handles, with the keys and by dragging", async ({ page }) => {
  await openNeck(page);
  const [low, high] = [
    page.getByRole("slider", { name: "Lowest fret" }),
    page.getByRole("slider", { name: "Highest fret" }),
  ];
  await low.focus();
  for (let press = 0; press < 4; press++) await page.keyboard.press("ArrowRight");
  await expect(low).toHaveAttribute("aria-valuenow", "5");
  const box = await high.boundingBox();
  const target = await page
    .getByRole("button", { name: "String 6, fret 10: C, root" })
    .boundingBox();
  if (!box || !target) throw new Error("nothing to drag");
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(target.x + target.width, box.y, { steps: 5 });
  await page.mouse.up();
  await expect(high).toHaveAttribute("aria-valuenow", "10");
  await expect(page.getByRole("button", { name: "Drop: frets 5 to 10" })).toBeVisible();
  await expect(grips(page).filter({ hasText: "22 22 22" })).toHaveCount(0);
  await page.getByRole("button", { name: "Drop: frets 5 to 10" }).click();
  await expect(low).toHaveAttribute("aria-valuenow", "1");
});

test("even frets and the player's own view", async ({ page }) => {
  await openNeck(page);
  await page.getByRole("button", { name: "View", exact: true }).click();
  const mark = (name: string) => marks(page).getByRole("button", { name });
  const at = async (name: string) => (await mark(name).boundingBox()) ?? { x: NaN, y: NaN };
  const above = (await at("String 1, fret 3: G, 5")).y < (await at("String 5, fret 3: C, root")).y;
  expect(above).toBe(true);
  await page.getByRole("button", { name: "On top, as you look" }).click();
  await expect(page.getByRole("group", { name: "Neck, thick string on top" })).toBeVisible();
  expect((await at("String 1, fret 3: G, 5")).y).toBeGreaterThan(
    (await at("String 5, fret 3: C, root")).y,
  );
  await page.getByRole("button", { name: "Even" }).click();
  const [three, five, fifteen, seventeen] = await Promise.all(
    [
      "String 5, fret 3: C, root",
      "String 6, fret 5: G, 5",
      "String 5, fret 15: C, root",
      "String 6, fret 17: G, 5",
    ].map(at),
  );
  expect((five?.x ?? 0) - (three?.x ?? 0)).toBeCloseTo(
    (seventeen?.x ?? 0) - (fifteen?.x ?? 0),
    -0.5,
  );
});

test("ten strings and 36 frets do not overlap, however wide the window", async ({ page }) => {
  const connection = openDatabase(DATA_FOLDER);
  addGuitar(connection, 10, { name: "Ten", usualMidi: TEN, tunedMidi: TEN, frets: 36 });
  connection.close();
  await page.goto(`/?tuning=${TEN.join()}&root=C&voicing=0,7,12&map=0,1,2,3,4,5,6,7,8,9,10,11`);
  await expect(grips(page).first()).toBeVisible();
  await expect(marks(page).getByRole("button")).toHaveCount(370);
  const overlaps = async () => {
    const boxes = await marks(page)
      .getByRole("button")
      .evaluateAll((all) =>
        all.map((mark) => (mark.children[1] ?? mark).getBoundingClientRect().toJSON() as DOMRect),
      );
    const isPastNext = (here: DOMRect, next: DOMRect | undefined) =>
      next !== undefined && here.right > next.left + 0.5;
    // Of each string's 37 marks, the open one stands apart from the frets.
    return boxes.filter(
      (here, at) => at % 37 > 0 && at % 37 < 36 && isPastNext(here, boxes[at + 1]),
    );
  };
  for (const width of [390, 768, 1280]) {
    await page.setViewportSize({ width, height: 900 });
    await expect.poll(overlaps).toEqual([]);
  }
});
