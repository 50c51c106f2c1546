import { type Page } from "@playwright/test";
import { expect } from "./fixtures";

export const sitting = (page: Page) => page.getByRole("region", { name: "Sitting" });

/** Goes on to the part of a sitting that shows a text. */
export async function goTo(page: Page, text: string | RegExp): Promise<void> {
  await expect(async () => {
    if (await sitting(page).getByText(text).first().isVisible()) return;
    const before = await sitting(page).textContent();
    await page.keyboard.press("n");
    await expect(sitting(page)).not.toHaveText(before ?? "");
    await expect(sitting(page).getByText(text).first()).toBeVisible({ timeout: 1000 });
  }).toPass();
}
