import { type Page } from "@playwright/test";
import { waitForLife } from "./alive";
import { expect, notice, openNeck, test } from "./fixtures";
import { CHART, editor, openSong, pasteChart, saved } from "./songPage";

/** Opens a screen in one window and in another of the same browser. */
async function openTwice(page: Page, path: string): Promise<Page> {
  const other = await page.context().newPage();
  for (const window of [page, other]) await window.goto(path);
  return other;
}

test("windows of one browser hear of each other at once, and keep what they changed", async ({
  page,
}) => {
  const other = await openTwice(page, "/rig/player");
  await page.getByLabel("A4, Hz").fill("432");
  await expect(other.getByLabel("A4, Hz")).toHaveValue("432");
  await other.getByLabel("Span, mm").fill("201");
  await expect(page.getByLabel("Span, mm")).toHaveValue("201");
  await page.reload();
  await expect(page.getByLabel("A4, Hz")).toHaveValue("432");
  await expect(page.getByLabel("Span, mm")).toHaveValue("201");
  await other.close();
});

test("another browser's changes are heard of when the window comes to the front", async ({
  page,
  browser,
}) => {
  await page.goto("/rig/player");
  const elsewhere = await browser.newContext({ baseURL: new URL(page.url()).origin });
  elsewhere.on("page", waitForLife);
  const other = await elsewhere.newPage();
  await other.goto("/rig/player");
  const saved = other.waitForResponse("**/changes");
  await other.getByLabel("A4, Hz").fill("432");
  await saved;
  await expect(page.getByLabel("A4, Hz")).toHaveValue("440");
  await page.evaluate(() => window.dispatchEvent(new Event("focus")));
  await expect(page.getByLabel("A4, Hz")).toHaveValue("432");
  await elsewhere.close();
});

test("the same field: the later wins, and the earlier window is told", async ({ page }) => {
  const other = await openTwice(page, "/rig/player");
  await page.getByLabel("A4, Hz").fill("432");
  await expect(other.getByLabel("A4, Hz")).toHaveValue("432");
  await other.getByLabel("A4, Hz").fill("444");
  await expect(notice(page)).toHaveText(/Another window changed your settings after you: A4\./);
  await expect(page.getByLabel("A4, Hz")).toHaveValue("444");
  await other.close();
});

test("a root in one window and a comparison in the other are both there again", async ({
  page,
  context,
}) => {
  await openNeck(page);
  const other = await context.newPage();
  await other.goto("/compare");
  await page.keyboard.press("a");
  await expect(page.getByRole("heading", { name: "A5 in Drop D" })).toBeVisible();
  await other.getByLabel(/^Chords/).fill("F5 C5");
  await other.getByLabel(/^Chords/).press("Enter");
  await other.close({ runBeforeUnload: true });
  await page.goto("about:blank");
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "A5 in Drop D" })).toBeVisible();
  await page.goto("/compare");
  await expect(page.getByLabel(/^Chords/)).toHaveValue("F5 C5");
});

test("a comparison saved over a newer one: both are kept, and that is said", async ({
  page,
  context,
}) => {
  const open = async (window: typeof page) => {
    await window.goto("/compare");
    await window.getByRole("button", { name: "Save", exact: true }).click();
    await window.getByRole("button", { name: "Open Quarry Lights" }).click();
    await expect(
      window.getByRole("button", { name: "Save changes to Quarry Lights" }),
    ).toBeVisible();
  };
  await open(page);
  const other = await context.newPage();
  await open(other);
  for (const [window, chords] of [
    [page, "A5 E5"],
    [other, "G5 D5"],
  ] as const) {
    await window.getByLabel(/^Chords/).fill(chords);
    await window.getByLabel(/^Chords/).press("Enter");
    await window.getByRole("button", { name: "Save changes to Quarry Lights" }).click();
    await expect(notice(window)).toHaveText(/Quarry Lights/);
  }
  await expect(notice(other)).toHaveText(
    /Another window saved a newer Quarry Lights\. It stays, and yours is kept beside it as Quarry Lights \(2\)\./,
  );
  for (const [name, chords] of [
    ["Quarry Lights", "A5 E5"],
    ["Quarry Lights (2)", "G5 D5"],
  ] as const) {
    await other.getByRole("button", { name: `Open ${name}`, exact: true }).click();
    await expect(other.getByLabel(/^Chords/)).toHaveValue(chords);
  }
  await other.close();
});

test("a form left with a draft keeps it", async ({ page }) => {
  await page.goto("/rig");
  await page.getByLabel("Name", { exact: true }).fill("Half a name");
  await page.getByRole("link", { name: "Neck" }).click();
  await expect(page.getByRole("heading", { name: /C5 in Drop D/ })).toBeVisible();
  await page.getByRole("link", { name: "Rig" }).click();
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Half a name");
  await page.reload();
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Half a name");
  await expect(page.getByRole("button", { name: "Open Ash six" })).toContainText("not saved");
});

test("what is typed into a song stays while another window renames it; both keep both", async ({
  page,
}) => {
  await openSong(page);
  await pasteChart(page, CHART);
  await saved(page);
  const other = await page.context().newPage();
  await other.goto(page.url());
  const nameIn = (window: Page) => window.getByRole("textbox", { name: "Name of the song" });
  await expect(nameIn(other)).toHaveValue("Gravel Road");
  const words = Array.from({ length: 24 }, (_, index) => `word${index}`);
  await editor(page).click();
  await page.keyboard.press("Control+End");
  await page.keyboard.press("Enter");
  for (const [index, word] of words.entries()) {
    await page.keyboard.type(`${word} `, { delay: 15 });
    if (index % 4 === 1) {
      await nameIn(other).fill(`Gravel ${index}`);
      await nameIn(other).press("Enter");
    }
  }
  await expect(nameIn(page)).toHaveValue("Gravel 21");
  for (const window of [page, other]) {
    for (const word of words) await expect(editor(window)).toContainText(word);
  }
  await saved(page);
  await page.reload();
  await expect(nameIn(page)).toHaveValue("Gravel 21");
  await expect(editor(page)).toContainText(words.join(" "));
  await other.close();
});
