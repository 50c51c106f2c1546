import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, statfsSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { everything } from "./ask";
import { startServer } from "../../scripts/lib/startServer";
import { openTabs, type Trial } from "./trial";

const DISK_BYTES = 8_000_000;
/** Most changes tried before the disk must be full. */
const MAX_STEPS = 2000;
/** What is left to the data once the rest of the disk is taken. */
const LEFT_BYTES = 400_000;

/** Fills the disk under a server: what it cannot save it says, and once there is room it saves it. */
export async function diskFull(trial: Trial): Promise<void> {
  const { checks, port } = trial;
  const disk = mkdtempSync(join(tmpdir(), "tenon-disk-"));
  const mounted = spawnSync("mount", ["-t", "tmpfs", "-o", `size=${DISK_BYTES}`, "tmpfs", disk]);
  if (mounted.status !== 0) {
    checks.say("disk full: not tried, since this user may mount no small disk");
    rmSync(disk, { recursive: true });
    return;
  }
  try {
    const folder = join(disk, "data");
    const { server, address, identity, tabs } = await openTabs({ ...trial, folder }, 1);
    const [tab] = tabs;
    if (!tab) return;
    const ballast = join(disk, "ballast");
    const { bavail, bsize } = statfsSync(disk);
    writeFileSync(ballast, Buffer.alloc(Math.max(0, bavail * bsize - LEFT_BYTES)));
    let problem = "";
    for (let step = 0; problem === "" && step < MAX_STEPS; step++) {
      await tab.step().catch((error: Error) => (problem = error.message));
    }
    checks.matches("the disk is said to be full", problem, /^503: .*The disk is full/);
    const { effects } = await everything(address, identity);
    checks.none("reads go on, and what was saved is there", tab.wrong(effects));
    const before = tab.acknowledged();
    rmSync(ballast);
    await tab.resend();
    for (let step = 0; step < 20; step++) await tab.step();
    await server.kill();
    const again = await startServer({ folder, port });
    checks.none(
      "with room again all is saved",
      tab.wrong((await everything(address, identity)).effects),
    );
    await again.end("SIGTERM");
    checks.say(
      `disk full: ${before} changes fitted, the next was refused and saved once there was room`,
    );
  } finally {
    spawnSync("umount", [disk]);
    rmSync(disk, { recursive: true, force: true });
  }
}
