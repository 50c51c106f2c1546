import { expect, type Page } from "@playwright/test";
import { openDatabase } from "@/server/database";
import { test as base } from "./alive";
import { freshData } from "./freshData";
import { DATA_FOLDER } from "./settings";

/** A test on fresh demo data that fails on any error in the browser's console, policy breaches included. */
export const test = base.extend<{ freshData: void; quietConsole: void }>({
  freshData: [
    async ({}, use) => {
      freshData();
      await use();
    },
    { auto: true },
  ],
  quietConsole: [
    async ({ page }, use) => {
      const errors = watchConsole(page);
      await use();
      expect(errors).toEqual([]);
      await leave(page);
    },
    { auto: true },
  ],
});

export { expect };

/**
 * Leaves a page, which sends its last choice on its way out, and waits for an answer of the server, so
 * that the choice does not come late into the next test's data.
 */
async function leave(page: Page): Promise<void> {
  if (page.isClosed()) return;
  await page.goto("about:blank");
  // The profile's connections are older than this test, and the server may just have closed one.
  await page.request.get("/changes", { maxRetries: 2 });
}

/** Collects what a page complains about. */
export function watchConsole(page: Page): string[] {
  const errors: string[] = [];
  page.on("console", (message) => {
    if (message.type() === "error") errors.push(message.text());
  });
  page.on("pageerror", (error) => errors.push(error.message));
  return errors;
}

/** Makes the data those of somebody who has not chosen anything yet. */
export function forgetChoice(): void {
  const connection = openDatabase(DATA_FOLDER);
  connection.exec("DELETE FROM choice");
  connection.close();
}

/** The rows of the list of grips. */
export const grips = (page: Page) => page.getByRole("listbox").getByRole("option");

/** The row of the grip in front. */
export const chosenGrip = (page: Page) =>
  page.getByRole("listbox").getByRole("option", { selected: true });

/** Opens the neck and waits until its grips are there. */
export async function openNeck(page: Page): Promise<void> {
  await page.goto("/");
  await expect(grips(page).first()).toBeVisible();
}

/** Types a tuning into the dialog and takes it, only to look at it. */
export async function takeTuning(page: Page, text: string): Promise<void> {
  await page.keyboard.press("t");
  await page.getByRole("textbox").fill(text);
  await page.keyboard.press("Enter");
  await leaveRetuneSheet(page);
}

/** Closes the retune sheet that follows a new tuning, where the guitar does not hang in it yet. */
export async function leaveRetuneSheet(page: Page): Promise<void> {
  await expect(page.getByRole("dialog", { name: /^Tune / })).toHaveCount(0);
  const sheet = page.getByRole("dialog", { name: /^Retune / });
  const look = sheet.getByRole("button", { name: /Just looking/ });
  if (await page.getByRole("button", { name: "Retune", exact: true }).count()) await look.click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
}

/** Which guitar is in the player's hands. */
export const guitarMenu = (page: Page) => page.getByRole("combobox", { name: "Guitar" });

/** The last word to the player. */
export const notice = (page: Page) => page.getByRole("status").filter({ hasText: /\S/ }).first();

/** Goes to a part of the rig as a player does. */
export async function toRig(page: Page, part: string): Promise<void> {
  await page.getByRole("link", { name: "Rig" }).click();
  await page.getByRole("navigation", { name: "Rig" }).getByRole("link", { name: part }).click();
}

/** Holds the page against windows of several widths in px: nothing runs off at the side. */
export async function expectNothingWider(page: Page, widths: readonly number[]): Promise<void> {
  for (const width of widths) {
    await page.setViewportSize({ width, height: 844 });
    const excess = async () =>
      page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
    await expect.poll(excess).toBe(0);
  }
}
