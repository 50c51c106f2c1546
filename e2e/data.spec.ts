import {
  copyFileSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { join } from "node:path";
import AxeBuilder from "@axe-core/playwright";
import Database from "better-sqlite3";
import { expect } from "@playwright/test";
import { startServer } from "../scripts/lib/startServer";
import { test } from "./alive";
import { withOwnServer } from "./ownServer";

// The browser logs the answers that refuse, so nothing here watches the console.

test("a whole copy is taken away, and an earlier one put back", async ({ page }, info) => {
  await withOwnServer(async ({ address, folder }) => {
    await page.goto(`${address}/rig/player`);
    await page.getByLabel("A4, Hz").fill("432");
    await page.getByRole("link", { name: "Data" }).click();
    await expect(page.getByText(join(folder, "tenon.sqlite"))).toBeVisible();
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name: "Save a whole copy" }).click(),
    ]);
    const path = info.outputPath("copy.sqlite");
    await download.saveAs(path);
    const copy = new Database(path, { readonly: true });
    expect(copy.pragma("integrity_check", { simple: true })).toBe("ok");
    expect(copy.prepare("SELECT profile ->> 'a4Hz' FROM player").pluck().get()).toBe(432);
    copy.close();
    expect(statSync(join(folder, "tenon.sqlite")).mode & 0o077).toBe(0);
    // The copy that was made when the server started is from before.
    await page.getByRole("button", { name: "Restore", exact: true }).click();
    // The page loads itself again when the copy is in place.
    const reloaded = page.waitForEvent("load");
    await page.getByRole("button", { name: "Yes, restore it" }).click();
    await reloaded;
    await page.getByRole("link", { name: "You" }).click();
    await expect(page.getByLabel("A4, Hz")).toHaveValue("440");
    expect(readdirSync(folder).some((name) => name.includes(".aside-"))).toBe(true);
  });
});

test("a folder that goes away is said to be gone, and is there again", async ({ page }) => {
  await withOwnServer(async ({ address, folder }) => {
    await page.goto(address);
    renameSync(folder, `${folder}-away`);
    await page.goto(address);
    await expect(page.getByRole("heading", { name: "The data folder is gone" })).toBeVisible();
    await expect(page.getByText(folder, { exact: true })).toBeVisible();
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations).toEqual([]);
    renameSync(`${folder}-away`, folder);
    await page.getByRole("button", { name: "Check again" }).click();
    await expect(page.getByRole("heading", { name: /C5 in Drop D/ })).toBeVisible();
  });
});

test("a broken file offers the newest good copy, and what was broken is kept", async ({ page }) => {
  await withOwnServer(async ({ address, folder, kill, startAgain }) => {
    await kill();
    const file = join(folder, "tenon.sqlite");
    for (const ending of ["-wal", "-shm"]) rmSync(file + ending, { force: true });
    writeFileSync(file, "no database at all ".repeat(400));
    await startAgain();
    await page.goto(address);
    await expect(
      page.getByRole("heading", { name: "This is not a Tenon data file" }),
    ).toBeVisible();
    await expect(page.getByText(/Newest good copy/)).toBeVisible();
    await expect(page.getByText(/^3 guitars, /)).toBeVisible();
    await page.getByRole("button", { name: "Use this copy" }).click();
    await expect(page.getByRole("heading", { name: /C5 in Drop D/ })).toBeVisible();
    const aside = readdirSync(folder).find((name) => name.includes(".aside-")) ?? "";
    expect(readFileSync(join(folder, aside), "utf8")).toContain("no database at all");
  });
});

test("a file that was replaced is taken when the player says so, and its pages are told apart", async ({
  page,
}) => {
  await withOwnServer(async ({ address, folder }) => {
    await page.goto(address);
    const file = join(folder, "tenon.sqlite");
    copyFileSync(file, `${file}.other`);
    renameSync(`${file}.other`, file);
    await page.goto(address);
    await expect(page.getByRole("heading", { name: "The data file was replaced" })).toBeVisible();
    await page.getByRole("button", { name: "Open what is there now" }).click();
    await expect(page.getByRole("heading", { name: /C5 in Drop D/ })).toBeVisible();
  });
});

test("a second server on the same folder says where the first answers", async ({ page }) => {
  await withOwnServer(async ({ address, folder }) => {
    await page.goto(address);
    const port = Number(new URL(address).port) + 1;
    const second = await startServer({ folder, port });
    try {
      await page.goto(second.address);
      await expect(
        page.getByRole("heading", { name: "Another Tenon has this data open" }),
      ).toBeVisible();
      await page.getByRole("link", { name: `Go to ${address}` }).click();
      await expect(page.getByRole("heading", { name: /C5 in Drop D/ })).toBeVisible();
    } finally {
      await second.kill();
    }
  });
});

test("entries that cannot be read are kept and can be taken away", async ({ page }, info) => {
  await withOwnServer(async ({ address, folder, kill, startAgain }) => {
    await kill();
    const connection = new Database(join(folder, "tenon.sqlite"));
    connection.exec(
      'UPDATE pin SET fretting = \'{"from": "a later Tenon"}\', format = 99 WHERE id = 1',
    );
    connection.close();
    await startAgain();
    await page.goto(`${address}/rig/data`);
    await expect(page.getByText(/One entry cannot be read/)).toBeVisible();
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("link", { name: "Save them as a file" }).click(),
    ]);
    const path = info.outputPath("unreadable.json");
    await download.saveAs(path);
    expect(readFileSync(path, "utf8")).toContain("a later Tenon");
  });
});

/** A log of practice of more than ten megabytes, which is sent in pieces. */
function largeLog(): Buffer {
  const drill = `move:${"by-hand-".repeat(12)}`;
  const lines = Array.from({ length: 90_000 }, (_, minute) => {
    const time = new Date(Date.UTC(2020, 0, 1, 0, minute)).toISOString().slice(0, 16);
    return `${time.replace("T", " ")},${drill},clean`;
  });
  return Buffer.from(`when,drill,result\n${lines.join("\n")}\n`);
}
const LARGE_LOG = { name: "years.csv", mimeType: "text/csv", buffer: largeLog() };

test("a large file goes on arriving after the server was started again", async ({ page }) => {
  await withOwnServer(async (server) => {
    await page.goto(`${server.address}/practice/log`);
    let pieces = 0;
    await page.route("**/uploads/piece*", async (route) => {
      if (route.request().method() === "POST" && ++pieces === 2) {
        await server.kill();
        await route.abort();
        await server.startAgain();
      } else await route.continue();
    });
    await page.getByLabel("A table of rounds").setInputFiles(LARGE_LOG);
    await expect(page.getByText("Sending the table")).toBeVisible();
    await page.getByRole("button", { name: "Add 90,000 rounds" }).click({ timeout: 60_000 });
    const added = page.getByText("90,000 rounds are added to the log.");
    await expect(added).toBeVisible({ timeout: 60_000 });
    expect(pieces).toBeGreaterThanOrEqual(4);
  });
});

test("work that takes time says how far it is, and is cancelled without a trace", async ({
  page,
}) => {
  await withOwnServer(async ({ address, folder }) => {
    await page.goto(`${address}/practice/log`);
    // The first piece arrives, the second waits for ever.
    let pieces = 0;
    await page.route("**/uploads/piece*", async (route) => {
      if (route.request().method() === "POST" && ++pieces === 2) return;
      await route.continue();
    });
    await page.getByLabel("A table of rounds").setInputFiles(LARGE_LOG);
    await expect(page.getByRole("progressbar", { name: "Sending the table" })).toHaveAttribute(
      "value",
      /^0\.3/,
    );
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations).toEqual([]);
    await page.getByRole("button", { name: "Cancel" }).click();
    await expect(page.getByText("Sending the table")).toBeHidden();
    await expect(page.getByRole("dialog")).toBeHidden();
    await expect.poll(() => readdirSync(join(folder, "tenon.work"))).toEqual([]);
  });
});

test("what was typed before other data took their place is kept beside them", async ({ page }) => {
  await withOwnServer(async ({ address, folder, kill, startAgain }) => {
    await page.goto(`${address}/song`, { waitUntil: "networkidle" });
    await kill();
    await page.locator(".cm-content").click();
    await page.keyboard.press("Control+End");
    await page.keyboard.type("\n| E5 | Typed while away");
    await expect(page.getByRole("status", { name: "Saving" })).toContainText("Tenon away since");
    // As a restored backup is: the same things with another history.
    const connection = new Database(join(folder, "tenon.sqlite"));
    connection.exec("UPDATE data SET identity = lower(hex(randomblob(16)))");
    const songs = () =>
      connection.prepare("SELECT chart FROM song WHERE deleted_at IS NULL").pluck().all();
    const before = songs();
    await startAgain();
    await page.goto(`${address}/rig/tunings`);
    await expect(page.getByText(/could not be saved before the data changed/)).toBeVisible();
    await page.getByRole("link", { name: "Data" }).click();
    const section = page.getByRole("region", { name: "Not saved before the data changed" });
    await expect(section).toBeVisible();
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations).toEqual([]);
    await section.getByRole("button", { name: "Add to what is here" }).click();
    await expect(section).toBeHidden();
    await expect(page.getByText("One thing was added.")).toBeVisible();
    const now = songs();
    expect(now.slice(0, before.length)).toEqual(before);
    expect(now.slice(before.length)).toEqual([expect.stringContaining("Typed while away")]);
    connection.close();
  });
});
