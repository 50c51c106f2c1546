import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { test as base, type BrowserContext, type Page } from "@playwright/test";
import { fixClockOf } from "./clock";
import { OWN_PORT, PORT } from "./settings";

/** A test whose pages answer once they listen. All tests of a worker share one browser profile, emptied between them. */
export const test = base.extend<object, { profile: BrowserContext }>({
  profile: [
    async ({ playwright }, lend, { project }) => {
      // Its cache keeps scripts compiled from one journey to the next; a new profile compiles them for every page.
      const folder = mkdtempSync(join(tmpdir(), "tenon-profile-"));
      const { viewport, launchOptions, actionTimeout = 0 } = project.use;
      const profile = await playwright.chromium.launchPersistentContext(folder, {
        ...launchOptions,
        viewport: viewport ?? null,
        baseURL: `http://127.0.0.1:${PORT}`,
      });
      profile.setDefaultTimeout(actionTimeout);
      await fixClockOf(profile);
      profile.on("page", waitForLife);
      await lend(profile);
      await profile.close();
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: "worker" },
  ],
  context: async ({ profile }, lend) => {
    // The first page stays: a profile without pages would close.
    const [first, ...left] = profile.pages();
    for (const page of left) await page.close();
    if (first) await forgetAll(profile, first);
    await lend(profile);
  },
});

/** Deletes what pages saved in the browser, and leaves what was loaded. */
async function forgetAll(profile: BrowserContext, page: Page): Promise<void> {
  const session = await profile.newCDPSession(page);
  for (const port of [PORT, OWN_PORT, OWN_PORT + 1]) {
    const origin = `http://127.0.0.1:${port}`;
    await session.send("Storage.clearDataForOrigin", { origin, storageTypes: "all" });
  }
  await session.detach();
}

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
