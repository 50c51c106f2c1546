import { type Server } from "../../scripts/lib/startServer";
import { ask } from "../durability/ask";
import { residentMb, timesText } from "./figures";

const PAUSE_MS = 50;

/** How long a page takes while something large is made or read. */
export async function duringLongWork({ address, pid }: Server): Promise<void> {
  const page = () => ask(address, "GET", "/");
  for (let turn = 0; turn < 20; turn++) await page();
  await measure("nothing else", () => new Promise((resolve) => setTimeout(resolve, 2000)));
  await measure("a backup is made", () => whole(address, "/data/backup"));
  await measure("everything as JSON", () => whole(address, "/data/export"));
  const table = await measure("the log as a table", () => whole(address, "/rounds/csv"));
  await measure("the log is read", () => whole(address, "/rounds/csv", table));
  // Rounds that are not there yet.
  const further = Buffer.from(table.toString().replaceAll("Drill ", "Further drill "));
  await measure("the log is taken in", () => whole(address, "/rounds/csv?keep=1", further));
  await measure("all of the log is looked at", () => whole(address, "/rounds/view"));

  async function measure<T>(name: string, work: () => Promise<T>): Promise<T> {
    const times: number[] = [];
    let isOver = false;
    let most = { own: 0, children: 0 };
    const startMs = performance.now();
    const done = work().finally(() => (isOver = true));
    while (!isOver) {
      const fromMs = performance.now();
      const { status } = await page();
      if (status !== 200) throw new Error(`a page answered ${status}`);
      times.push(performance.now() - fromMs);
      const now = residentMb(pid);
      most = {
        own: Math.max(most.own, now.own),
        children: Math.max(most.children, now.children),
      };
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
    const result = await done;
    const seconds = ((performance.now() - startMs) / 1000).toFixed(1);
    console.log(
      `${name}: ${seconds} s; pages ${timesText(times)}; server ${most.own} MB, jobs ${most.children} MB`,
    );
    return result;
  }
}

async function whole(address: string, path: string, body?: Buffer): Promise<Buffer> {
  const response = await fetch(address + path, {
    method: body ? "POST" : "GET",
    headers: { origin: address },
    ...(body && { body: new Uint8Array(body) }),
  });
  const bytes = Buffer.from(await response.arrayBuffer());
  if (!response.ok) throw new Error(`${path}: ${response.status} ${bytes.toString()}`);
  return bytes;
}
