import { test as base, type Page } from "@playwright/test";
import { fixClockOf } from "./clock";

/** A test whose pages answer once they listen. */
export const test = base.extend({
  context: async ({ context }, lend) => {
    await fixClockOf(context);
    context.on("page", waitForLife);
    await lend(context);
  },
});

/** Makes a page that is gone to or loaded again answer only once it listens: what is pressed before is lost. */
export function waitForLife(page: Page): void {
  const goTo = page.goto.bind(page);
  const reload = page.reload.bind(page);
  const comesAlive = () => page.locator("html[data-alive]").waitFor({ state: "attached" });
  page.goto = async (...args) => {
    const response = await goTo(...args);
    if (page.url().startsWith("http")) await comesAlive();
    return response;
  };
  page.reload = async (...args) => {
    const response = await reload(...args);
    await comesAlive();
    return response;
  };
}
