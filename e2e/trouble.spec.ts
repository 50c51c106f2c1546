import { type Page } from "@playwright/test";
import { waitForLife } from "./alive";
import { expect, grips, test } from "./fixtures";
import { PORT } from "./settings";

/** A page of its own, because the browser rightly logs what these tests break. */
const brokenPage = test.extend<{ broken: Page }>({
  broken: async ({ browser }, lend) => {
    const context = await browser.newContext({ baseURL: `http://127.0.0.1:${PORT}` });
    context.on("page", waitForLife);
    await lend(await context.newPage());
    await context.close();
  },
});

brokenPage("what cannot be saved yet waits, says so, and is saved later", async ({ broken }) => {
  await broken.goto("/");
  await expect(grips(broken).first()).toBeVisible();
  await broken.route("**/changes", (route) => route.abort());
  await broken.keyboard.press("Enter");
  await broken.keyboard.press("g");
  await expect(broken.getByText(/waits?, Tenon away since/)).toBeVisible();
  await expect(broken.getByRole("heading", { name: "G5 in Drop D" })).toBeVisible();
  // Another page goes on with what this one could not save.
  await broken.goto("/");
  await expect(broken.getByRole("heading", { name: "G5 in Drop D" })).toBeVisible();
  await broken.unroute("**/changes");
  await expect(broken.getByText(/waits?, Tenon away since/)).toBeHidden();
  await broken.keyboard.press("c");
  await expect(broken.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
});

brokenPage(
  "without its worker the screen still maps the neck, and says what is missing",
  async ({ broken }) => {
    await broken.addInitScript(() => {
      Object.defineProperty(window, "Worker", {
        value: class {
          constructor() {
            throw new Error("no worker here");
          }
        },
      });
    });
    await broken.goto("/");
    await expect(broken.getByText("The grips could not be worked out.")).toBeVisible();
    await expect(broken.getByRole("button", { name: "String 5, fret 3: C, root" })).toBeVisible();
  },
);

brokenPage("a screen that fails keeps the frame and offers to try again", async ({ broken }) => {
  await broken.addInitScript(() => {
    Object.defineProperty(window, "ResizeObserver", { value: undefined, configurable: true });
  });
  await broken.goto("/");
  await expect(broken.getByRole("heading", { name: "This screen stopped" })).toBeVisible();
  await expect(broken.getByRole("link", { name: "Compare" })).toBeVisible();
  await expect(broken.getByRole("button", { name: "Try again" })).toBeVisible();
});

brokenPage("a part that cannot be fetched says so, and comes once it can", async ({ broken }) => {
  // While a page has no idle time, nothing of what opens on demand is fetched.
  await broken.addInitScript(() => {
    Object.defineProperty(window, "requestIdleCallback", { value: () => 0 });
  });
  await broken.goto("/");
  await expect(grips(broken).first()).toBeVisible();
  await broken.context().setOffline(true);
  await broken.keyboard.press("v");
  const sorry = broken.getByText("The stage view could not be fetched. Is Tenon still running?");
  await expect(sorry).toBeVisible();
  await broken.keyboard.press("Escape");
  await expect(sorry).toBeHidden();
  await broken.keyboard.press("t");
  await expect(broken.getByText("The list of tunings could not be fetched.")).toBeVisible();
  await broken.context().setOffline(false);
  await broken.getByRole("button", { name: "Try again" }).click();
  await expect(broken.getByRole("dialog")).toBeVisible();
  await broken.keyboard.press("Escape");
  await broken.keyboard.press("v");
  await expect(broken.getByRole("button", { name: "Leave the stage view" })).toBeVisible();
});

brokenPage("what is fetched in idle time opens with the server away", async ({ broken }) => {
  await broken.goto("/");
  await expect(grips(broken).first()).toBeVisible();
  const atFirst = await scriptCount(broken);
  let last = atFirst;
  const hasAllOfIt = async () => {
    const before = last;
    last = await scriptCount(broken);
    return last > atFirst && last === before;
  };
  await expect.poll(hasAllOfIt, { intervals: [1500] }).toBe(true);
  await broken.context().setOffline(true);
  await broken.keyboard.press("t");
  await expect(broken.getByRole("dialog", { name: /^Tune / })).toBeVisible();
  await broken.keyboard.press("Escape");
  await broken.keyboard.press("?");
  await expect(broken.getByRole("dialog", { name: "Keys" })).toContainText("Next string");
  await broken.keyboard.press("Escape");
  await broken.keyboard.press("v");
  await expect(broken.getByRole("button", { name: "Leave the stage view" })).toBeVisible();
});

const scriptCount = (page: Page) =>
  page.evaluate(
    () =>
      performance.getEntriesByType("resource").filter(({ name }) => name.endsWith(".js")).length,
  );
