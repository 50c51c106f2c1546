import { expect, type Page } from "@playwright/test";

/** A chart to paste, which no song of the demo has. */
export const CHART = `Title: Gravel Road
Tempo: 150

Verse
| A5 . D5 . | E5 | A5 G5 C5 . |
Chorus
|: F5 | C5 . G5 . :|
`;

/** What the journeys of the Song room look at. */
export const editor = (page: Page) => page.getByRole("textbox", { name: "Chart" });
export const stops = (page: Page) => page.locator("[data-picture=path] [data-chord]");
export const summary = (page: Page) => page.locator("[data-summary]");
export const badge = (page: Page) => page.getByRole("status", { name: "Saving" });
export const strip = (page: Page) => page.getByRole("list", { name: "Grips of the section" });

export async function openSong(page: Page, query = ""): Promise<void> {
  await page.goto(`/song${query}`);
  // The editor comes after the first paint, in place of a plain field.
  await expect(page.locator("[data-editor=chart] .cm-content")).toBeVisible();
}

/** Opens a song of the player's list. */
export async function pickSong(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "Your songs" }).click();
  await page.getByRole("button", { name: `Open ${name}` }).click();
  await expect(page.getByRole("textbox", { name: "Name of the song" })).toHaveValue(name);
}

/** Begins a song and puts a chart into it, as one pastes. */
export async function pasteChart(page: Page, text: string): Promise<void> {
  await page.getByRole("button", { name: "Your songs" }).click();
  await page.getByRole("button", { name: "New song", exact: true }).click();
  await editor(page).click();
  await page.evaluate(async (chart) => {
    const data = new DataTransfer();
    data.setData("text/plain", chart);
    document
      .querySelector("[data-editor=chart] .cm-content")
      ?.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true }));
  }, text);
}

/** Waits until everything is on the server. */
export async function saved(page: Page): Promise<void> {
  // Longer than a song waits before it is sent, and than the badge waits before it speaks.
  await page.waitForTimeout(900);
  await expect(badge(page)).toBeEmpty();
}

/** Chooses an entry of a menu in the header of the Song room. */
export async function choose(page: Page, menu: "Shape it" | "Share", name: string): Promise<void> {
  await page.getByRole("button", { name: menu }).filter({ visible: true }).click();
  await page.getByRole("menuitem", { name, exact: true }).click();
}

/** Sets the song's tempo in the Edit panel. */
export async function setTempo(page: Page, bpm: number): Promise<void> {
  await page.getByRole("button", { name: "Edit", exact: true }).click();
  await page.getByLabel("Tempo", { exact: true }).fill(String(bpm));
  await page.keyboard.press("Enter");
}
