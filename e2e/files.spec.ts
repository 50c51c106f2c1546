import { choose } from "./songPage";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import AxeBuilder from "@axe-core/playwright";
import { type Page } from "@playwright/test";
import { expect, test } from "./fixtures";
import { RIFF } from "./riff";

/** A file of a journey's own. */
function fileAt(folder: string, name: string, content: string | Uint8Array): string {
  mkdirSync(folder, { recursive: true });
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
}

async function bringIn(page: Page, path: string) {
  await page.goto("/rig/data");
  await page.getByRole("button", { name: "Bring in a file" }).click();
  await page.getByLabel("A file to bring in").setInputFiles(path);
}

test("tablature comes in line by line, is set beside Tenon's route, kept as pinned grips, and undone", async ({
  page,
}, info) => {
  await bringIn(page, fileAt(info.outputDir, "riff.tab", RIFF));
  await expect(page.getByRole("heading", { name: "Cinder Lane" })).toBeVisible();
  await expect(page.getByText("Tablature, 2 bars, 3 chords, 3 with a grip")).toBeVisible();
  await expect(page.getByRole("row", { name: /As the file plays it/ })).toBeVisible();
  await expect(page.getByText("All of it was understood.")).toBeVisible();
  await page.getByRole("button", { name: "Keep Cinder Lane" }).click();
  await page.waitForURL(/\/song/);
  await expect(page.getByRole("button", { name: /A5.*pinned/ }).first()).toBeVisible();
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await page.reload();
  await expect(page.getByText("The song in this address no longer exists.")).toBeVisible();
});

test("a song goes out in every format, and each comes in again", async ({ page }, info) => {
  await page.goto("/song");
  await choose(page, "Share", "Save as a file");
  const saved: string[] = [];
  const save = async (button: string | RegExp) => {
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("dialog").getByRole("button", { name: button }).click(),
    ]);
    const path = join(info.outputDir, download.suggestedFilename());
    await download.saveAs(path);
    saved.push(path);
  };
  for (const button of [
    /^Chord sheet/,
    /^Chart/,
    /^Tablature/,
    /^MusicXML for/,
    /^MusicXML, compressed/,
    /^MIDI file/,
    /^Table /,
    /^Tenon file/,
  ]) {
    await save(button);
  }
  for (const path of saved) {
    await bringIn(page, path);
    await expect(page.getByRole("button", { name: /^Keep / })).toBeEnabled();
    const bars = await page.getByText(/\d+ bars, \d+ chords/).textContent();
    expect(bars, path).toMatch(/[1-9]\d* bars, [1-9]/);
  }
});

test("sheets for paper, a picture and sound", async ({ page }, info) => {
  await page.goto("/song");
  await choose(page, "Share", "Save as a file");
  const save = async (button: string) => {
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("dialog").getByRole("button", { name: button }).click(),
    ]);
    const path = join(info.outputDir, download.suggestedFilename());
    await download.saveAs(path);
    return readFileSync(path);
  };
  for (const sheet of ["song", "stage", "lesson", "tuning"]) {
    await page.getByRole("combobox", { name: /^Sheet/ }).selectOption(sheet);
    const pdf = (await save("PDF")).toString("latin1");
    expect(pdf.slice(0, 8)).toMatch(/^%PDF-1/);
    expect(pdf).toContain("BarlowSemiCondensed");
    const pages = pdf.match(/\/Type \/Page\b/g) ?? [];
    expect(pages.length).toBeGreaterThan(0);
    if (sheet === "stage" || sheet === "tuning") expect(pages).toHaveLength(1);
  }
  await page.getByRole("combobox", { name: /^Paper/ }).selectOption("letter");
  expect((await save("Picture, SVG")).toString("utf8")).toContain('viewBox="0 0 612 ');
  const png = await save("Picture, PNG");
  expect(png.toString("latin1", 1, 4)).toBe("PNG");
  // Three px for each CSS px; a page of 612 points is 816 of these wide.
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([2448, 3168]);
  // The fonts of the first are there as they are once the browser knows them.
  expect((await save("Picture, PNG")).equals(png)).toBe(true);
  const wav = await save("Sound, WAV");
  expect(wav.toString("latin1", 0, 12)).toMatch(/^RIFF....WAVE$/s);
  // Not silence: 16-bit samples after the header.
  const samples = new Int16Array(wav.buffer, wav.byteOffset + 44, (wav.length - 44) >> 1);
  expect(Math.max(...samples.subarray(0, 100_000))).toBeGreaterThan(500);
});

test("the neck with its grips, and a comparison, as PDF", async ({ page }, info) => {
  const saved = async (paper: string) => {
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name: `PDF, ${paper}` }).click(),
    ]);
    const path = join(info.outputDir, download.suggestedFilename());
    await download.saveAs(path);
    return readFileSync(path, "latin1");
  };
  await page.goto("/");
  await page.getByRole("button", { name: "Save or print" }).click();
  const neck = await saved("A4");
  expect(neck).toMatch(/^%PDF-/);
  expect(neck).toMatch(/MediaBox \[0 0 595\.28 841\.89\]/);
  await page.goto("/compare");
  await page.keyboard.press("k");
  await expect(page.getByRole("button", { name: "PDF, Letter" })).toBeEnabled();
  expect(await saved("Letter")).toMatch(/MediaBox \[0 0 612 792\]/);
});

test("a song typed in for seven strings is kept on the guitar that has them, and goes out again", async ({
  page,
}, info) => {
  await page.goto("/rig/data");
  await page.getByRole("button", { name: "Bring in a file" }).click();
  const typed =
    "{title: Under Seven}\n{x_tuning: A1 E2 A2 D3 G3 B3 E4}\n{tempo: 100}\n[A5]low [C5]and [D5]slow\n";
  await page.getByLabel("Or paste a text").fill(typed);
  await page.getByRole("button", { name: "Look at the text" }).click();
  await expect(page.getByText("Chord sheet, 3 bars, 3 chords, 100 bpm")).toBeVisible();
  await page.getByRole("button", { name: "Keep Under Seven" }).click();
  await page.waitForURL(/\/song\?id=/);
  await choose(page, "Share", "Save as a file");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page
      .getByRole("dialog")
      .getByRole("button", { name: /^Tablature/ })
      .click(),
  ]);
  const path = join(info.outputDir, download.suggestedFilename());
  await download.saveAs(path);
  const tab = readFileSync(path, "utf8");
  expect(tab.match(/^[A-G]\|/gm)).toHaveLength(7);
  expect(tab).toMatch(/A5 +C5 +D5/);
});

test("what cannot be read is said, and nothing is kept", async ({ page }, info) => {
  const bad = (name: string, content: string | Uint8Array) => fileAt(info.outputDir, name, content);
  const refused = async (path: string, message: RegExp) => {
    await bringIn(page, path);
    await expect(page.getByRole("status").filter({ hasText: message })).toBeVisible();
    await expect(page.getByRole("button", { name: /^Keep/ })).toHaveCount(0);
  };
  await refused(bad("half.mid", Uint8Array.from([77, 84, 104, 100, 0, 0, 0, 6, 0, 0])), /cut off/);
  await refused(
    bad("bomb.musicxml", '<!DOCTYPE a [<!ENTITY x "y">]><score-partwise>&x;</score-partwise>'),
    /entities/,
  );
  await refused(bad("empty.cho", ""), /empty/);
  await refused(bad("log.csv", "when,drill,result\n2026-01-01,x,clean\n"), /Practice, Log/);
});

test("a text is pasted; tunings from a table come in together and go together", async ({
  page,
}, info) => {
  const path = fileAt(
    info.outputDir,
    "mine.csv",
    "tuning;strings\nLow wide;A1 E2 A2 D3 F#3 B3\nNo;zz\n",
  );
  await bringIn(page, path);
  await expect(page.getByRole("listitem").filter({ hasText: "Low wide" })).toBeVisible();
  await expect(page.getByText(/^Line 3: /)).toBeVisible();
  await page.getByRole("button", { name: "Another file" }).click();
  await page.getByLabel("Or paste a text").fill("| A5 . D5 . | E5 |\nHey you");
  await page.getByRole("button", { name: "Look at the text" }).click();
  await expect(page.getByText("Chart, 2 bars, 3 chords")).toBeVisible();
  await page.getByRole("button", { name: "Another file" }).click();
  await page.getByLabel("A file to bring in").setInputFiles(path);
  await page.getByRole("button", { name: "Keep 1 tuning" }).click();
  await page.waitForURL(/tunings/);
  await expect(page.getByText("Low wide").first()).toBeVisible();
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByText("Low wide")).toHaveCount(0);
});

test("a guitar is saved as a file and comes in as another", async ({ page }, info) => {
  await page.goto("/rig");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save Ash six as a file" }).click(),
  ]);
  const path = join(info.outputDir, "guitar.json");
  await download.saveAs(path);
  expect(existsSync(path)).toBe(true);
  await bringIn(page, path);
  await page.getByRole("button", { name: "Keep Ash six" }).click();
  await page.waitForURL(/\/rig$/);
  await expect(page.getByRole("button", { name: "Open Ash six" })).toHaveCount(2);
});

test("a backup shows what it would change, and is restored", async ({ page }, info) => {
  await page.goto("/rig/data");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save a backup" }).click(),
  ]);
  const path = join(info.outputDir, "tenon.zip");
  await download.saveAs(path);
  await page.goto("/rig/tunings");
  await page
    .getByRole("button", { name: /^Delete / })
    .first()
    .click();
  await expect(page.getByText(/ is deleted\./)).toBeVisible();
  await page.goto("/rig/data");
  await page.getByLabel("A backup to restore").setInputFiles(path);
  await expect(page.getByRole("row", { name: "Tunings 0 1" })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations).toEqual([]);
  await Promise.all([
    page.waitForEvent("load"),
    page.getByRole("button", { name: "Restore it" }).click(),
  ]);
  await page.goto("/rig/tunings");
  await expect(page.getByRole("button", { name: /^Delete / })).toHaveCount(1);
  // Half of one is refused, and nothing is changed.
  const half = fileAt(info.outputDir, "half.zip", readFileSync(path).subarray(0, 2000));
  await page.goto("/rig/data");
  await page.getByLabel("A backup to restore").setInputFiles(half);
  await expect(page.getByText(/No whole backup/)).toBeVisible();
});
