import { readFileSync } from "node:fs";
import { type Page } from "@playwright/test";
import Papa from "papaparse";
import { expect, expectNothingWider, notice, test } from "./fixtures";

const column = (page: Page, name: string) =>
  page
    .getByRole("region", { name: "Comparison" })
    .getByRole("columnheader")
    .filter({ has: page.getByRole("button", { name: `Change ${name}` }) });
const cell = (page: Page, name: string) =>
  page.getByRole("region", { name: "Comparison" }).getByRole("button", { name });
const hold = (page: Page, name: string) =>
  page.getByRole("group", { name: "Hold the same" }).getByRole("button", { name });
const figure = (page: Page, name: string) =>
  page.getByRole("region", { name: "Figures" }).getByRole("row", { name });
const chordsField = (page: Page) => page.getByRole("textbox", { name: /Chords/ });

async function openCompare(page: Page, query = ""): Promise<void> {
  await page.goto(`/compare${query}`);
  await expect(page.getByText(/serves best\. Compared with/)).toBeVisible();
}

test("chords in four tunings on two guitars: grips, verdict and figures", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: "Compare" }).click();
  await expect(column(page, "Standard")).toContainText("string 6 up 2; ½ min");
  await expect(column(page, "Drop D")).toContainText("Serves best.");
  await expect(column(page, "7-string B standard")).toContainText("Long seven: tuned to it now");
  await expect(cell(page, "F5 in Drop D")).toContainText("3 3 3 × × ×");
  await expect(
    page.getByText(
      /^Drop D serves best\. Compared with Standard: \d+% less effort, .* 4 of 4 with one finger instead of 0, .*; nothing to retune\.$/,
    ),
  ).toBeVisible();
  await expect(figure(page, "Held with one finger or none")).toContainText(
    "0 of 44 of 44 of 40 of 4",
  );
  await expect(figure(page, "Playable")).toContainText(/\d{8,}/);
  await expect(figure(page, "Hand travels")).toContainText("mm");
  await expect(figure(page, "Strings to turn")).toContainText("1030");
});

test("chords are typed, whole ones too; what is none is told and changes nothing", async ({
  page,
}) => {
  await openCompare(page);
  await chordsField(page).fill("Am7 D/F# Gsus4 G5");
  await expect(cell(page, "D/F sharp in Standard")).toBeVisible();
  await expect(page.getByRole("rowheader", { name: "Am7" })).toBeVisible();
  await chordsField(page).fill("Am7 Q");
  await expect(page.getByText("chord 2: 'Q' is no chord")).toBeVisible();
  await expect(page.getByRole("rowheader", { name: "Am7" })).toBeVisible();
  await chordsField(page).fill("Am7 Am7 D");
  await chordsField(page).press("Enter");
  await expect(page.getByRole("rowheader", { name: /Am7/ })).toContainText("× 2");
  await page.getByRole("combobox", { name: "Other chords" }).selectOption("as power chords");
  await expect(page.getByRole("rowheader", { name: /A5/ })).toBeVisible();
  await expect(page).toHaveURL(/chords=Am7%20Am7%20D&reduce=yes/);
});

test("tunings are changed, added, taken away and brought back", async ({ page }) => {
  await openCompare(page);
  await page.getByRole("button", { name: "Change Standard" }).click();
  await page.getByRole("dialog").getByRole("textbox").fill("open G");
  await page.keyboard.press("Enter");
  await expect(column(page, "Open G")).toContainText("strings 5 and 1 down 2; 1 min");
  await page.getByRole("button", { name: "Add a tuning" }).click();
  await page.getByRole("dialog").getByRole("textbox").fill("drop D");
  await page.keyboard.press("Enter");
  await expect(notice(page)).toContainText("That tuning is already here.");
  await page.getByRole("button", { name: "Add a tuning" }).click();
  await page.getByRole("dialog").getByRole("textbox").fill("8-string drop E");
  await page.keyboard.press("Enter");
  await expect(column(page, "8-string drop E")).toContainText("Baritone eight");
  await page.getByRole("button", { name: "Remove Open G" }).click();
  await expect(column(page, "Open G")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo the last change" }).click();
  await expect(column(page, "Open G")).toBeVisible();
});

test("a tuning moves to another guitar with as many strings", async ({ page }) => {
  await page.goto("/rig");
  await page.getByRole("button", { name: "Duplicate Ash six" }).click();
  await expect(page.getByRole("button", { name: "Open Ash six copy" })).toBeVisible();
  await page.getByRole("link", { name: "Compare" }).click();
  await page.getByRole("combobox", { name: "Guitar for Drop D" }).selectOption("Ash six copy");
  await expect(column(page, "Drop D")).toContainText("Ash six copy: string 6 down 2; ½ min");
  await page.getByRole("combobox", { name: "Guitar for Drop D" }).selectOption("Ash six");
  await expect(column(page, "Drop D")).toContainText("Ash six: tuned to it now");
});

test("the same figures in whatever order the tunings stand", async ({ page }) => {
  const figuresOf = async (tunings: string, place: number) => {
    await openCompare(page, `?tunings=${tunings}&chords=D5 G5`);
    const row = figure(page, "Score, as you weigh it");
    await expect(row).toContainText(/\d/);
    return row.getByRole("cell").nth(place).textContent();
  };
  const there = await figuresOf("standard;drop C", 1);
  expect(await figuresOf("drop C;standard", 0)).toBe(there);
});

test("the same shape: what it becomes, what moves, and what happens to pins", async ({ page }) => {
  await openCompare(page);
  await hold(page, "Shape").click();
  await expect(
    page.getByText("Everything on string 6 moves 2 frets up; all else stays."),
  ).toBeVisible();
  await expect(page.getByText("That is of the 6 strings that both have.")).toBeVisible();
  await page.getByRole("button", { name: /Pinned/ }).click();
  const cells = page.getByRole("region", { name: "Comparison" }).getByRole("cell");
  await expect(cells.first()).toContainText("G5");
  await expect(cells.nth(1)).toContainText("String 6: G2 is now F2");
  await expect(cells.nth(3)).toContainText("Nothing changes.");
  const pins = page.getByRole("region", { name: "Your pinned shapes, to sound the same" });
  await expect(pins.getByText("Drop D: string 6: 2 frets up")).toBeVisible();
  await expect(pins.getByText("7-string B standard: stays as it is")).toBeVisible();
  await page.getByRole("textbox", { name: /Shape in Standard/ }).fill("x 3 5 5 x x");
  await page.keyboard.press("Enter");
  await expect(cells.first()).toContainText("C5");
  await expect(page).toHaveURL(/hold=shape&shape=x-3-5-5-x-x/);
});

test("the same pitches: every way to sound them, and what is lost", async ({ page }) => {
  await openCompare(page, "?tunings=drop D;standard&chords=D5 F5");
  await hold(page, "Pitches").click();
  const cells = page.getByRole("region", { name: "Comparison" }).getByRole("cell");
  await expect(cells.first()).toContainText("0 0 0 × × ×");
  await expect(cells.nth(1)).toContainText("D2 is lost; the nearest octave is D3.");
  await cells.nth(1).getByText("Where each note is").click();
  await expect(cells.nth(1)).toContainText("nowhere");
  await page.getByRole("button", { name: /^F5/ }).click();
  await expect(cells.nth(1)).toContainText("1 way sounds exactly the same, 1 in reach");
  await expect(cells.nth(1)).toContainText("1 3 3 × × ×");
});

test("weights change what is best while they move", async ({ page }) => {
  await openCompare(page);
  await page.getByRole("button", { name: "Weigh" }).click();
  const usual = page.getByRole("slider", { name: /^As usual/ });
  await expect(cell(page, "F5 in Standard")).toContainText("1 3 3 × × ×");
  await usual.focus();
  await page.keyboard.press("Home");
  // Without what players prefer, the place that strains the hand least comes first.
  await expect(cell(page, "F5 in Standard")).toContainText("× 8 10 10 × ×");
  await expect(page).toHaveURL(/weigh=1,0,0,0,0,1/);
  await page.getByRole("button", { name: "Reset" }).click();
  await expect(cell(page, "F5 in Standard")).toContainText("1 3 3 × × ×");
});

test("a search finds tunings, tells how far it is, and adds one to the comparison", async ({
  page,
}) => {
  await openCompare(page);
  await page.getByRole("button", { name: "Find a tuning" }).click();
  const panel = page.getByRole("region", { name: /The best tunings for D5 F5 C5/ });
  await panel.getByRole("button", { name: "Safe tension only" }).click();
  await panel.getByRole("button", { name: /^Search 15,6\d\d tunings/ }).click();
  await expect(panel.getByText(/^Done in/)).toBeVisible();
  const rows = panel.getByRole("row");
  await expect(rows).toHaveCount(21);
  await expect(rows.nth(1)).toContainText("Drop D");
  await expect(rows.nth(1)).toContainText(/\d+ mm/);
  await expect(rows.nth(1).getByRole("button", { name: "Drop D is compared" })).toBeDisabled();
  await rows.nth(2).getByRole("button").click();
  await expect(page.getByRole("columnheader").filter({ hasText: "effort" })).toHaveCount(5);
});

test("what a search finds does not widen a phone's page", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openCompare(page);
  await page.getByRole("button", { name: "Find a tuning" }).click();
  await page.getByRole("button", { name: /^Search \d/ }).click();
  await expect(page.getByText(/^Done in/)).toBeVisible();
  await expectNothingWider(page, [390]);
});

test("a search can be stopped, and one too large is refused beforehand", async ({ page }) => {
  await openCompare(page);
  await page.getByRole("button", { name: "Find a tuning" }).click();
  const panel = page.getByRole("region", { name: /The best tunings for/ });
  await panel.getByRole("combobox", { name: "On" }).selectOption("Baritone eight");
  await panel.getByRole("button", { name: "Safe tension only" }).click();
  await panel.getByRole("combobox", { name: "Down by up to" }).selectOption("4 half steps");
  await expect(
    panel.getByText(/5,764,8\d\d tunings; at most 1,000,000 are searched/),
  ).toBeVisible();
  await expect(panel.getByRole("button", { name: "Search" })).toBeDisabled();
  await panel.getByRole("combobox", { name: "Down by up to" }).selectOption("2 half steps");
  await panel.getByRole("button", { name: /^Search 390,6\d\d tunings/ }).click();
  await expect(panel.getByRole("progressbar")).toBeVisible();
  await expect(panel.getByText(/tunings still in/)).toBeVisible();
  await panel.getByRole("button", { name: "Stop" }).click();
  await expect(panel.getByRole("progressbar")).toHaveCount(0);
  await expect(panel.getByRole("button", { name: /^Search 390/ })).toBeEnabled();
});

test("a comparison is kept, opened, deleted and brought back", async ({ page }) => {
  await openCompare(page, "?tunings=drop C;open D&chords=E5 B5");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await page.getByRole("textbox", { name: "Save as" }).fill("Slow Freight");
  await page
    .getByRole("group", { name: "Save or export" })
    .getByRole("button", { name: "Save", exact: true })
    .click();
  await expect(notice(page)).toContainText("Slow Freight is saved.");
  await page.getByRole("button", { name: "Open Quarry Lights" }).click();
  await expect(column(page, "7-string B standard")).toBeVisible();
  await page.reload();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await page.getByRole("button", { name: "Open Slow Freight" }).click();
  await expect(column(page, "Drop C")).toBeVisible();
  await expect(chordsField(page)).toHaveValue("E5 B5");
  await page.getByRole("button", { name: "Delete Slow Freight" }).click();
  await expect(page.getByRole("button", { name: "Open Slow Freight" })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("button", { name: "Open Slow Freight" })).toBeVisible();
});

test("it is taken along as CSV, as a picture and on paper", async ({ page }) => {
  await openCompare(page);
  await page.getByRole("button", { name: "Save", exact: true }).click();
  const csv = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as CSV" }).click();
  const file = await csv;
  expect(file.suggestedFilename()).toMatch(/^d5-f5-c5-b-flat-5-in-standard-drop-d.*\.csv$/);
  const { data, errors } = Papa.parse<Record<string, string>>(
    readFileSync(await file.path(), "utf8"),
    { header: true, skipEmptyLines: true },
  );
  expect(errors).toEqual([]);
  expect(data).toHaveLength(4 * 5);
  const five = { tuning: "Drop D", chord: "F5", frets: "3 3 3 x x x", fingers: "1 1 1 0 0 0" };
  expect(data).toContainEqual(expect.objectContaining(five));

  await page.getByRole("button", { name: "Print or save as PNG" }).click();
  const sheet = page.getByRole("dialog", { name: "Comparison to print" });
  await expect(sheet.getByRole("heading", { name: /D5 F5 C5/ })).toBeVisible();
  const png = page.waitForEvent("download");
  await sheet.getByRole("button", { name: "Save as PNG" }).click();
  const picture = readFileSync(await (await png).path());
  expect(picture.subarray(1, 4).toString()).toBe("PNG");
  expect(picture.readUInt32BE(16)).toBeGreaterThan(1500);
  await page.emulateMedia({ media: "print" });
  await expect(sheet.getByRole("button", { name: "Print" })).toBeHidden();
  await expect(page.getByRole("banner")).toBeHidden();
});

test("a grip of a comparison opens on the neck", async ({ page }) => {
  await openCompare(page);
  await cell(page, "F5 in Drop D").click();
  await expect(page.getByRole("heading", { name: "F5 in Drop D" })).toBeVisible();
  await expect(page.getByRole("listbox").getByRole("option", { selected: true })).toContainText(
    "3 3 3",
  );
});

test("what makes no sense in the address is said", async ({ page }) => {
  await page.goto("/compare?tunings=drop D;nowhere&chords=Q&weigh=9,9");
  await expect(notice(page)).toContainText(/Address, tunings: .*Address, chords: .*Address, weigh/);
  await expect(column(page, "Drop D")).toBeVisible();
});
