import { spawn, type ChildProcess } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type Page } from "@playwright/test";
import { openDatabase } from "@/server/database";
import { readStart } from "@/server/choice/start";
import { chosenGrip, expect, grips, openNeck, takeTuning, test } from "./fixtures";

import { DATA_FOLDER } from "./settings";

const START = "scripts/start.mjs";

test("pins, guitar, tuning and last choice survive a reload", async ({ page }) => {
  await openNeck(page);
  await playAround(page);
  await page.reload();
  await expectPlayedAround(page);
});

test("a choice made just before the page is left is not lost", async ({ page }) => {
  await openNeck(page);
  await page.keyboard.press("f");
  await page.goto("about:blank");
  await expect.poll(savedRoot).toBe("F");
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "F5 in Drop D" })).toBeVisible();
});

test("and a restart of Tenon, on the next port where the first is taken", async ({ page }) => {
  const folder = mkdtempSync(join(tmpdir(), "tenon-memory-"));
  const blocker = createServer().listen(4390, "127.0.0.1");
  let tenon = await startTenon(folder, 4390);
  try {
    expect(tenon.output()).toContain("Port 4390 is taken; trying 4391.");
    expect(tenon.address).toBe("http://127.0.0.1:4391");
    await page.goto(tenon.address);
    await page.getByRole("button", { name: "Show my neck" }).click();
    await expect(grips(page).first()).toBeVisible();
    await playAround(page);
    // A page that stays open would go on asking the server that stops.
    await page.goto("about:blank");
    await tenon.stop();
    tenon = await startTenon(folder, 4391);
    await page.goto(tenon.address);
    await expectPlayedAround(page);
    await page.goto("about:blank");
  } finally {
    await tenon.stop();
    blocker.close();
    rmSync(folder, { recursive: true, force: true });
  }
});

/** The root that the data hold, read beside the running server. */
function savedRoot(): string {
  const connection = openDatabase(DATA_FOLDER);
  const { choice } = readStart(connection);
  connection.close();
  return choice.root;
}

/** Another guitar, tuning, root, voicing, grip and a pin. */
async function playAround(page: Page): Promise<void> {
  await takeTuning(page, "7-string drop A");
  await page.keyboard.press("f");
  await page.keyboard.press("1");
  await expect(page.getByRole("heading", { name: "F5 in 7-string drop A" })).toBeVisible();
  await expect(grips(page).first()).toHaveAttribute("aria-selected", "true");
  await page.keyboard.press("ArrowDown");
  await expect(grips(page).nth(1)).toHaveAttribute("aria-selected", "true");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
  // The choice is saved once the player has been quiet for a moment.
  const saved = page.waitForResponse((response) =>
    Boolean(response.request().postData()?.includes('"theme":"light"')),
  );
  await page.getByRole("button", { name: /Theme: as the system/ }).click();
  await saved;
}

async function expectPlayedAround(page: Page): Promise<void> {
  await expect(page.getByRole("heading", { name: "F5 in 7-string drop A" })).toBeVisible();
  // The pin shifts what comes first, so the grip may stand elsewhere in the list.
  await expect(chosenGrip(page)).toBeVisible();
  await expect(page.getByRole("button", { name: "Unpin this grip" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Show F5 in 7-string drop A" })).toBeVisible();
  await expect(page.getByRole("button", { name: /Theme: light/ })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "light");
}

interface Tenon {
  readonly address: string;
  readonly output: () => string;
  readonly stop: () => Promise<void>;
}

/** Runs npm start's script on a data folder and waits for the address that it prints. */
async function startTenon(folder: string, port: number): Promise<Tenon> {
  const env = { ...process.env, TENON_DATA: folder, TENON_PORT: String(port) };
  const child: ChildProcess = spawn(process.execPath, [START], { env });
  let output = "";
  const address = await new Promise<string>((resolve, reject) => {
    const read = (chunk: Buffer) => {
      output += chunk.toString();
      const match = /Tenon is ready: (\S+)/.exec(output);
      if (match?.[1]) resolve(match[1]);
    };
    child.stdout?.on("data", read);
    child.stderr?.on("data", read);
    child.once("exit", () => reject(new Error(`Tenon ended: ${output}`)));
  });
  const stop = () =>
    new Promise<void>((resolve) => {
      if (child.exitCode !== null) return resolve();
      child.once("exit", () => resolve());
      child.kill("SIGTERM");
    });
  return { address, output: () => output, stop };
}
