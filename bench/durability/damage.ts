import {
  chmodSync,
  chownSync,
  closeSync,
  copyFileSync,
  cpSync,
  existsSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
  writeSync,
} from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";
import { ask, bodyOf, everything, headingOf, identityOf } from "./ask";
import { startServer } from "../../scripts/lib/startServer";
import { type Tab } from "./tab";
import { openTabs, type Trial } from "./trial";

const STEPS = 60;
const KILL_ATTEMPTS = 5;
const NOBODY = 65_534;

interface Damage {
  readonly name: string;
  readonly spoil: (file: string, folder: string) => void;
  /** The heading of the page that says so. */
  readonly heading: RegExp;
  /** Done while the server runs, not before it starts. */
  readonly running?: boolean;
  /** Whether going back to the newest copy is offered, and works. */
  readonly hasCopy?: boolean;
}

const DAMAGES: readonly Damage[] = [
  {
    name: "garbage",
    spoil: (file) => writeFileSync(file, "This is no database. ".repeat(500)),
    heading: /not a Tenon data file/,
  },
  { name: "cut in half", spoil: (file) => truncateSync(file, half(file)), heading: /cut short/ },
  { name: "emptied", spoil: (file) => truncateSync(file, 0), heading: /cut short/ },
  { name: "scribbled over", spoil: scribble, heading: /damaged/ },
  {
    name: "from a newer Tenon",
    spoil: (file) => withDatabase(file, (connection) => connection.pragma("user_version = 999")),
    heading: /newer Tenon/,
  },
  { name: "missing", spoil: (file) => rmSync(file), heading: /missing/ },
  {
    name: "the file deleted while running",
    spoil: (file) => rmSync(file),
    heading: /gone/,
    running: true,
  },
  {
    name: "the folder deleted while running",
    spoil: (_, folder) => rmSync(folder, { recursive: true }),
    heading: /gone/,
    running: true,
    hasCopy: false,
  },
  {
    name: "the folder moved away while running",
    spoil: (_, folder) => renameSync(folder, `${folder}-moved`),
    heading: /gone/,
    running: true,
    hasCopy: false,
  },
  {
    name: "the file replaced while running",
    spoil: (file) => {
      copyFileSync(file, `${file}.other`);
      renameSync(`${file}.other`, file);
    },
    heading: /replaced/,
    running: true,
  },
  {
    name: "overwritten with garbage while running",
    spoil: (file) => writeFileSync(file, "This is no database. ".repeat(9000)),
    heading: /not a Tenon data file/,
    running: true,
  },
  {
    name: "overwritten with other data while running",
    spoil: (file, folder) => {
      const copy = readdirSync(join(folder, "copies")).sort().at(-1) ?? "";
      copyFileSync(join(folder, "copies", copy), file);
    },
    heading: /replaced/,
    running: true,
  },
];

/** Damages filled data in every way: a page says what is wrong, nothing is taken, and the copy offered is whole. */
export async function damage(trial: Trial): Promise<void> {
  const { checks, folder } = trial;
  const { server, tabs } = await openTabs(trial, 1);
  await writeSome(tabs);
  await server.end("SIGTERM");
  const copied = (name: string): Trial => {
    const copy = join(folder, "..", `damage-${name.replaceAll(" ", "-")}`);
    cpSync(folder, copy, { recursive: true });
    return { ...trial, folder: copy };
  };
  for (const each of DAMAGES) await tryDamage(copied(each.name), each);
  await tryCutLog(copied("log"));
  await tryReadOnly(copied("read-only"));
  checks.say(`damage: ${DAMAGES.length + 2} ways, each with a page or a word of its own`);
}

async function writeSome(tabs: readonly Tab[]): Promise<void> {
  for (let step = 0; step < STEPS; step++) for (const tab of tabs) await tab.step();
}

async function tryDamage({ checks, folder, port }: Trial, each: Damage): Promise<void> {
  const { name, spoil, heading, running = false, hasCopy = true } = each;
  const file = join(folder, "tenon.sqlite");
  if (!running) spoil(file, folder);
  const server = await startServer({ folder, port });
  const { address } = server;
  let identity = "unknown";
  if (running) {
    identity = await identityOf(address);
    spoil(file, folder);
  }
  const page = await ask(address, "GET", "/");
  checks.matches(name, headingOf(page.text), heading);
  checks.equal(`${name}: says where`, page.text.includes(folder), true);
  const change = { act: "delete", kind: "guitar", id: 1, key: "damage-key" } as const;
  const { status } = await ask(address, "POST", "/changes", bodyOf(identity, [change]));
  checks.equal(`${name}: nothing is taken`, status, 503);
  if (hasCopy) {
    const copy = readdirSync(join(folder, "copies")).sort().at(-1) ?? "";
    checks.equal(`${name}: the copy is offered`, page.text.includes(copy), true);
    const restored = await ask(address, "POST", "/data/restore", JSON.stringify({ copy }));
    checks.equal(`${name}: the copy is taken`, restored.status, 200);
    const again = await everything(address, await identityOf(address));
    checks.equal(`${name}: and has guitars`, again.revision >= 0, true);
  }
  await server.end("SIGTERM");
}

/** The end of the log of changes is cut off after a crash: what was lost is said. */
async function tryCutLog(trial: Trial): Promise<void> {
  const { checks, folder, port } = trial;
  const log = join(folder, "tenon.sqlite-wal");
  const hasLog = () => existsSync(log) && statSync(log).size > 0;
  // The server empties the log two seconds after a change: the kill may come just after.
  for (let attempt = 0; attempt < KILL_ATTEMPTS && !hasLog(); attempt++) {
    const { server, tabs } = await openTabs(trial, 1);
    await writeSome(tabs);
    await server.kill();
  }
  checks.equal("a killed server leaves a log", hasLog(), true);
  truncateSync(log, half(log));
  const again = await startServer({ folder, port });
  const page = await ask(again.address, "GET", "/");
  checks.matches("what a cut log lost is said", page.text, /saved changes? (are|is) missing/);
  await again.end("SIGTERM");
}

/** Data that may not be written can be looked at, and say so. */
async function tryReadOnly({ checks, folder, port }: Trial): Promise<void> {
  const isRoot = process.getuid?.() === 0;
  for (const path of [folder, ...readdirSync(folder).map((name) => join(folder, name))]) {
    chmodSync(path, statSync(path).isDirectory() ? 0o555 : 0o444);
    if (isRoot) chownSync(path, NOBODY, NOBODY);
  }
  chmodSync(join(folder, ".."), 0o755);
  const server = await startServer({ folder, port, asNobody: true });
  const identity = await identityOf(server.address);
  const { text } = await ask(server.address, "GET", "/");
  checks.matches("read-only data are said to be so", text, /is read-only/);
  const change = { act: "delete", kind: "guitar", id: 1, key: "read-only-key" } as const;
  const answer = await ask(server.address, "POST", "/changes", bodyOf(identity, [change]));
  checks.matches("and take nothing", `${answer.status} ${answer.text}`, /^503 .*read-only/);
  await server.end("SIGTERM");
  for (const path of [folder, join(folder, "copies")]) chmodSync(path, 0o755);
}

function half(file: string): number {
  return Math.floor(statSync(file).size / 2);
}

/** Writes noise over pages in the middle of a file. */
function scribble(file: string): void {
  const handle = openSync(file, "r+");
  const noise = Buffer.alloc(12_288, 0xa5);
  for (const share of [0.3, 0.5, 0.7]) {
    writeSync(
      handle,
      noise,
      0,
      noise.length,
      Math.floor((statSync(file).size * share) / 4096) * 4096,
    );
  }
  closeSync(handle);
}

function withDatabase(file: string, work: (connection: Database.Database) => void): void {
  const connection = new Database(file);
  work(connection);
  connection.close();
}
