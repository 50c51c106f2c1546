import { readFile } from "node:fs/promises";
import { type Page } from "@playwright/test";
import { expect, expectNothingWider, notice, test } from "./fixtures";
import { goTo, sitting } from "./practicePage";
import { noteTexts } from "./seen";

const rounds = (page: Page) => page.getByRole("list", { name: "Rounds" }).getByRole("listitem");
const judging = (page: Page) => page.getByRole("group", { name: "How did it go?" });

/** Often played in the demo's history. */
const DRILL = "Strings 6-5, up from 3 to 7";

/** Opens the room once its plan has come alive. */
async function openPractice(page: Page): Promise<void> {
  await page.goto("/practice");
  await expect(page.getByRole("list", { name: "Parts of the sitting" })).toContainText(
    "in Quarry Lights",
  );
}

const parts = (page: Page) =>
  page.getByRole("list", { name: "Parts of the sitting" }).getByRole("listitem");

/** Plays a round as fast as the ladder goes, so that nobody waits. */
async function setFast(page: Page): Promise<void> {
  await page.getByText("Metronome and ladder").click();
  await page.getByRole("combobox", { name: "Slowest" }).selectOption("200");
  await expect(page.getByText("200 bpm")).toBeVisible();
  await page
    .getByText("Metronome and ladder")
    .evaluate((element) => (element as HTMLElement).blur());
}

test("ten minutes by keyboard alone with the simulated player; the log shows all of it", async ({
  page,
}) => {
  await openPractice(page);
  await page.keyboard.press("2");
  await page.keyboard.press("Space");
  await expect(sitting(page)).toContainText(/part 1 of \d/);
  await setFast(page);
  await page.getByText("Listen to my time").click();
  await page.getByRole("button", { name: "Try it: steady" }).click();
  await page.getByText("Listen to my time").evaluate((element) => (element as HTMLElement).blur());

  // A round is played, heard, and judged with one key; the next begins by itself.
  const judgings = await noteTexts(page, "[aria-label='How did it go?']");
  await page.keyboard.press("Space");
  await expect(judging(page)).toBeVisible();
  await expect(sitting(page)).toContainText(
    /ms (early|late), spread \d+ ms; \d+ of \d+ strums detected/,
  );
  await page.keyboard.press("1");
  await expect
    .poll(judgings)
    .toEqual(["", expect.any(String), "", expect.stringMatching(/^Clean/)]);
  await page.keyboard.press("3");
  await page.keyboard.press("u");
  await expect(page.getByText("The last round (missed) undone.")).toBeVisible();

  // From the song, by a pedal's two keys: back stops and misses, forward starts.
  await page.keyboard.press("n");
  await expect(sitting(page)).toContainText("in Quarry Lights");
  await page.keyboard.press("PageDown");
  await expect(page.getByRole("button", { name: "Stop", exact: true })).toBeVisible();
  await page.keyboard.press("PageUp");
  await expect(page.getByRole("button", { name: /^Start the round/ })).toBeVisible();
  await page.keyboard.press("e");
  await expect(page.getByRole("button", { name: "Two notes" })).toHaveAttribute(
    "aria-pressed",
    "true",
  );

  // Notes by letters, with what was right where it was wrong.
  await goTo(page, "Which note is this?");
  await page.keyboard.press("g");
  await expect(sitting(page)).toContainText(/(Right, .*|Not this time\. )It is /);
  await goTo(page, "Hear it again");
  // The question comes after the heading of its part; a key before it answers nothing.
  await expect(sitting(page).getByRole("button", { name: /1$/ }).first()).toBeEnabled();
  await page.keyboard.press("1");
  await expect(sitting(page)).toContainText(/Right|Not this time/);
  await page.keyboard.press("n");
  await expect(sitting(page)).toHaveCount(0);
  await expect(page.getByText(/^Done\. Put the guitar down/)).toBeVisible();

  await page.getByRole("link", { name: "Log" }).click();
  await expect(rounds(page).first()).toContainText(/Higher or lower|Which voicing|Ringing, muted/);
  await expect(rounds(page).nth(1)).toContainText("Name the note");
  await expect(rounds(page).nth(2)).toContainText(/ · Clean/);
  await expect(rounds(page).nth(2)).toContainText(/200 bpm · .*spread \d+ ms/);
  await expect(rounds(page).nth(3)).not.toContainText("Missed");
});

test("a sitting survives a reload, waits when it is left, and can be ended", async ({ page }) => {
  await openPractice(page);
  await page.getByRole("button", { name: /^Start: 10 min/ }).click();
  await expect(sitting(page)).toContainText(/part 1 of \d/);
  await goTo(page, "Which note is this?");
  await page.keyboard.press("c");
  await expect(sitting(page)).toContainText(/Right|Not this time/);
  const part = /part \d of \d/.exec((await sitting(page).textContent()) ?? "")?.[0] ?? "";
  await page.reload();
  await page.getByRole("button", { name: /^Carry on: \d+ min left/ }).click();
  await expect(sitting(page)).toContainText(part);
  await page.getByRole("button", { name: "Pause" }).click();
  await expect(sitting(page)).toContainText("Paused.");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "End that sitting and plan a new one" }).click();
  await expect(page.getByRole("button", { name: /^Start: 10 min/ })).toBeVisible();
});

test("the plan is changed by hand, by keys too", async ({ page }) => {
  await openPractice(page);
  const names = async () => parts(page).locator("p:first-child").allTextContents();
  const before = await names();
  const [first = ""] = before;
  await page.getByRole("button", { name: `More of ${first}` }).click();
  await expect(page.getByRole("button", { name: /^Start: 11 min/ })).toBeVisible();
  await page.getByRole("button", { name: `Leave out ${before.at(-1)}` }).click();
  await expect(parts(page)).toHaveCount(before.length - 1);
  await page.getByRole("button", { name: `Move ${first}` }).focus();
  await page.keyboard.press("Space");
  await expect(page.getByText(`${first} is over ${first}.`)).toBeAttached();
  await page.keyboard.press("ArrowDown");
  await expect(
    page.getByText(new RegExp(`^${first} is over .+ in Quarry Lights\\.$`)),
  ).toBeAttached();
  await page.keyboard.press("Space");
  await expect(parts(page).nth(1)).toContainText(first);
  // A plan is the day's: it is the same after a reload.
  await page.reload();
  await expect(parts(page).nth(1)).toContainText(first);
  await expect(parts(page)).toHaveCount(before.length - 1);
  await page.getByRole("button", { name: "Move", exact: true }).click();
  await page.getByRole("combobox", { name: "From string" }).selectOption("5");
  await page.getByRole("combobox", { name: "To fret" }).selectOption("9");
  await page.getByRole("button", { name: "Practise this move" }).click();
  await expect(sitting(page)).toContainText("Strings 5-4, between 3 and 9");
});

test("questions on the neck: every place of a note, and a grip for a name", async ({ page }) => {
  await openPractice(page);
  await page.getByRole("button", { name: /^Every place of a note/ }).click();
  await expect(sitting(page)).toContainText(/Find every [A-G].* up to fret \d+/);
  // A place says nothing of its note, or there would be nothing to find.
  const places = sitting(page).getByRole("group", { name: "Places on the neck" });
  await expect(places.getByRole("button").first()).toHaveAccessibleName("String 6, open");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "End that sitting and plan a new one" }).click();
  await page.getByRole("button", { name: /^From name to grip/ }).click();
  await expect(sitting(page)).toContainText(/Find .+5, its root lowest/);
  await places.getByRole("button", { name: /^String 1, fret 2:/ }).click();
  await page.getByRole("button", { name: /^That is it/ }).click();
  await expect(sitting(page)).toContainText("Not this time. It has ");
});

test("a microphone that is refused is told, and rounds are judged by key", async ({ page }) => {
  await openPractice(page);
  await page.keyboard.press("Space");
  await page.getByText("Listen to my time").click();
  await page.getByRole("button", { name: "Microphone" }).click();
  await expect(page.getByText(/[Jj]udge rounds yourself\.$/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Microphone" })).toHaveAttribute(
    "aria-pressed",
    "false",
  );
});

test("the log: narrowed, corrected, deleted and brought back, with notes", async ({ page }) => {
  await page.goto("/practice/log");
  await expect(rounds(page).first()).toBeVisible();
  await page.getByRole("combobox", { name: "Drill" }).selectOption(DRILL);
  await expect(page).toHaveURL(/drill=move/);
  await expect(rounds(page).first()).toContainText(DRILL);
  await expect(page.getByRole("img", { name: `${DRILL}: fastest clean round` })).toBeVisible();
  await rounds(page)
    .first()
    .getByRole("button", { name: /^Correct/ })
    .click();
  await page.getByRole("combobox", { name: "How it went" }).selectOption("Missed");
  await page.getByRole("textbox", { name: "Note" }).fill("Cold hands");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(rounds(page).first()).toContainText(`${DRILL} · Missed`);
  await expect(rounds(page).first()).toContainText("Cold hands");
  await rounds(page)
    .first()
    .getByRole("button", { name: /^Delete/ })
    .click();
  await expect(rounds(page).first()).not.toContainText("Cold hands");
  await notice(page).getByRole("button", { name: "Undo" }).click();
  await expect(rounds(page).first()).toContainText("Cold hands");
  await page.getByRole("combobox", { name: "Drill" }).selectOption("All drills");
  await page.getByRole("textbox", { name: "About today" }).fill("The thumb was stiff.");
  await page.getByRole("button", { name: "Keep" }).click();
  await expect(page.getByRole("list", { name: "Notes" })).toContainText("The thumb was stiff.");
});

test("the log as a table, out and in; somebody else’s table is told what it lacks", async ({
  page,
}) => {
  await page.goto("/practice/log");
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save as a table" }).click(),
  ]);
  const text = await readFile(await file.path(), "utf8");
  expect(text).toMatch(/^when,drill,result,/);
  const bring = async (name: string, content: string) => {
    await page
      .getByLabel("A table of rounds")
      .setInputFiles({ name, mimeType: "text/csv", buffer: Buffer.from(content) });
  };
  const dialog = page.getByRole("dialog");
  await bring("theirs.csv", "date;exercise\n2026-01-01;scales\n");
  await expect(dialog).toContainText(
    "there is no column when, drill, result; it has date, exercise",
  );
  await page.getByRole("button", { name: "Leave it" }).click();
  await bring("own.csv", text);
  await page.getByRole("button", { name: /^Add [\d,]+ rounds$/ }).click();
  await expect(notice(page)).toContainText(
    /^0 rounds are added to the log\. [\d,]+ were in it already\./,
  );
  await bring("more.csv", "when\tdrill\tresult\n2026-11-01 10:00\tmove:by-hand\tclean\n");
  await page.getByRole("button", { name: "Add 1 round" }).click();
  await expect(notice(page)).toContainText("1 round is added to the log.");
  await page.goto("/practice/log?drill=move:by-hand");
  await expect(rounds(page)).toHaveCount(1);
});

test("a log of more than ten megabytes is read whole", async ({ page }) => {
  await page.goto("/practice/log");
  // The framework would hand over the first ten megabytes and no word of the others.
  const found = await page.evaluate(async () => {
    const drill = `move:${"by-hand-".repeat(12)}`;
    const minutes = Array.from({ length: 90_000 }, (_, index) => index);
    const lines = minutes.map((each) => {
      const time = new Date(Date.UTC(2020, 0, 1, 0, each)).toISOString().slice(0, 16);
      return `${time.replace("T", " ")},${drill},clean`;
    });
    const body = `when,drill,result\n${lines.join("\n")}\n`;
    const response = await fetch("/rounds/csv", { method: "POST", body });
    const { value } = (await response.json()) as { value: { found: number; refused: number } };
    return { megabytes: Math.floor(body.length / 1_000_000), ...value };
  });
  expect(found).toMatchObject({ megabytes: 11, found: 90_000, refused: 0 });
});

test("the hand’s own times are fitted from the log, and Song reckons with them", async ({
  page,
}) => {
  await page.goto("/practice/log");
  const panel = page.getByRole("region", { name: "Your hand's times" });
  await expect(panel).toContainText(/From [\d,]+ clean and [\d,]+ missed rounds/);
  await panel.getByRole("button", { name: "Use these in Song" }).click();
  await expect(panel).toContainText("Song reckons with your own times.");
  await panel.getByRole("button", { name: "Back to your level’s" }).click();
  await expect(panel).not.toContainText("Song reckons");
});

test("on a phone and a tablet nothing is wider than the window, in the plan, the sitting and the log", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openPractice(page);
  await expectNothingWider(page, [390, 768]);
  await page.keyboard.press("Space");
  await expect(sitting(page)).toBeVisible();
  await expectNothingWider(page, [768, 390]);
  await goTo(page, "Which note is this?");
  await expectNothingWider(page, [390, 768]);
  await page.keyboard.press("Escape");
  await page.goto("/practice/log");
  await expect(rounds(page).first()).toBeVisible();
  await expectNothingWider(page, [768, 390]);
});
