import { bodyOf, everything, send, sendAndHangUp } from "./ask";
import { openTabs, type Trial } from "./trial";

const LANES = 4;
const LONGEST_WAIT_MS = 60;

/** Changes whose answer is lost, some twice, and which are sent again: each counts once. */
export async function dropped(trial: Trial, count: number): Promise<void> {
  const { checks, random } = trial;
  const { server, address, identity, first, tabs } = await openTabs(trial, LANES);
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
