import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { seededRandom } from "../src/core/random";
import { makeChecks } from "./durability/checks";
import { damage } from "./durability/damage";
import { diskFull } from "./durability/diskFull";
import { dropped } from "./durability/dropped";
import { kills } from "./durability/kills";
import { pages } from "./durability/pages";
import { restored } from "./durability/restored";
import { type Trial } from "./durability/trial";
import { writers } from "./durability/writers";

/**
 * Tries to make Tenon lose data: kills, dropped answers, many writers, a full disk, a damaged file. Figures and what they
 * mean are in docs/reliability.md. One part alone: -- kills. `--short` is what npm test runs.
 */
/** The same numbers at every run, so that a failure can be looked at again. */
const SEED = 20_261_126;
const FULL = { kills: 200, dropped: 1000, writersMs: 20_000, pages: 200, restores: 40 };
const SHORT = { kills: 6, dropped: 60, writersMs: 4000, pages: 10, restores: 4 };
const FIRST_PORT = 4420;

const words = process.argv.slice(2);
const size = words.includes("--short") ? SHORT : FULL;
const wanted = words.filter((word) => !word.startsWith("--"));
const top = mkdtempSync(join(tmpdir(), "tenon-durability-"));
const random = seededRandom(SEED);
const checks = makeChecks();
const trial = (name: string): Trial => {
  const folder = join(top, name);
  mkdirSync(folder);
  return { checks, folder, port: FIRST_PORT, random };
};
const PARTS: Readonly<Record<string, () => Promise<void>>> = {
  kills: () => kills(trial("kills"), size.kills),
  dropped: () => dropped(trial("dropped"), size.dropped),
  writers: () => writers(trial("writers"), size.writersMs),
  disk: () => diskFull(trial("disk")),
  damage: () => damage(trial("damage")),
  pages: () => pages(trial("pages"), size.pages),
  restored: () => restored(trial("restored"), size.restores),
};

try {
  for (const [name, run] of Object.entries(PARTS)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const startedAt = Date.now();
    await run();
    console.log(`  ${name} took ${Math.round((Date.now() - startedAt) / 1000)} s`);
  }
} finally {
  rmSync(top, { recursive: true, force: true });
}
const [passed, failed] = [checks.passed(), checks.failed()];
console.log(`durability: ${passed} checks held, ${failed} did not`);
const report = process.env.TENON_DURABILITY_REPORT;
if (report) writeFileSync(report, JSON.stringify({ passed, failed }));
process.exit(failed === 0 ? 0 : 1);
