import { type Page } from "@playwright/test";
import { expect, openNeck, takeTuning, test } from "./fixtures";

const notice = (page: Page) => page.getByRole("status").filter({ hasText: /\S/ }).first();

/** Opens the guitars and waits until the form has come alive. */
async function openGuitars(page: Page): Promise<void> {
  await page.goto("/rig");
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Ash six");
}

/** Goes to a part of the rig as a player does. */
async function toRig(page: Page, part: string): Promise<void> {
  await page.getByRole("link", { name: "Rig" }).click();
  await page.getByRole("navigation", { name: "Rig" }).getByRole("link", { name: part }).click();
}

test.describe("guitars", () => {
  test("a new guitar in inches, fanned and left-handed, follows what is typed", async ({
    page,
  }) => {
    await openGuitars(page);
    await page.getByRole("button", { name: "New guitar" }).click();
    await page.getByLabel("Name", { exact: true }).fill("Cedar seven");
    await page.getByLabel("Strings", { exact: true }).fill("7");
    await expect(page.getByLabel("Usual tuning")).toHaveValue("7-string B standard");
    await page.getByLabel("Frets", { exact: true }).fill("27");
    await page.getByLabel("Fanned frets").check();
    await page.getByLabel("Scale, bass side").fill("27 in");
    await page.getByLabel("Scale, treble side").fill("25.5 in");
    await expect(page.getByText("685.8 mm")).toBeVisible();
    await page.getByLabel("Left-handed").check();
    await page.getByLabel("Bridge", { exact: true }).selectOption("locking");
    await page.getByLabel("Gauge of string 1").fill("10");
    await page.getByLabel("Capo at fret").fill("2");
    await expect(page.getByRole("img", { name: "Neck of Cedar seven" })).toContainText("capo 2");
    await page.getByRole("button", { name: "Add this guitar" }).click();
    await expect(notice(page)).toContainText("Cedar seven is saved.");
    await page.reload();
    await page.getByRole("button", { name: "Take Cedar seven" }).click();
    await page.getByRole("button", { name: "Open Cedar seven" }).click();
    await expect(page.getByLabel("Gauge of string 1")).toHaveValue(".010");
    await page.getByRole("link", { name: "Neck" }).click();
    await expect(page.getByRole("heading", { name: /in 7-string B standard/ })).toBeVisible();
    await expect(page.getByRole("group", { name: /^Neck/ })).toContainText("capo 2");
  });

  test("a wrong measure is told beside its field, the neck keeps the last that made sense, nothing is saved", async ({
    page,
  }) => {
    await openGuitars(page);
    for (const [label, wrong, reason] of [
      ["Scale length", "50 mm", /300 to 1200 mm/],
      ["Frets", "0", /whole number from 12 to 36/],
      ["Strings", "11", /11 strings; a guitar has 4 to 10/],
      ["Usual tuning", "X Y Z", /is not a note/],
    ] as const) {
      const field = page.getByLabel(label, { exact: true });
      const before = await field.inputValue();
      await field.fill(wrong);
      await expect(page.getByText(reason).first()).toBeVisible();
      await expect(field).toHaveAttribute("aria-invalid", "true");
      await page.getByRole("button", { name: "Save", exact: true }).click();
      await expect(page.getByRole("img", { name: "Neck of Ash six" })).toBeVisible();
      await field.fill(before);
      await expect(field).not.toHaveAttribute("aria-invalid", "true");
    }
    await page.reload();
    await expect(page.getByLabel("Scale length")).toHaveValue("648 mm");
  });

  test("what is typed for one guitar waits while another is looked at", async ({ page }) => {
    await openGuitars(page);
    await page.getByLabel("Name", { exact: true }).fill("Ash half done");
    await page.getByRole("button", { name: "Open Long seven" }).click();
    await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Long seven");
    await page.getByRole("button", { name: "Open Ash six" }).click();
    await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Ash half done");
    await page.getByRole("button", { name: "Undo changes" }).click();
    await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Ash six");
  });

  test("copied, deleted and brought back", async ({ page }) => {
    await openGuitars(page);
    await page.getByRole("button", { name: "Duplicate Ash six" }).click();
    await expect(page.getByRole("button", { name: "Open Ash six copy" })).toBeVisible();
    await page.getByRole("button", { name: "Delete Ash six", exact: true }).click();
    await expect(page.getByRole("button", { name: "Open Ash six", exact: true })).toHaveCount(0);
    await page.getByRole("button", { name: "Undo", exact: true }).click();
    await expect(page.getByRole("button", { name: "Open Ash six", exact: true })).toBeVisible();
    await page.getByRole("link", { name: "Neck" }).click();
    await expect(page.getByRole("button", { name: "Show G5 in Standard" })).toBeVisible();
  });
});

test.describe("tunings", () => {
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
    await expect(page.getByText("open, open strings sound D")).toBeVisible();
    await page.keyboard.press("ArrowDown");
    await page.getByLabel("A name of your own").fill("Paper Lantern");
    await page.getByRole("button", { name: "Keep it" }).click();
    await expect(page.getByRole("heading", { name: "Paper Lantern" })).toBeVisible();
    await page.getByRole("button", { name: "Rename Paper Lantern" }).click();
    await page.getByLabel("New name of Paper Lantern").fill("Lantern");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Delete Lantern" }).click();
    await expect(page.getByRole("button", { name: "Delete Lantern" })).toHaveCount(0);
    await page.getByRole("button", { name: "Undo", exact: true }).click();
    await page.reload();
    await expect(page.getByRole("button", { name: "Delete Lantern" })).toBeVisible();
  });

  test("said in changes, and thin to thick", async ({ page }) => {
    await page.goto("/rig/tunings");
    const say = page.getByLabel("A name, letters, or what changes: 6 down 2, 2 up 1");
    await say.fill("6 down 2, 3 down 1, 2 down 2, 1 down 2");
    await page.getByRole("button", { name: "Show it" }).click();
    await expect(page.getByRole("heading", { name: "Open D" })).toBeVisible();
    await page.getByLabel("Letters are thin to thick").check();
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
    (await favourites(page).getByRole("listitem").allInnerTexts()).map(
      (text) => text.split("\n")[0],
    );

  test("favourites by star and by keyboard", async ({ page }) => {
    await page.goto("/rig/tunings");
    await expect(favourites(page).getByRole("listitem")).toHaveCount(3);
    await page.getByRole("button", { name: "Open G among the favourites" }).click();
    await expect(favourites(page).getByRole("listitem")).toHaveCount(4);
    await page.getByRole("button", { name: "Move Open G", exact: true }).focus();
    await page.keyboard.press("Space");
    await page.keyboard.press("ArrowUp");
    await expect(page.getByText("Open G is over DADGAD.")).toBeAttached();
    await page.keyboard.press("Space");
    await expect.poll(() => names(page)).toEqual(["Drop D", "Drop C", "Open G", "DADGAD"]);
    await page.getByRole("button", { name: "Take Open G out of the favourites" }).click();
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
});

test.describe("retuning", () => {
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
    await expect(page.getByText(/String 6 keeps 63 % of its usual tension/)).toBeVisible();
    await expect(
      page.getByText(/qualified technician check neck, nut and truss rod/),
    ).toBeVisible();
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
      page.getByRole("heading", { name: "Then go round all strings until none has moved" }),
    ).toBeVisible();
  });

  test("above its usual pitch a string may snap", async ({ page }) => {
    await openNeck(page);
    await takeTuning(page, "E2 A2 D3 G3 B3 G4");
    await page.getByRole("button", { name: "Retune", exact: true }).click();
    await expect(page.getByText(/String 1 at 88 % of what plain steel bears/)).toBeVisible();
  });
});

test.describe("the tuner", () => {
  test("the example string is read through the same path, to 2 cents", async ({ page }) => {
    await page.goto("/rig/tuner");
    await page.getByLabel("Example off by, cents").fill("-20");
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
    await page.getByLabel("Example off by, cents").fill("0");
    await page.getByLabel("Example off by, cents").blur();
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
});

test.describe("the player", () => {
  test("a smaller hand, no little finger and another school change the answers", async ({
    page,
  }) => {
    await openNeck(page);
    await takeTuning(page, "standard");
    const count = page.getByText(/playable grips, easiest first/);
    const before = await count.innerText();
    await toRig(page, "You");
    await page.getByLabel("Span, mm").fill("100");
    await page.getByRole("button", { name: "Little", exact: true }).click();
    await expect(page.getByRole("button", { name: "Little", exact: true })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    await page.getByRole("link", { name: "Neck" }).click();
    await expect(page.getByRole("option").first()).toBeVisible();
    await expect(count).not.toHaveText(before);
    await expect(page.getByRole("listbox")).not.toContainText("1 3 4");
  });

  test("a span nobody has is refused beside its field; the guitar measures it", async ({
    page,
  }) => {
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
    await page.getByRole("button", { name: /As the shape/ }).click();
    await page.getByRole("button", { name: "Flats" }).click();
    await page.getByLabel("A4, Hz").fill("432");
    await expect(page.getByText("31.8 cents below concert pitch")).toBeVisible();
    await page.getByRole("link", { name: "Neck" }).click();
    await expect(page.getByRole("heading", { name: "D5 in Drop C" })).toBeVisible();
    await expect(page.getByText(/sounds C5/)).toBeVisible();
    await expect(page.getByText("Root, called as in Drop D")).toBeVisible();
    await page.keyboard.press("e");
    await expect(page.getByRole("heading", { name: "E5 in Drop C" })).toBeVisible();
    await page.keyboard.press("]");
    await page.keyboard.press("]");
    await expect(page.getByRole("heading", { name: "G♭5 in Drop C" })).toBeVisible();
    await toRig(page, "Tuner");
    await expect(page.getByText("64.22 Hz")).toBeVisible();
  });
});
