import { bodyOf, everything, identityOf, send, sendAndHangUp } from "./ask";
import { type Checks } from "./checks";
import { startServer } from "../../scripts/lib/startServer";
import { makeTab } from "./tab";

const LANES = 4;
const LONGEST_WAIT_MS = 60;

/** Changes whose answer is lost, some twice, and which are sent again: each counts once. */
export async function dropped(
  checks: Checks,
  count: number,
  folder: string,
  port: number,
  random: () => number,
) {
  const server = await startServer({ folder, port });
  const { address } = server;
  const identity = await identityOf(address);
  const first = (await everything(address, identity)).revision;
  const tabs = Array.from({ length: LANES }, (_, number) =>
    makeTab(number, () => address, identity, random),
  );
  const made = await Promise.all(
    tabs.map(async (tab) => {
      let [already, known] = [0, first];
      for (let each = 0; each < count / LANES; each++) {
        const change = tab.invent();
        const body = bodyOf(identity, [change], known);
        const drops = random() < 0.2 ? 2 : 1;
        for (let drop = 0; drop < drops; drop++) {
          await sendAndHangUp(address, "/changes", body, random() * LONGEST_WAIT_MS);
        }
        // Sometimes the server has had the time to make it, sometimes it is still at it.
        await new Promise((resolve) => setTimeout(resolve, random() * LONGEST_WAIT_MS));
        const { revision: before } = await everything(address, identity, known);
        const { outcomes, revision } = await send(address, identity, [change], before);
        const [outcome] = outcomes;
        known = revision;
        checks.equal(`${change.act} ${change.kind} sent again`, outcome?.problem, null);
        if (outcome?.revision && outcome.revision <= before) already += 1;
        tab.settle(change.key);
      }
      return already;
    }),
  );
  const { effects, revision } = await everything(address, identity);
  checks.equal("each counts once", revision - first, LANES * Math.ceil(count / LANES));
  checks.none(
    "all are as they were sent",
    tabs.flatMap((tab) => tab.wrong(effects)),
  );
  await server.end("SIGTERM");
  const before = made.reduce((sum, each) => sum + each, 0);
  checks.say(
    `dropped: ${count} answers dropped, ${before} of the changes had been made when they were sent again; all count once`,
  );
}
