import { expect, type Page } from "@playwright/test";
import { test } from "./alive";
import { chosenGrip, grips } from "./fixtures";
import { editor, stops } from "./songPage";
import { withOwnServer, type OwnServer } from "./ownServer";

// The browser rightly logs that the server is away, so nothing here watches the console.

/** Opens a room of a server's own, and waits until it has come alive; the neck has once its grips are worked out. */
async function open(page: Page, { address }: OwnServer, path: string): Promise<void> {
  await page.goto(address + path, { waitUntil: "networkidle" });
  if (path === "/") await expect(chosenGrip(page)).toBeVisible();
}

const WAITING = /^\d+ changes? waits?, Tenon away since \d\d:\d\d$/;
const badge = (page: Page) => page.getByRole("status", { name: "Saving" });

/** What kinds of changes the browser keeps for a server that is away. */
async function kindsInLine(page: Page): Promise<readonly string[]> {
  return page.evaluate(async () => {
    const asked = <T>(request: IDBRequest<T>) =>
      new Promise<T>((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
      });
    const database = await asked(indexedDB.open("tenon"));
    const table = database.transaction("waiting").objectStore("waiting");
    const waiting: { readonly change: { readonly kind: string } }[] = await asked(table.getAll());
    database.close();
    return waiting.map(({ change }) => change.kind);
  });
}

/** The server dies, the player goes on, the server comes back: what was done meanwhile is saved. */
async function outlive(page: Page, server: OwnServer, work: () => Promise<void>): Promise<void> {
  await server.kill();
  await work();
  await expect(badge(page)).toHaveText(WAITING);
  await server.startAgain();
  await expect(badge(page)).toBeEmpty();
}

test("Neck goes on while the server is away, and loses nothing", async ({ page }) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/");
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("Enter");
    await expect(page.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
    await outlive(page, server, async () => {
      await page.keyboard.press("g");
      await expect(page.getByRole("heading", { name: "G5 in Drop D" })).toBeVisible();
      await expect(chosenGrip(page)).toBeVisible();
      await page.keyboard.press("Enter");
      await expect(page.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
    });
    await open(page, server, "/");
    await expect(page.getByRole("heading", { name: "G5 in Drop D" })).toBeVisible();
    await expect(page.getByRole("button", { name: "Show G5 in Drop D" })).toBeVisible();
    await expect(page.getByRole("button", { name: "Show C5 in Drop D" })).toBeVisible();
  });
});

test("a sitting goes on while the server is away, and every round is in the log", async ({
  page,
}) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/practice");
    const sitting = page.getByRole("region", { name: "Sitting" });
    await page.getByRole("button", { name: /^Name the note/ }).click();
    await expect(sitting).toContainText("Which note is this?");
    await outlive(page, server, async () => {
      await page.keyboard.press("c");
      await expect(sitting).toContainText(/Right|Not this time/);
      await page.keyboard.press("Space");
      await page.keyboard.press("d");
      await expect(sitting).toContainText(/Right|Not this time/);
    });
    await open(page, server, "/practice/log");
    const rounds = page.getByRole("list", { name: "Rounds" }).getByRole("listitem");
    await expect(rounds.nth(0)).toContainText("Name the note");
    await expect(rounds.nth(1)).toContainText("Name the note");
    // The history of the demo ended the day before.
    await page.goto(`${server.address}/practice`);
    await expect(page.getByText(/^Today so far: 0:(?!00)/)).toBeVisible();
  });
});

test("Song goes on while the server is away: what was typed and pinned is all there", async ({
  page,
}) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/song");
    await expect(stops(page).first()).toBeVisible();
    await expect(page.locator("[data-editor=chart] .cm-content")).toBeVisible();
    await outlive(page, server, async () => {
      await editor(page).press("Control+End");
      await page.keyboard.type("Outro\n| D5 | D5! r r r |");
      await page.keyboard.press("Escape");
      await expect(page.locator("[data-chart]")).toContainText("Outro");
      await page
        .locator("[data-editor]")
        .evaluate(() => (document.activeElement as HTMLElement).blur());
      await stops(page).first().click();
      await page.getByRole("list", { name: "Grips to pin" }).getByRole("button").nth(1).click();
      await expect(page.getByRole("button", { name: "Unpin" })).toBeVisible();
    });
    await open(page, server, "/song");
    await expect(editor(page)).toContainText("| D5 | D5! r r r |");
    await expect(page.getByRole("list", { name: "Grips of the section" })).toContainText("pinned");
  });
});

test("Name goes on, and a link to another screen stays here with a word", async ({ page }) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/name?frets=x-5-7-7-x-x");
    await expect(page.getByRole("heading", { name: "D5" })).toBeVisible();
    await outlive(page, server, async () => {
      await page.getByRole("button", { name: /^Theme/ }).click();
      await expect(badge(page)).toHaveText(WAITING);
      await page.getByRole("link", { name: "Compare" }).click();
      await expect(page.getByText(/nothing else can be opened yet/)).toBeVisible();
      await page.getByRole("textbox").first().fill("x 3 5 5 x x");
      await expect(page.getByRole("heading", { name: "C5" })).toBeVisible();
    });
    await page.getByRole("link", { name: "Compare" }).click();
    await expect(page.getByRole("heading", { name: "Compare" })).toBeAttached();
    await page.reload();
    await expect(page.locator("html")).toHaveAttribute("data-theme", "light");
  });
});

test("Compare goes on: what is compared and what is saved under a name", async ({ page }) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/compare?tunings=drop C;open D&chords=E5 B5");
    await page.getByRole("button", { name: "Save", exact: true }).click();
    // The panel is fetched once it is asked for.
    const name = page.getByRole("textbox", { name: "Save as" });
    await expect(name).toBeVisible();
    await outlive(page, server, async () => {
      await name.fill("Through the night");
      await page
        .getByRole("group", { name: "Save or export" })
        .getByRole("button", { name: "Save", exact: true })
        .click();
      await expect(page.getByRole("button", { name: "Open Through the night" })).toBeVisible();
    });
    await open(page, server, "/compare");
    await page.getByRole("button", { name: "Save", exact: true }).click();
    await page.getByRole("button", { name: "Open Through the night" }).click();
    await expect(
      page.getByRole("button", { name: "Save changes to Through the night" }),
    ).toBeVisible();
  });
});

test("Rig goes on: guitars, tunings and the player", async ({ page }) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/rig");
    await outlive(page, server, async () => {
      await page.getByLabel("Name", { exact: true }).fill("Ash at dawn");
      await page.getByRole("button", { name: "Save", exact: true }).click();
      await expect(page.getByRole("button", { name: "Open Ash at dawn" })).toBeVisible();
    });
    await open(page, server, "/rig/tunings");
    await outlive(page, server, () =>
      page.getByRole("button", { name: "Open G as a favourite" }).click(),
    );
    await open(page, server, "/rig/player");
    await outlive(page, server, () => page.getByLabel("A4, Hz").fill("432"));
    await page.reload();
    await expect(page.getByLabel("A4, Hz")).toHaveValue("432");
    await expect(page.getByRole("combobox", { name: "Guitar" })).toContainText("Ash at dawn");
    await open(page, server, "/rig/tunings");
    await expect(page.getByRole("button", { name: "Remove Open G from favourites" })).toBeVisible();
  });
});

test("a server that freezes is noticed, and takes what waits once it goes on", async ({ page }) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/");
    server.now().freeze();
    await page.keyboard.press("Enter");
    await expect(badge(page)).toHaveText(WAITING);
    await expect(badge(page).getByTitle("Tenon does not answer.")).toBeVisible();
    server.now().thaw();
    await expect(badge(page)).toBeEmpty();
    await open(page, server, "/");
    await expect(page.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
  });
});

test("a page that is closed while the server is away leaves its changes to the next", async ({
  page,
  context,
}) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/");
    await server.kill();
    await page.keyboard.press("g");
    await expect(chosenGrip(page)).toBeVisible();
    await page.keyboard.press("Enter");
    await expect(badge(page)).toHaveText(WAITING);
    // Closed like this, a page gets no chance to send what it has not put in line yet.
    await expect.poll(() => kindsInLine(page)).toEqual(expect.arrayContaining(["choice", "pin"]));
    await page.close();
    await server.startAgain();
    const next = await context.newPage();
    await open(next, server, "/");
    await expect(next.getByRole("heading", { name: "G5 in Drop D" })).toBeVisible();
    await expect(next.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
    await expect(badge(next)).toBeEmpty();
    await expect(grips(next).first()).toBeVisible();
  });
});

test("a page older than the server asks to be loaded again", async ({ page }) => {
  await withOwnServer(async (server) => {
    await open(page, server, "/");
    let isLater = true;
    await page.route("**/changes*", async (route) => {
      const response = await route.fetch();
      const answer = (await response.json()) as object;
      const json = isLater ? { ...answer, build: "a later one" } : answer;
      await route.fulfill({ response, json });
    });
    await page.keyboard.press("Enter");
    await expect(badge(page)).toHaveText("Tenon was updated: reload");
    isLater = false;
    await page.getByRole("button", { name: "Tenon was updated: reload" }).click();
    await expect(page.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
    await expect(badge(page)).toBeEmpty();
  });
});
