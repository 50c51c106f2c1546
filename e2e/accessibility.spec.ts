import AxeBuilder from "@axe-core/playwright";
import { type Page } from "@playwright/test";
import { expect, forgetChoice, openNeck, takeTuning, test, toRig } from "./fixtures";
import { choose, openSong, stops } from "./songPage";
import { goTo, sitting } from "./practicePage";

/** What a theme can change: a page has the same elements in both. */
const COLOUR_RULES = ["color-contrast", "link-in-text-block"];

/** In the light theme everything is looked at, in the dark one what can differ there. */
async function expectNoViolations(page: Page): Promise<void> {
  const inLight = await violations(axeOn(page));
  await page.emulateMedia({ colorScheme: "dark" });
  const inDark = await violations(axeOn(page).withRules(COLOUR_RULES));
  await page.emulateMedia({ colorScheme: "light" });
  expect({ inLight, inDark }).toEqual({ inLight: [], inDark: [] });
}

/** No page has frames, so axe can do its work in the page itself, which is quicker; only what it finds wrong is told. */
function axeOn(page: Page): AxeBuilder {
  return new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ["violations"] });
}

async function violations(axe: AxeBuilder): Promise<readonly string[]> {
  const { violations: found } = await axe.analyze();
  return found.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(" ")}`);
}

test.describe("axe finds nothing to mend in either theme", () => {
  // Colours on their way from one theme to the other are none of either.
  test.beforeEach(({ page }) =>
    page.emulateMedia({ colorScheme: "light", reducedMotion: "reduce" }),
  );

  test("Neck", async ({ page }) => {
    await openNeck(page);
    await expectNoViolations(page);
  });

  test("Name", async ({ page }) => {
    await page.goto("/name?frets=x-5-7-7-x-x");
    await expect(page.getByRole("heading", { name: "D5" })).toBeVisible();
    await expectNoViolations(page);
  });

  test("Neck with its filters open", async ({ page }) => {
    await openNeck(page);
    await page.getByRole("button", { name: "Filter" }).click();
    await page.keyboard.press("s");
    await expect(page.getByRole("button", { name: "Drop: strum-safe" })).toBeVisible();
    await expectNoViolations(page);
  });

  test("Neck with its panels, its sheet, the stage and own voicings", async ({ page }) => {
    await openNeck(page);
    await page.getByRole("button", { name: "View", exact: true }).click();
    await page.getByRole("button", { name: "Even" }).click();
    await page.getByRole("button", { name: "Roughness as gain goes up" }).click();
    await expect(page.getByRole("img", { name: /^Roughness by gain/ })).toBeVisible();
    await expectNoViolations(page);
    await page.getByRole("button", { name: "Save or print" }).click();
    await page.getByRole("button", { name: "Print a sheet" }).click();
    await expect(page.getByRole("dialog", { name: "Sheet to print" })).toBeVisible();
    await expectNoViolations(page);
    await page.keyboard.press("Escape");
    await page.keyboard.press("v");
    await expect(page.getByText("1 of 21")).toBeVisible();
    await expectNoViolations(page);
    await page.keyboard.press("v");
    await page
      .getByRole("combobox", { name: "Own voicings and chords in any voicing" })
      .selectOption("make or change…");
    await expect(page.getByRole("dialog", { name: "Own voicings" })).toBeVisible();
    await expectNoViolations(page);
  });

  test("the first use", async ({ page }) => {
    forgetChoice();
    await page.goto("/");
    await expect(page.getByRole("button", { name: "Show my neck" })).toBeVisible();
    await expectNoViolations(page);
  });

  test("Practice: the plan, drills that are played and asked, and the log", async ({ page }) => {
    await page.goto("/practice");
    await expect(page.getByRole("list", { name: "Parts of the sitting" })).toContainText("Lights");
    await expectNoViolations(page);
    await page.keyboard.press("Space");
    await expect(sitting(page)).toContainText(/part 1 of \d/);
    await page.getByText("Metronome and ladder").click();
    await page.getByText("Listen to my time").click();
    await expectNoViolations(page);
    await page
      .getByText("Listen to my time")
      .evaluate((element) => (element as HTMLElement).blur());
    await goTo(page, "Which note is this?");
    await expectNoViolations(page);
    await page.goto("/practice/log");
    await expect(page.getByRole("img", { name: /^Minutes by day/ })).toBeVisible();
    await expectNoViolations(page);
  });

  test("Song and its panels", async ({ page }) => {
    await openSong(page);
    await expect(stops(page).first()).toBeVisible();
    await page.keyboard.press("w");
    await expect(page.getByRole("list", { name: "Grips to pin" })).toBeVisible();
    await expectNoViolations(page);
    for (const panel of ["Limits", "Texture", "Key and forms"]) {
      await choose(page, "Shape it", panel);
      await expectNoViolations(page);
    }
    for (const panel of ["Edit", "Your songs", "How it plays"]) {
      await page.getByRole("button", { name: panel, exact: true }).click();
      await expectNoViolations(page);
    }
  });

  test("Song, its dialogs and the stage", async ({ page }) => {
    await openSong(page);
    await expect(stops(page).first()).toBeVisible();
    await page.keyboard.press("w");
    await page.getByRole("button", { name: "Compare two" }).click();
    await expect(page.getByRole("dialog")).toContainText("Neither is wrong");
    await expectNoViolations(page);
    await page.keyboard.press("Escape");
    await choose(page, "Share", "Sheet");
    await expect(page.getByRole("dialog", { name: "Song as a sheet" })).toBeVisible();
    await expectNoViolations(page);
    await page.keyboard.press("Escape");
    await page.keyboard.press("v");
    await expect(page.getByRole("button", { name: "Leave the stage" })).toBeVisible();
    await expectNoViolations(page);
  });

  test("Saving a song, and bringing in a file", async ({ page }) => {
    await openSong(page);
    await expect(stops(page).first()).toBeVisible();
    await choose(page, "Share", "Save as a file");
    await expect(page.getByRole("dialog", { name: /^Save / })).toBeVisible();
    await expectNoViolations(page);
    await page.goto("/rig/data");
    await page.getByRole("button", { name: "Bring in a file" }).click();
    await expect(page.getByRole("dialog", { name: "Bring in a file" })).toBeVisible();
    await expectNoViolations(page);
    await page.getByLabel("Or paste a text").fill("Title: Gate\n| A5 . Hx . |\nsing this line\n");
    await page.getByRole("button", { name: "Look at the text" }).click();
    await expect(page.getByRole("list", { name: "Line by line" })).toBeVisible();
    await expectNoViolations(page);
  });

  test("Compare, its panels, its holds and its sheet", async ({ page }) => {
    await page.goto("/compare");
    await expect(page.getByText(/serves best\. Compared with/)).toBeVisible();
    await expectNoViolations(page);
    for (const panel of ["Weigh", "Save", "Find a tuning"]) {
      // An open panel may have a button of the same name.
      const toggle = page.getByRole("button", { name: panel, exact: true }).first();
      await toggle.click();
      await expect(toggle).toHaveAttribute("aria-expanded", "true");
      await expectNoViolations(page);
    }
    await page.getByRole("button", { name: /^Search \d/ }).click();
    await expect(page.getByText(/^Done in/)).toBeVisible();
    await expectNoViolations(page);
    for (const hold of ["Pitches", "Shape"]) {
      await page.getByRole("button", { name: hold, exact: true }).click();
      await expect(page.getByRole("textbox", { name: /Shape in/ })).toBeVisible();
      await expectNoViolations(page);
    }
    await page.getByRole("button", { name: "Chord", exact: true }).click();
    await page.getByRole("button", { name: "Save", exact: true }).click();
    await page.getByRole("button", { name: "Print or save as PNG" }).click();
    await expect(page.getByRole("dialog")).toBeVisible();
    await expectNoViolations(page);
  });

  for (const [part, heading] of [
    ["Guitars", "Guitars"],
    ["Tunings", "Favourites"],
    ["Retune", "Turn, in this order"],
    ["You", "Your hand and level"],
    ["Data", "Your data"],
  ] as const) {
    test(`Rig, ${part}`, async ({ page }) => {
      await openNeck(page);
      await takeTuning(page, "drop C");
      await toRig(page, part);
      await expect(page.getByRole("heading", { name: heading, exact: true })).toBeVisible();
      await expectNoViolations(page);
    });
  }

  test("Rig, tuner", async ({ page }) => {
    await page.goto("/rig/tuner");
    await expect(page.getByRole("button", { name: "Listen" })).toBeVisible();
    await expectNoViolations(page);
  });

  test("the retune sheet over the neck", async ({ page }) => {
    await openNeck(page);
    await page.keyboard.press("t");
    await page.getByRole("textbox").fill("8-string drop E");
    await page.keyboard.press("Enter");
    await expect(page.getByRole("dialog", { name: /^Retune Baritone eight/ })).toBeVisible();
    await expectNoViolations(page);
  });

  test("dialogs", async ({ page }) => {
    await openNeck(page);
    await page.keyboard.press("t");
    await page.getByRole("textbox").fill("drop H");
    await expectNoViolations(page);
    await page.keyboard.press("Escape");
    await page.keyboard.press("?");
    await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
    await expectNoViolations(page);
  });

  test("a page that is not there", async ({ browser, baseURL }) => {
    const context = await browser.newContext({ reducedMotion: "reduce" });
    const page = await context.newPage();
    await page.goto(`${baseURL}/no-such-page`);
    await expectNoViolations(page);
    await context.close();
  });
});

// The last thing of each page that is computed.
for (const [name, path, last] of [
  ["Neck", "/", "Roughness as gain goes up"],
  ["Compare", "/compare", /serves best/],
  ["You", "/rig/player", "Fingertip"],
] as const) {
  test(`Tab reaches every control of ${name} in order, and the focus can be seen`, async ({
    page,
  }) => {
    await page.goto(path);
    await expect(page.getByText(last).first()).toBeVisible();
    await page.waitForLoadState("networkidle");
    const expected = await tabStops(page);
    expect(expected.length).toBeGreaterThan(20);
    const reached: string[] = [];
    for (let step = 0; step < expected.length; step++) {
      await page.keyboard.press("Tab");
      const { stop, outline } = await page.evaluate(() => {
        const focused = document.activeElement as HTMLElement;
        const { outlineStyle, outlineWidth } = getComputedStyle(focused);
        return {
          stop: focused.dataset.stop ?? focused.outerHTML.slice(0, 200),
          outline: `${outlineStyle} ${parseFloat(outlineWidth) > 0}`,
        };
      });
      reached.push(stop);
      expect([stop, outline]).toEqual([stop, "solid true"]);
    }
    expect(reached).toEqual(expected);
  });
}

/**
 * Everything that Tab should stop at, in the order of the page, each with a mark that can be read back:
 * what can be pressed, typed into or scrolled, is visible, and is not taken out by its own tabindex.
 */
async function tabStops(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const focusable = "a[href], button, input, select, textarea, summary, [tabindex]";
    const groups = new Set<string>();
    return [...document.querySelectorAll<HTMLElement>(focusable)]
      .filter((element) => {
        if (element.tabIndex < 0 || element.matches(":disabled")) return false;
        if (element.matches("input[type=radio]")) {
          // A group of radio buttons is one stop.
          const group = element.getAttribute("name") ?? "";
          if (groups.has(group)) return false;
          groups.add(group);
        }
        return element.checkVisibility({ visibilityProperty: true });
      })
      .map((element, place) => {
        const name = element.getAttribute("aria-label") ?? element.textContent ?? "";
        element.dataset.stop = `${place} ${element.tagName} ${name.trim().slice(0, 40)}`;
        return element.dataset.stop;
      });
  });
}
