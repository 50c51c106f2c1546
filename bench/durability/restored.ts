import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { startServer } from "../../scripts/lib/startServer";
import { ask, bodyOf, everything, identityOf } from "./ask";
import { openTabs, type Trial } from "./trial";

const CONFLICT = 409;

/**
 * Windows that stay open while a copy, and then a backup, takes the place of the data: what they send afterwards is refused,
 * also where the new data have seen more changes than the window knows, and a window that is opened then may save.
 */
export async function restored(trial: Trial, times: number): Promise<void> {
  const { checks, folder, port } = trial;
  const { server, tabs } = await openTabs(trial, 1);
  for (let step = 0; step < 30; step++) await tabs[0]?.step();
  await server.end("SIGTERM");
  const again = await startServer({ folder, port });
  const { address } = again;
  const made = await fetch(`${address}/data/backup`);
  const backup = new Uint8Array(await made.arrayBuffer());
  for (let time = 0; time < times; time++) {
    const identity = await identityOf(address);
    const before = await everything(address, identity);
    if (time % 2 === 0) {
      const copy = readdirSync(join(folder, "copies")).sort().at(-1) ?? "";
      await ask(address, "POST", "/data/restore", JSON.stringify({ copy }));
    } else {
      const headers = { origin: address };
      await fetch(`${address}/data/backup?restore=1`, { method: "POST", headers, body: backup });
    }
    const fresh = await identityOf(address);
    checks.equal("restored data have another identity", fresh === identity, false);
    const mine = { act: "set", kind: "profile", id: 1, fields: { a4Hz: 442 } } as const;
    const late = bodyOf(identity, [{ ...mine, key: `late-change-${time}` }], before.revision);
    const refused = await ask(address, "POST", "/changes", late);
    checks.equal("a window from before is refused", refused.status, CONFLICT);
    const taken = bodyOf(fresh, [{ ...mine, key: `new-change-${time}` }]);
    const { status } = await ask(address, "POST", "/changes", taken);
    checks.equal("a window from after is not", status, 200);
  }
  const aside = readdirSync(folder).filter((name) => /\.aside-.*Z$/.test(name));
  checks.equal("what was replaced lies beside", aside.length, times);
  const whole = aside.every((name) => readFileSync(join(folder, name)).length > 0);
  checks.equal("and is whole", whole, true);
  await again.end("SIGTERM");
  checks.say(`restored: ${times} restores under open windows; none wrote into the other data`);
}
