import { readFileSync } from "node:fs";
import { join } from "node:path";
import { type Page } from "@playwright/test";
import { momentAt, waitUntil } from "@/core/playing";
import { makeSong } from "@/core/arrangement/testing";
import { expect, notice, test } from "./fixtures";
import { choose, editor, openSong, pasteChart, pickSong, stops, strip } from "./songPage";

/**
 * Each chord differs from its neighbours, so that the grip changes with every chord on any guitar. Slow enough that a machine
 * that stalls for half a second misses no beat.
 */
const CHART = `Title: Long Gate
Tempo: 84

Verse
| E5 | G5 . A5 . | C5 |
Chorus
Tempo: 63
| D5 . . F5 | G5 |
`;

interface Shown {
  /** "2.3": bar and beat, from 1. */
  readonly at: string;
  readonly isCounted: boolean;
  /** Whether the grip and the bar lie within the window. */
  readonly isInSight: boolean;
  readonly now: string;
  readonly next: string;
}

/** Notes from now on what the playing view shows at each beat. */
async function noteShown(page: Page): Promise<() => Promise<readonly Shown[]>> {
  const notes = await page.evaluateHandle(() => {
    const shown: Shown[] = [];
    const look = () => {
      const view = document.querySelector<HTMLElement>("[data-playing]");
      if (!view) return;
      const text = (selector: string) => view.querySelector(selector)?.textContent ?? "";
      const isInSight = (selector: string) => {
        const box = view.querySelector(selector)?.getBoundingClientRect();
        return box !== undefined && box.height > 0 && box.top >= 0 && box.bottom <= innerHeight;
      };
      const entry = {
        at: view.dataset.playing ?? "",
        isCounted: view.querySelector("[data-count]") !== null,
        isInSight:
          isInSight("[aria-label=Now] [data-picture=grip]") && isInSight("[aria-label='The bar']"),
        now: text("[aria-label=Now] [data-chord-name]"),
        next: `${text("[aria-label=Next] [data-chord-name]")} ${text("[data-wait]")}`,
      };
      if (JSON.stringify(entry) !== JSON.stringify(shown.at(-1))) shown.push(entry);
    };
    new MutationObserver(look).observe(document.body, {
      subtree: true,
      childList: true,
      characterData: true,
      attributes: true,
    });
    return shown;
  });
  return () => notes.jsonValue();
}

/** What is to be shown at a beat, worked out from the chart. */
function expectedAt(bar: number, beat: number): Pick<Shown, "now" | "next"> {
  const { arrangement, route, request } = makeSong(CHART);
  const start = arrangement.bars[bar]?.start ?? 0;
  const { chord, next } = momentAt({ arrangement, route, neck: request.neck }, start + beat);
  const nameOf = (index: number | undefined | null) => arrangement.chords[index ?? -1]?.name ?? "";
  const wait = next && waitUntil(arrangement, start + beat, next.at);
  const words =
    wait === null
      ? ""
      : wait.unit === "beats" && wait.count <= 1
        ? "next beat"
        : `in ${wait.count} ${wait.count === 1 ? wait.unit.slice(0, -1) : wait.unit}`;
  return { now: nameOf(chord), next: `${nameOf(next?.chord)} ${words}` };
}

for (const [width, height] of [
  [1280, 800],
  [768, 1024],
  [390, 844],
] as const) {
  test(`what is shown at each beat is what is scheduled, at ${width} px`, async ({ page }) => {
    await openSong(page);
    await pasteChart(page, CHART);
    await expect(stops(page)).toHaveCount(7);
    await page.setViewportSize({ width, height });
    const shown = await noteShown(page);
    await page.getByRole("button", { name: "Play", exact: true }).click();
    await expect(page.locator("[data-playing]")).toBeVisible();
    await page.keyboard.press("v");
    await expect(page.getByRole("button", { name: "Leave the stage" })).toBeVisible();
    await expect(page.locator("[data-playing]")).toHaveCount(0, { timeout: 30_000 });
    const all = await shown();
    const played = all.filter(({ isCounted, at }) => !isCounted && at !== "");
    expect(new Set(played.map(({ at }) => at)).size).toBeGreaterThanOrEqual(18);
    for (const { at, now: name, next } of played) {
      const [bar = 1, beat = 1] = at.split(".").map(Number);
      expect({ at, now: name, next }).toEqual({ at, ...expectedAt(bar - 1, beat - 1) });
    }
    // During the count-in the first grip is shown and in sight.
    const counted = all.filter(({ isCounted }) => isCounted);
    expect(counted.length).toBeGreaterThan(0);
    expect(new Set(counted.map(({ now: name }) => name))).toEqual(new Set(["E5"]));
    expect(counted.some(({ isInSight }) => isInSight)).toBe(true);
  });
}

test("each route that is listed is the one that is drawn, by click and by key", async ({
  page,
}) => {
  await openSong(page);
  await pickSong(page, "Quarry Lights");
  const routes = page.getByRole("group", { name: "Routes" }).getByRole("button");
  await expect(routes.nth(2)).toBeVisible();
  const count = await routes.count();
  for (let at = 0; at < count; at++) {
    const route = routes.nth(at);
    await route.click();
    await expect(route).toHaveAttribute("aria-pressed", "true");
    const holds = /(\d+) bpm/.exec((await route.textContent()) ?? "")?.[1];
    await expect(page.locator("[data-summary]")).toContainText(`Holds to ${holds} bpm`);
  }
  await page.keyboard.press("]");
  await expect(routes.first()).toHaveAttribute("aria-pressed", "true");
  await page.keyboard.press("[");
  await expect(routes.nth(count - 1)).toHaveAttribute("aria-pressed", "true");
});

test("a song retunes nothing; it says what it wants, and both ways out work", async ({ page }) => {
  await page.goto("/");
  const tuning = page.getByRole("button", { name: /^Tuning: / });
  const before = await tuning.getAttribute("aria-label");
  await openSong(page);
  await pickSong(page, "Paper Lantern");
  const wants = page.locator("[data-wants]").filter({ visible: true });
  await expect(wants).toContainText("wants Standard");
  await expect(tuning).toHaveAttribute("aria-label", before ?? "");
  await wants.getByRole("button", { name: "retune" }).click();
  await expect(tuning).toHaveAttribute("aria-label", "Tuning: Standard. Change");
  await expect(wants).toHaveCount(0);
  await notice(page).getByRole("button", { name: "Undo" }).click();
  await expect(tuning).toHaveAttribute("aria-label", before ?? "");
  await wants.getByRole("button", { name: /^play it in / }).click();
  await expect(wants).toHaveCount(0);
  // Elsewhere and back: the song that was opened last.
  await page.getByRole("link", { name: "Neck" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.getByRole("link", { name: "Song" }).click();
  await expect(page.getByRole("textbox", { name: "Name of the song" })).toHaveValue(
    "Paper Lantern",
  );
});

test("an empty song offers ways to begin; the tuning in a chart is taken", async ({ page }) => {
  await openSong(page);
  await page.getByRole("button", { name: "Your songs" }).click();
  await page.getByRole("button", { name: "New song", exact: true }).click();
  await expect(page.getByRole("button", { name: "Play", exact: true })).toHaveCount(0);
  await page.getByRole("combobox", { name: "In the key of" }).selectOption("E");
  await page.getByRole("button", { name: "Twelve bars" }).click();
  await expect(stops(page)).toHaveCount(12);
  await editor(page).press("Control+Home");
  await page.keyboard.type("Tuning: drop C\n");
  await expect(page.locator("[data-wants]").filter({ visible: true })).toContainText(
    "wants Drop C",
  );
  await expect(strip(page)).toBeVisible();
  // The list of completions leaves Enter alone.
  await expect(editor(page)).toContainText("Tuning: drop CKey: E");
  await expect(editor(page).locator(".cm-line").nth(1)).toHaveText("Key: E");
});

test("Escape leaves the editor, Space plays wherever the focus is, words can become a heading", async ({
  page,
}) => {
  await openSong(page);
  await pasteChart(page, "Tempo: 60\n\nThe loud bit\n| A5 | D5 |\n\nVerse\n| E5 |\n");
  await expect(stops(page)).toHaveCount(3);
  await page.getByRole("button", { name: "It is a heading" }).click();
  await expect(editor(page)).toContainText("[The loud bit]");
  await expect(page.locator(".cm-roles [data-role=heading]")).toHaveCount(2);
  await editor(page).click();
  await page.keyboard.press("Escape");
  await expect(editor(page)).not.toBeFocused();
  await choose(page, "Shape it", "Limits");
  const five = page.getByRole("button", { name: "Roots on string 5" });
  await expect(five).toHaveAttribute("aria-pressed", "false");
  await five.click();
  await expect(five).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByRole("button", { name: "Roots on string 6" })).toHaveAttribute(
    "aria-pressed",
    "false",
  );
  await page.getByRole("button", { name: "Stage", exact: true }).focus();
  await page.keyboard.press(" ");
  await expect(page.getByRole("button", { name: "Stop", exact: true })).toBeVisible();
  await page.keyboard.press(" ");
  await expect(page.getByRole("button", { name: "Play", exact: true })).toBeVisible();
});

test("all as power chords is said everywhere", async ({ page }) => {
  await openSong(page);
  await pasteChart(page, "| Am | F |\n");
  await choose(page, "Shape it", "Limits");
  await page
    .getByRole("combobox", { name: "Chords", exact: true })
    .selectOption("all as power chords");
  await expect(page.getByRole("region", { name: "Now" })).toContainText("A5");
  await expect(page.locator("[data-chart]")).toContainText("A5");
  await expect(strip(page)).toContainText("F5");
  await expect(stops(page).first()).toHaveAttribute("aria-label", /^A5/);
  await expect(page.locator("main").getByText("Am", { exact: true })).toHaveCount(1);
});

test("a section in a tuning of its own is played on another guitar", async ({ page }, info) => {
  await openSong(page);
  await pasteChart(
    page,
    "Tempo: 240\nTuning: drop D\n\nVerse\n| D5 | G5 |\nSolo\nTuning: standard\n| E5 | A5 | E5 |\n",
  );
  const guitars = page.getByRole("group", { name: "Guitar changes" });
  await expect(guitars.getByRole("button")).toHaveText(["Drop DVerse", "StandardSolo"]);
  await expect(stops(page)).toHaveCount(2);
  await page.getByRole("button", { name: "Play", exact: true }).click();
  await expect(page.getByRole("status").filter({ hasText: "Change guitar" })).toHaveText(
    "Change guitar: Standard. Then Play.",
    { timeout: 30_000 },
  );
  await expect(stops(page)).toHaveCount(3);
  await page.getByRole("button", { name: "Play", exact: true }).click();
  await expect(page.locator("[data-playing]")).toBeVisible();
  await expect(page.getByRole("status").filter({ hasText: "Change guitar" })).toHaveCount(0);
  await expect(page.locator("[data-playing]")).toHaveCount(0, { timeout: 30_000 });
  // A section chosen in the chart brings its guitar with it.
  await page.getByRole("group", { name: "Section" }).getByRole("button", { name: "Verse" }).click();
  await expect(stops(page)).toHaveCount(2);
  await choose(page, "Share", "Save as a file");
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page
      .getByRole("dialog")
      .getByRole("button", { name: /^Tablature/ })
      .click(),
  ]);
  const path = join(info.outputDir, file.suggestedFilename());
  await file.saveAs(path);
  const text = readFileSync(path, "utf8");
  expect(text).toContain("D5");
  expect(text).not.toContain("E5");
});
