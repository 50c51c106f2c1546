import { type Page } from "@playwright/test";
import { expect, grips, test } from "./fixtures";
import { PORT } from "./settings";

/** A page of its own, because the browser rightly logs what these tests break. */
const brokenPage = test.extend<{ broken: Page }>({
  broken: async ({ browser }, lend) => {
    const context = await browser.newContext({ baseURL: `http://127.0.0.1:${PORT}` });
    await lend(await context.newPage());
    await context.close();
  },
});

brokenPage("a pin that cannot be saved is said so, and nothing pretends", async ({ broken }) => {
  await broken.goto("/");
  await expect(grips(broken).first()).toBeVisible();
  await broken.route("**/*", (route) =>
    route.request().method() === "POST" ? route.abort() : route.continue(),
  );
  await broken.keyboard.press("Enter");
  await expect(broken.getByText("Tenon does not answer. Is it still running?")).toBeVisible();
  await expect(broken.getByRole("button", { name: "Pin this grip" })).toBeVisible();
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
