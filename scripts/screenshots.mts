import { type Page } from "@playwright/test";
import { withDemo } from "./lib/withDemo.mts";

/** Draws the pictures of docs/screenshots anew from the build, on fresh demo data. */
interface Picture {
  readonly name: string;
  readonly path: string;
  readonly width?: number;
  readonly height?: number;
  readonly dark?: boolean;
  readonly prepare?: (page: Page) => Promise<void>;
}

const SETTLE_MS = 500;

const takeTuning = (text: string) => async (page: Page) => {
  await page.keyboard.press("t");
  await page.getByRole("textbox").fill(text);
  await page.keyboard.press("Enter");
};

const PICTURES: readonly Picture[] = [
  { name: "neck", path: "/" },
  { name: "neck-dark", path: "/", dark: true, prepare: takeTuning("8-string drop E") },
  { name: "neck-tablet", path: "/", width: 768, height: 1024, prepare: takeTuning("standard") },
  { name: "neck-phone", path: "/", width: 390, height: 844 },
  { name: "compare", path: "/compare" },
  {
    name: "tuning",
    path: "/",
    prepare: async (page) => {
      await page.keyboard.press("t");
      await page.getByRole("textbox").fill("dadgbbe");
    },
  },
];

await withDemo(async ({ browser, address, reset }) => {
  for (const { name, path, width = 1280, height = 800, dark = false, prepare } of PICTURES) {
    reset();
    const context = await browser.newContext({
      viewport: { width, height },
      colorScheme: dark ? "dark" : "light",
      reducedMotion: "reduce",
    });
    const page = await context.newPage();
    await page.goto(address + path, { waitUntil: "networkidle" });
    await prepare?.(page);
    await page.waitForTimeout(SETTLE_MS);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    await context.close();
    console.log(`docs/screenshots/${name}.png`);
  }
});
