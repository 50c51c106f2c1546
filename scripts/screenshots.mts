import { type Page } from "@playwright/test";
import { RIFF } from "../e2e/riff";
import { withDemo } from "./lib/withDemo.mts";

/** Redraws the pictures of docs/screenshots from the build, on fresh demo data. */
interface Picture {
  readonly name: string;
  readonly path: string;
  readonly width?: number;
  readonly height?: number;
  readonly dark?: boolean;
  readonly prepare?: (page: Page) => Promise<void>;
}

const SETTLE_MS = 500;

/** Takes a tuning; the retune sheet that follows stays open. */
const openSheet = (text: string) => async (page: Page) => {
  await page.keyboard.press("t");
  await page.getByRole("textbox").fill(text);
  await page.keyboard.press("Enter");
  await page.getByRole("dialog", { name: /^Retune/ }).waitFor();
};

const takeTuning = (text: string) => async (page: Page) => {
  await openSheet(text)(page);
  await page.keyboard.press("Escape");
};

const RIFF_CHART = `Title: Gravel
Tempo: 104
Intro
| 6:0 6:0 6:3 . 6:5 6:3 6:5h7 . | 6:0 ~muted 6:x 5:3~ 5:5b 6:0 ~muted 6:x A5 . |
Verse
| E5 | G5 . 6:3 6:5 | A5 | C5 . B5 . |
`;

const PICTURES: readonly Picture[] = [
  { name: "neck", path: "/" },
  {
    name: "neck-stage",
    path: "/?tuning=40,45,50,55,59,64&root=D&voicing=0,7,12&grip=x-5-7-7-x-x&stage=yes",
    prepare: (page) => page.getByRole("button", { name: "Next grip" }).waitFor(),
  },
  {
    name: "song",
    path: "/song",
    prepare: async (page) => {
      await page.getByRole("group", { name: "Routes" }).getByRole("button").nth(2).waitFor();
      await page.getByRole("button", { name: "Play", exact: true }).click();
      await page.getByText("Verse, bar 2 of 28").waitFor();
    },
  },
  {
    name: "song-stage",
    path: "/song",
    prepare: async (page) => {
      await page.locator("[data-editor=chart] .cm-content").click();
      await page.keyboard.press("Control+a");
      await page.keyboard.insertText(RIFF_CHART);
      await page.getByRole("button", { name: /^Riff 6:0 6:x.*, bar 2$/ }).click();
      await page.keyboard.press("v");
      await page.getByRole("button", { name: "Leave the stage" }).waitFor();
    },
  },
  { name: "name", path: "/name?frets=x-5-7-7-6-x", height: 1040 },
  { name: "neck-dark", path: "/", dark: true, prepare: takeTuning("8-string drop E") },
  { name: "neck-phone", path: "/", width: 390, height: 844 },
  { name: "compare", path: "/compare" },
  {
    name: "compare-search",
    path: "/compare",
    prepare: async (page) => {
      await page.getByRole("button", { name: "Find a tuning" }).click();
      await page.getByRole("button", { name: "Safe tension only" }).click();
      await page.getByRole("button", { name: /^Search \d/ }).click();
      await page.getByText(/^Done in/).waitFor();
    },
  },
  {
    name: "tuning",
    path: "/",
    prepare: async (page) => {
      await page.keyboard.press("t");
      await page.getByRole("textbox").fill("dadgbbe");
    },
  },
  {
    name: "rig-guitars",
    path: "/rig",
    height: 1120,
    prepare: (page) => page.getByRole("button", { name: "Open Baritone eight" }).click(),
  },
  { name: "rig-tunings", path: "/rig/tunings" },
  { name: "rig-retune", path: "/rig/retune", prepare: takeTuning("C G C F A D") },
  { name: "retune-sheet", path: "/", width: 768, height: 1024, prepare: openSheet("DADGAD") },
  {
    name: "rig-tuner",
    path: "/rig/tuner",
    prepare: async (page) => {
      await page.getByRole("button", { name: "Pluck an example" }).click();
      await page.getByText("Flat: wind it up.").waitFor();
      await page.waitForTimeout(SETTLE_MS);
    },
  },
  { name: "rig-you", path: "/rig/player", dark: true },
  {
    name: "practice",
    path: "/practice",
    prepare: (page) => page.getByText("in Quarry Lights").first().waitFor(),
  },
  {
    name: "practice-log",
    path: "/practice/log?drill=move:fret-to-fret:6-5:3-7:up",
    prepare: (page) => page.getByRole("img", { name: /fastest clean round/ }).waitFor(),
  },
  {
    name: "bring-in",
    path: "/rig/data",
    prepare: async (page) => {
      await page.getByRole("button", { name: "Bring in a file" }).click();
      await page.getByLabel("Or paste a text").fill(RIFF);
      await page.getByRole("button", { name: "Look at the text" }).click();
      await page.getByRole("row", { name: /Tenon's route/ }).waitFor();
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
