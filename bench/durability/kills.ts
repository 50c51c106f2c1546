import { everything } from "./ask";
import { startServer } from "../../scripts/lib/startServer";
import { type Tab } from "./tab";
import { openTabs, type Trial } from "./trial";

const TABS = 3;
const [SHORTEST_MS, LONGEST_MS] = [5, 1000];

/** Kills the server at random moments while tabs write things of every kind; what was acknowledged must be there. */
export async function kills(trial: Trial, rounds: number): Promise<void> {
  const { checks, folder, port, random } = trial;
  const { address, identity, first, tabs, ...opened } = await openTabs(trial, TABS);
  let { server } = opened;
  let [cut, underWay] = [0, 0];
  for (let round = 0; round < rounds; round++) {
    let isOver = false;
    const writing = Promise.allSettled(
      tabs.map(async (tab) => {
        while (!isOver) await tab.step();
      }),
    );
    await pause(SHORTEST_MS + random() * (LONGEST_MS - SHORTEST_MS));
    await server.kill();
    isOver = true;
    const ends = await writing;
    cut += ends.filter(({ status }) => status === "rejected").length;
    underWay += waiting(tabs);
    server = await startServer({ folder, port });
    const { effects } = await everything(address, identity);
    checks.none(
      `after kill ${round + 1}`,
      tabs.flatMap((tab) => tab.wrong(effects)),
    );
    // Sent again: those that had been made count once.
    await Promise.all(tabs.map((tab) => tab.resend()));
  }
  const { effects, revision } = await everything(address, identity);
  checks.none(
    "at the end",
    tabs.flatMap((tab) => tab.wrong(effects)),
  );
  const made = tabs.reduce((sum, { keys }) => sum + keys.length, 0);
  checks.equal("each change counts once", revision - first, made);
  await server.end("SIGTERM");
  checks.say(
    `kills: ${rounds} kills, ${made} changes acknowledged, ${cut} requests cut off, ${underWay} changes sent again`,
  );
}

function waiting(tabs: readonly Tab[]): number {
  return tabs.reduce((sum, tab) => sum + tab.keys.length - tab.acknowledged(), 0);
}

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms));
}
