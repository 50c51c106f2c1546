import { type Server } from "../../scripts/lib/startServer";
import { nextId, type Change } from "../../src/wire";
import { ask, bodyOf, everything, identityOf } from "../durability/ask";
import { residentMb, timesText } from "./figures";

const CLIENTS = 50;
const FOR_MS = 20_000;
const STANDARD = [40, 45, 50, 55, 59, 64];
const PAGES = ["/", "/compare", "/song", "/practice", "/practice/log", "/rig", "/name"];
/** A player looks at a page before turning to the next, and changes something now and then. */
const PAUSES_MS = [1000, 3000] as const;

/** Clients that look at pages and change things: first as players do, then without a pause. */
export async function fiftyClients(server: Server): Promise<void> {
  for (const path of PAGES) await ask(server.address, "GET", path);
  await clients(server, "with pauses", PAUSES_MS);
  await clients(server, "without pauses", [0, 0]);
}

async function clients(
  { address, pid }: Server,
  name: string,
  [leastMs, mostMs]: readonly [number, number],
): Promise<void> {
  const identity = await identityOf(address);
  const { revision } = await everything(address, identity);
  const timesOf = new Map(PAGES.map((path): [string, number[]] => [path, []]));
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
    const id = nextId(Date.now(), Math.random());
    // They do not all come at the same moment.
    await new Promise((resolve) => setTimeout(resolve, Math.random() * mostMs));
    for (let turn = 0; performance.now() < untilMs; turn++) {
      const path = PAGES[(number + turn) % PAGES.length] ?? "/";
      await timed(timesOf.get(path) ?? [], () => ask(address, "GET", path));
      const label = `Load ${number} ${turn}`;
      const act =
        turn === 0
          ? { act: "add", kind: "tuning", id, value: { name: label, midi: STANDARD } }
          : { act: "set", kind: "tuning", id, fields: { name: label } };
      const key = `load-${name}-${number}-${turn}`.replaceAll(" ", "-");
      const body = bodyOf(identity, [{ ...act, key } as Change], revision);
      await timed(writes, () => ask(address, "POST", "/changes", body));
      const pauseMs = leastMs + Math.random() * (mostMs - leastMs);
      await new Promise((resolve) => setTimeout(resolve, pauseMs));
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, number) => client(number)));
  const { own, children } = residentMb(pid);
  console.log(`-- ${name}`);
  const pages = [...timesOf.values()].flat();
  console.log(`${pages.length} pages: ${timesText(pages)}`);
  for (const [path, times] of timesOf) console.log(`  ${path}: ${timesText(times)}`);
  console.log(`${writes.length} writes: ${timesText(writes)}`);
  console.log(`not 200: ${wrong.length}${wrong[0] ? `, such as ${wrong[0]}` : ""}`);
  console.log(`server ${own} MB, jobs ${children} MB`);
}
