import { spawn } from "node:child_process";
import { ask, bodyOf, everything, headingOf } from "./ask";
import { startServer } from "../../scripts/lib/startServer";
import { openTabs, type Trial } from "./trial";

const TABS = 3;

/** Three tabs and another program write at once, while a second server is started on the same folder. */
export async function writers(trial: Trial, durationMs: number): Promise<void> {
  const { checks, folder, port } = trial;
  const { server, address, identity, first, tabs } = await openTabs(trial, TABS);
  const second = await startServer({ folder, port: port + 1 });
  const other = runOther(folder, durationMs);
  const until = Date.now() + durationMs;
  const goOn = async (work: () => Promise<void>) => {
    while (Date.now() < until) await work();
  };
  const readsMs: number[] = [];
  let refused = 0;
  await Promise.all([
    ...tabs.map((tab) => goOn(tab.step)),
    goOn(async () => {
      const startedAt = performance.now();
      await everything(address, identity);
      readsMs.push(performance.now() - startedAt);
    }),
    goOn(async () => {
      const page = await ask(second.address, "GET", "/");
      checks.matches("the second server says so", headingOf(page.text), /^Another Tenon/);
      checks.equal("and where the first answers", page.text.includes(address), true);
      const { status } = await ask(
        second.address,
        "POST",
        "/changes",
        bodyOf(identity, [
          { act: "delete", kind: "guitar", id: 1, key: `second-${refused}-${port}` },
        ]),
      );
      checks.equal("and takes nothing", status, 503);
      refused += 1;
    }),
  ]);
  const byOther = await other;
  const { effects, revision } = await everything(address, identity);
  checks.none(
    "every tab finds its own",
    tabs.flatMap((tab) => tab.wrong(effects)),
  );
  const made = tabs.reduce((sum, { keys }) => sum + keys.length, 0);
  checks.equal("no change is lost or counts twice", revision - first, made + byOther);
  await second.end("SIGTERM");
  await server.end("SIGTERM");
  readsMs.sort((a, b) => a - b);
  const [median, max] = [readsMs[readsMs.length >> 1] ?? 0, readsMs.at(-1) ?? 0];
  checks.say(
    `writers: ${made} changes of ${TABS} tabs and ${byOther} of another program, which held the lock for 700 ms after every ninth; ${refused} tries of a second server refused; reads took ${median.toFixed(0)} ms (median), ${max.toFixed(0)} ms at most`,
  );
}

function runOther(folder: string, durationMs: number): Promise<number> {
  const child = spawn("node_modules/.bin/tsx", [
    "bench/durability/otherWriter.mts",
    folder,
    String(durationMs),
  ]);
  let text = "";
  child.stdout.on("data", (part: Buffer) => (text += part.toString()));
  child.stderr.pipe(process.stderr);
  return new Promise((resolve, reject) => {
    child.once("exit", (status) =>
      status === 0 ? resolve(Number(text)) : reject(new Error(`the other program: ${status}`)),
    );
  });
}
