import { type Server } from "../../scripts/lib/startServer";
import { nextId } from "../../src/wire";
import { ask, bodyOf, everything, identityOf } from "../durability/ask";
import { residentMb, timesText } from "./figures";

const CLIENTS = 50;
const FOR_MS = 20_000;
const PAGES = ["/", "/compare", "/song", "/practice", "/practice/log", "/rig", "/name"];
/** A player looks at a page before turning to the next, and changes something now and then. */
const PAUSES_MS = [200, 1800] as const;

/** Clients that look at pages and change things. */
export async function fiftyClients({ address, pid }: Server): Promise<void> {
  for (const path of PAGES) await ask(address, "GET", path);
  const identity = await identityOf(address);
  const { revision } = await everything(address, identity);
  const pages: number[] = [];
  const writes: number[] = [];
  const wrong: string[] = [];
  const untilMs = performance.now() + FOR_MS;
  const timed = async (times: number[], work: () => ReturnType<typeof ask>) => {
    const fromMs = performance.now();
    const { status, text } = await work();
    times.push(performance.now() - fromMs);
    if (status !== 200) wrong.push(`${status} ${text.slice(0, 100)}`);
  };
  const client = async (number: number) => {
    for (let turn = 0; performance.now() < untilMs; turn++) {
      const path = PAGES[(number + turn) % PAGES.length] ?? "/";
      await timed(pages, () => ask(address, "GET", path));
      const id = nextId(Date.now(), Math.random());
      const value = { name: `Load ${number} ${turn}`, midi: [40, 45, 50, 55, 59, 64] };
      const key = `load-${number}-${turn}`;
      const body = bodyOf(identity, [{ act: "add", kind: "tuning", id, value, key }], revision);
      await timed(writes, () => ask(address, "POST", "/changes", body));
      const [least, most] = PAUSES_MS;
      const pauseMs = least + Math.random() * (most - least);
      await new Promise((resolve) => setTimeout(resolve, pauseMs));
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, number) => client(number)));
  const { own, children } = residentMb(pid);
  console.log(`${pages.length} pages: ${timesText(pages)}`);
  console.log(`${writes.length} writes: ${timesText(writes)}`);
  console.log(`not 200: ${wrong.length}${wrong[0] ? `, such as ${wrong[0]}` : ""}`);
  console.log(`server ${own} MB, jobs ${children} MB`);
}
