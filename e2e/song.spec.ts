import { readFileSync } from "node:fs";
import { execFileSync } from "node:child_process";
import { expect, expectNothingWider, notice, test, toRig } from "./fixtures";
import {
  CHART,
  choose,
  editor,
  openSong,
  pasteChart,
  pickSong,
  saved,
  setTempo,
  stops,
  strip,
  summary,
} from "./songPage";

test("a chart is pasted, its route appears, is the core's, and is there after a reload", async ({
  page,
}) => {
  await openSong(page);
  await pasteChart(page, CHART);
  await expect(stops(page)).toHaveCount(12);
  await expect(page.getByRole("textbox", { name: "Name of the song" })).toHaveValue("Gravel Road");
  await expect(summary(page)).toContainText(/Holds to|Nothing limits the tempo/);
  // The same question on the command line.
  const told = execFileSync("node", ["dist/tenon.mjs", "batch"], {
    input: `${JSON.stringify({ command: "route", args: { chart: CHART, tuning: "drop D" } })}\n`,
    encoding: "utf8",
  });
  const answer = JSON.parse(told) as {
    result: { routes: [{ stops: { fretting: (number | null)[] }[]; cleanTempoBpm: number }] };
  };
  const [route] = answer.result.routes;
  // Above 240 in quarters nothing limits it.
  const holds =
    route.cleanTempoBpm > 240
      ? "Nothing limits the tempo"
      : `Holds to ${Math.floor(route.cleanTempoBpm)} bpm`;
  await expect(summary(page)).toContainText(holds);
  const labels = await stops(page).evaluateAll((all) =>
    all.map((each) => each.getAttribute("aria-label") ?? ""),
  );
  for (const [index, { fretting }] of route.stops.entries()) {
    const spoken = fretting.flatMap((fret) => (fret === null ? [] : [String(fret)]));
    for (const fret of spoken) {
      expect(labels[index]).toContain(fret === "0" ? "open" : fret);
    }
  }
  await saved(page);
  await page.reload();
  await expect(stops(page)).toHaveCount(12);
  await expect(editor(page)).toContainText("Gravel Road");
});

test("a grip is pinned, the rest is planned anew, and both go back with undo", async ({ page }) => {
  await openSong(page);
  await pickSong(page, "Slow Freight");
  await stops(page).first().click();
  const before = await stops(page).first().getAttribute("aria-label");
  const choices = page.getByRole("list", { name: "Grips to pin" }).getByRole("button");
  await expect(choices.nth(2)).toBeVisible();
  await page.getByRole("button", { name: "everywhere", exact: true }).click();
  await choices.nth(1).click();
  await expect(stops(page).first()).not.toHaveAttribute("aria-label", before ?? "");
  await expect(strip(page)).toContainText("pinned");
  await page.getByRole("button", { name: "Undo the last change" }).click();
  await expect(stops(page).first()).toHaveAttribute("aria-label", before ?? "");
});

test("a grip of one's own is set on the neck and pinned", async ({ page }) => {
  await openSong(page);
  await pickSong(page, "Slow Freight");
  await stops(page).first().click();
  await page.getByRole("button", { name: "Set one on the neck" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByRole("button", { name: "String 1, open: E" }).click();
  await expect(dialog).toContainText("0 2 2 × × 0");
  await dialog
    .getByRole("button", { name: "String 3, fret 15: A sharp" })
    .or(dialog.getByRole("button", { name: "String 3, fret 15: B flat" }))
    .click();
  await expect(dialog).toContainText("Your hand cannot hold this.");
  await dialog.getByRole("button", { name: /^String 3, fret 15/ }).click();
  await dialog.getByRole("button", { name: "Pin this grip" }).click();
  await expect(dialog).toHaveCount(0);
  await expect(strip(page)).toContainText("pinned");
  await expect(page.getByRole("list", { name: "Grips to pin" })).toContainText("0 2 2 × × 0");
});

test("the change that breaks first is found, and advice taken with one key helps", async ({
  page,
}) => {
  await openSong(page);
  await pickSong(page, "Quarry Lights");
  await expect(summary(page)).toContainText(/^Holds to \d+ bpm, possible to \d+\./);
  await setTempo(page, 240);
  await expect(summary(page)).toContainText("Too fast at 240 bpm.");
  const holdsTo = async () =>
    Number(/Holds to (\d+)/.exec((await summary(page).textContent()) ?? "")?.[1]);
  const before = await holdsTo();
  await page.keyboard.press("Escape");
  await page.keyboard.press("w");
  await expect(page.getByRole("heading", { name: /^Bar \d+, G5 to B.5$/ })).toBeVisible();
  await expect(page.getByText("Too fast at 240 bpm.", { exact: true })).toBeVisible();
  // Letting the last strum go comes first in the list.
  await expect(page.getByRole("button", { name: /^1\s*Let the last .*strum.* go/ })).toBeVisible();
  await page.getByText("Why?").last().click();
  await expect(page.getByText(/the song leaves \d+ ms/)).toBeVisible();
  await page.getByRole("button", { name: "Both grips on the neck" }).click();
  await expect(page.getByText(/^Outlines: the grip that is left/)).toBeVisible();
  await page.keyboard.press("1");
  await expect.poll(holdsTo).toBeGreaterThan(before);
});

test("a riff with scratches holds for a steady hand; a full barre in a beat does not in the first months", async ({
  page,
}) => {
  await openSong(page);
  await pickSong(page, "Paper Lantern");
  // A new song takes the guitar's tuning, which opening a song leaves as it is.
  await page.getByRole("button", { name: "retune", exact: true }).filter({ visible: true }).click();
  const riff = "Tempo: 116\nTexture: x-x-x-c-x-x-x-c-\n| F5 . Bb5 . | Ab5 . Db5 . |\n";
  await pasteChart(page, riff);
  await expect(summary(page)).toContainText(/^Holds to \d+ bpm/);
  await pasteChart(page, "Tempo: 100\n| Am F | Am F |\n");
  await expect(summary(page)).toContainText(/^Holds to \d+ bpm/);
  await expect(stops(page).nth(1)).toHaveAttribute("aria-label", /1 3 3 2 1 1|1, 3, 3, 2, 1, 1/);
  await saved(page);
  await toRig(page, "You");
  await page.getByRole("button", { name: "First months" }).click();
  await page.getByRole("link", { name: "Song" }).click();
  await expect(summary(page)).toContainText("Tight at 100 bpm. Holds to");
});

test("limits: the chorus elsewhere, and what cannot be played says why", async ({ page }) => {
  await openSong(page);
  await pasteChart(page, CHART);
  await expect(stops(page)).toHaveCount(12);
  await page.keyboard.press("Escape");
  await choose(page, "Shape it", "Limits");
  await page.getByRole("combobox", { name: "Limits of" }).selectOption("Chorus");
  await page.getByRole("combobox", { name: "Open strings" }).selectOption("none");
  await page.getByRole("combobox", { name: "From fret" }).selectOption("7");
  await expect(stops(page).last()).toHaveAttribute("aria-label", /\b(?:7|8|9|1\d)\b/);
  await page.getByRole("combobox", { name: "To fret" }).selectOption("7");
  await expect(page.getByText(/has no grip because of the range of frets/).first()).toBeVisible();
  await page
    .getByRole("button", { name: /^Without the range of frets: .* points, holds to/ })
    .click();
  await expect(stops(page)).toHaveCount(12);
});

test("textures in one click, keys and forms", async ({ page }) => {
  await openSong(page);
  await pasteChart(page, CHART);
  await choose(page, "Shape it", "Texture");
  await page.getByRole("button", { name: "Quiet verse" }).click();
  await expect(editor(page)).toContainText("Texture: muted eighths down");
  await page.getByRole("button", { name: "Step 3: nothing" }).click();
  await expect(editor(page)).toContainText("Texture: muted --x");
  await choose(page, "Shape it", "Key and forms");
  await page.getByRole("button", { name: "2 half steps up" }).click();
  await expect(editor(page)).toContainText("| B5 . E5 . | F#5 |");
  await page.getByRole("combobox", { name: "Write" }).selectOption("Twelve bars, minor");
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByRole("button", { name: "F5, bar 14" })).toBeVisible();
  await expect(
    page.getByText(/^A5: string 5, open; D5: string 6, open; F5: string 6, fret 3; E5: /),
  ).toBeVisible();
});

test("routes: each with figures, one chosen, two compared", async ({ page }) => {
  await openSong(page);
  await pickSong(page, "Paper Lantern");
  const routes = page.getByRole("group", { name: "Routes" });
  await expect(routes.getByRole("button")).toHaveCount(5);
  const other = routes.getByRole("button", { pressed: false }).first();
  const name = (await other.textContent()) ?? "";
  await page.getByRole("button", { name: "Compare two" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog).toContainText("Neither is wrong");
  await dialog.getByRole("button", { name: "Next chord" }).click();
  await expect(dialog.getByText("2 of ")).toBeVisible();
  await dialog.getByText("All chords and figures").click();
  await expect(dialog.getByRole("row")).toHaveCount(25);
  await expect(dialog.getByRole("row").nth(3)).toContainText(/\d+\.\d/);
  await page.keyboard.press("Escape");
  await other.click();
  await expect(routes.getByRole("button", { pressed: true })).toHaveText(name);
});

test("songs are found, copied, archived, deleted and brought back", async ({ page }) => {
  await openSong(page);
  await page.getByRole("button", { name: "Your songs" }).click();
  const list = page.getByRole("list", { name: "Your songs" });
  await expect(list.getByRole("listitem")).toHaveCount(4);
  await page.getByRole("searchbox", { name: "Find a song" }).fill("lantern");
  await expect(list.getByRole("listitem")).toHaveCount(1);
  await page.getByRole("searchbox", { name: "Find a song" }).fill("tempo: 84");
  await expect(list.getByRole("listitem")).toHaveText([/Tempo: 84/]);
  await page.getByRole("searchbox", { name: "Find a song" }).fill("lantern");
  await page.getByRole("button", { name: "Duplicate Paper Lantern" }).click();
  await expect(page.getByRole("textbox", { name: "Name of the song" })).toHaveValue(
    "Paper Lantern (2)",
  );
  await page.getByRole("button", { name: "Your songs" }).click();
  await expect(list.getByRole("listitem")).toHaveCount(5);
  await page.getByRole("button", { name: "Archive Slow Freight" }).click();
  await expect(list.getByRole("listitem")).toHaveCount(4);
  await page.getByRole("button", { name: "Archived: 1" }).click();
  await page.getByRole("button", { name: "Unarchive Slow Freight" }).click();
  await page.getByRole("button", { name: "Back to your songs" }).click();
  await page.getByRole("button", { name: "Delete Nine Below" }).click();
  await expect(notice(page)).toContainText("Nine Below is deleted.");
  await expect(list.getByRole("listitem")).toHaveCount(4);
  await notice(page).getByRole("button", { name: "Undo" }).click();
  await expect(list.getByRole("listitem")).toHaveCount(5);
});

test("the song in other tunings, and as one file that opens without Tenon", async ({
  page,
}, info) => {
  await openSong(page);
  await pickSong(page, "Quarry Lights");
  await expect(stops(page).first()).toBeVisible();
  await choose(page, "Share", "Sheet");
  const downloading = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as one file" }).click();
  const file = info.outputPath("song.html");
  await (await downloading).saveAs(file);
  const text = readFileSync(file, "utf8");
  expect(text).not.toMatch(/<script|<link|https?:\/\/(?!www\.w3\.org)/);
  const alone = await page.context().newPage();
  await alone.goto(`file://${file}`);
  await expect(alone.getByRole("heading", { name: "Quarry Lights" })).toBeVisible();
  await expect(alone.locator("svg[aria-label^='Route over the neck']").first()).toBeVisible();
  await alone.close();
  await page.getByRole("button", { name: "Close" }).click();
  await choose(page, "Shape it", "Limits");
  await page.getByRole("combobox", { name: "To fret" }).selectOption("12");
  await choose(page, "Shape it", "Compare tunings");
  await expect(page.getByText(/serves best\. Compared with/)).toBeVisible();
  await expect(page.getByRole("rowheader", { name: /^D5/ })).toContainText("×");
  await expect(page.getByText("Only grips with frets 0 to 12")).toBeVisible();
  await expect(page).toHaveURL(/limits=frets%200-12/);
  await page.getByRole("button", { name: "Drop the limits" }).click();
  await expect(page.getByText(/^Only grips with/)).toHaveCount(0);
});

test("on a phone and a tablet nothing is wider than the window, with any panel open, and on stage", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/song");
  await expect(page.getByRole("region", { name: "The bar" })).toBeInViewport();
  await page.keyboard.press("w");
  await expectNothingWider(page, [390, 768]);
  for (const part of ["Route", "Chart"]) {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.getByRole("button", { name: part, exact: true }).click();
    await expectNothingWider(page, [390]);
  }
  await page.getByRole("button", { name: "Chart", exact: true }).click();
  for (const panel of ["Limits", "Texture", "Key and forms", "How it plays"]) {
    await choose(page, "Shape it", panel);
    await expectNothingWider(page, [768, 390]);
  }
  await page.getByRole("button", { name: "Your songs" }).click();
  await expectNothingWider(page, [768, 390]);
  await page.keyboard.press("v");
  await page.getByRole("button", { name: "Leave the stage" }).waitFor();
  await page.keyboard.press("PageDown");
  const next = page.getByRole("region", { name: "Next" });
  for (const width of [390, 768]) {
    await page.setViewportSize({ width, height: 844 });
    await expect(next).toContainText("F5");
    await expect(next).toBeInViewport({ ratio: 0.9 });
  }
});
