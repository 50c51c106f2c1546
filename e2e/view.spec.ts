import { readFileSync } from "node:fs";
import { type Page } from "@playwright/test";
import { chosenGrip, expect, grips, notice, openNeck, test } from "./fixtures";

const SHARED =
  "/?tuning=40,45,50,55,59,64&root=F%23&voicing=0,7,12&grip=2-4-4-x-x-x&fingers=1-3-3-0-0-0&marks=note&frets=1-7&order=lowest";

test("an address shows the view it was copied from, and follows every change", async ({ page }) => {
  await page.goto(SHARED);
  await expect(page.getByRole("heading", { name: "F♯5 in Standard" })).toBeVisible();
  await expect(chosenGrip(page)).toContainText("2 4 4 × × ×");
  await expect(page.getByRole("button", { name: "1 3 3", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await expect(page.getByRole("button", { name: "Drop: frets 1 to 7" })).toBeVisible();
  await expect(page.getByRole("combobox", { name: "Order of the grips" })).toHaveValue("lowest");
  await page.keyboard.press("g");
  await page.keyboard.press("s");
  // The chosen shape moved with the root.
  await expect(page).toHaveURL(
    /root=G&voicing=0,7,12&grip=3-5-5-x-x-x&fingers=1-3-3-0-0-0&marks=note&order=lowest&frets=1-7&safe=yes$/,
  );
  const address = page.url();
  await page.keyboard.press("a");
  await page.goto(address);
  await expect(page.getByRole("heading", { name: "G5 in Standard" })).toBeVisible();
});

test("a page that is asked for comes, even while the address is still to be written", async ({
  page,
}) => {
  await openNeck(page);
  await page.keyboard.press("g");
  await page.getByRole("link", { name: "Compare" }).click();
  await expect(page).toHaveURL(/\/compare/);
  await expect(page.getByRole("button", { name: "Find a tuning" })).toBeVisible();
});

test("what makes no sense in an address is said, and the rest still shown", async ({ page }) => {
  await page.goto("/?tuning=drop%20C&root=H&voicing=0,7&frets=9-5&nonsense=1");
  await expect(notice(page)).toContainText("Address, root: 'H' is not a note");
  await expect(notice(page)).toContainText("frets: '9-5': write two frets");
  await expect(page.getByRole("heading", { name: "E5 in Drop C" })).toBeVisible();
});

test("undo and redo walk through what was chosen", async ({ page }) => {
  await openNeck(page);
  const [undo, redo] = [
    page.getByRole("button", { name: "Undo the last change" }),
    page.getByRole("button", { name: "Redo it" }),
  ];
  await expect(undo).toBeDisabled();
  await page.keyboard.press("g");
  await page.keyboard.press("3");
  await expect(page.getByRole("heading", { name: "G5/D in Drop D" })).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("heading", { name: "G5 in Drop D" })).toBeVisible();
  await page.keyboard.press("z");
  await expect(page.getByRole("heading", { name: "C5 in Drop D" })).toBeVisible();
  await expect(undo).toBeDisabled();
  await redo.click();
  await page.keyboard.press("Control+y");
  await expect(page.getByRole("heading", { name: "G5/D in Drop D" })).toBeVisible();
  await expect(redo).toBeDisabled();
});

test("the stage shows neck and grip alone, and a pedal steps through the grips", async ({
  page,
}) => {
  await openNeck(page);
  await page.keyboard.press("v");
  await expect(page.getByText("1 of 21")).toBeVisible();
  await expect(page.getByRole("heading", { name: "C5", exact: true })).toBeVisible();
  await expect(page.getByRole("listbox")).toHaveCount(0);
  // The ratio is reckoned in single precision: a whole mark may be told as 0.9999998.
  for (const string of ["String 6, fret 10: C, root", "String 1, fret 8: C, root"]) {
    await expect(page.getByRole("button", { name: string })).toBeInViewport({ ratio: 0.999 });
  }
  await page.keyboard.press("PageDown");
  await expect(page.getByText("2 of 21")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(chosenGrip(page)).toContainText("× 3 5 5 × ×");
});

test("hints can be switched off, for good", async ({ page }) => {
  await openNeck(page);
  const saved = page.waitForResponse((response) =>
    Boolean(response.request().postData()?.includes('"hints":false')),
  );
  await page.getByRole("button", { name: "Hide hints" }).click();
  await saved;
  await page.reload();
  await expect(grips(page).first()).toBeVisible();
  await expect(page.getByText("all keys")).toHaveCount(0);
  await page.getByRole("button", { name: "View", exact: true }).click();
  await page.getByRole("button", { name: "Show hints" }).click();
  await expect(page.getByText("all keys")).toBeVisible();
});

/** What is saved when a button is pressed. */
async function saved(page: Page, name: string): Promise<{ name: string; content: Buffer }> {
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name }).click();
  const file = await download;
  return { name: file.suggestedFilename(), content: readFileSync(await file.path()) };
}

test("neck and grip are saved as pictures that stand on their own", async ({ page }) => {
  await openNeck(page);
  await page.keyboard.press("]");
  await expect(page.getByRole("heading", { name: "C♯5 in Drop D" })).toBeVisible();
  await page.getByRole("button", { name: "Save or print" }).click();
  const neck = await saved(page, "Neck as SVG");
  expect(neck.name).toBe("c-sharp-5-in-drop-d-neck.svg");
  // Read by the browser's own XML reader, which refuses what is not well formed; not on Tenon's page,
  // whose policy would hold for the drawing too.
  const reader = await page.context().newPage();
  const read = await reader.evaluate((text) => {
    const svg = new DOMParser().parseFromString(text, "image/svg+xml").documentElement;
    const drawn = [...svg.querySelectorAll("text")].map((each) => each.textContent);
    return { name: svg.nodeName, drawn, fonts: text.split("@font-face").length - 1 };
  }, neck.content.toString());
  expect(read.name).toBe("svg");
  expect(read.drawn).toEqual(expect.arrayContaining(["R", "5", "8", "12"]));
  expect(read.fonts).toBeGreaterThan(2);
  expect(neck.content.toString()).not.toMatch(/var\(|class=|http:\/\/(?!www\.w3\.org)/);

  const grip = await saved(page, "Grip as PNG");
  // The signature and the header of the PNG specification (ISO/IEC 15948): width and height in px.
  expect(grip.content.subarray(1, 4).toString()).toBe("PNG");
  expect(grip.content.readUInt32BE(16)).toBeGreaterThan(600);
  expect(grip.content.readUInt32BE(20)).toBeGreaterThan(500);
  // The first shows its letters as one does whose fonts the browser knows already.
  expect((await saved(page, "Grip as PNG")).content.equals(grip.content)).toBe(true);
});

test("a sheet for the printer: the neck and the grips, and nothing else on paper", async ({
  page,
}) => {
  await openNeck(page);
  await page.getByRole("button", { name: "Save or print" }).click();
  await page.getByRole("button", { name: "Print a sheet" }).click();
  const sheet = page.getByRole("dialog", { name: "Sheet to print" });
  await expect(sheet.getByRole("listitem")).toHaveCount(9);
  await page.emulateMedia({ media: "print" });
  await expect(sheet.getByRole("heading", { name: "C5 in Drop D" })).toBeVisible();
  await expect(sheet.getByRole("button", { name: "Print" })).toBeHidden();
  await expect(page.getByRole("navigation")).toBeHidden();
  await page.emulateMedia({ media: "screen" });
  await page.keyboard.press("Escape");
  await expect(sheet).toHaveCount(0);
});
