import { type Server } from "../../scripts/lib/startServer";
import { ask } from "../durability/ask";
import { residentMb } from "./figures";

const [REQUESTS, AT_ONCE, REPORT_EVERY] = [20_000, 8, 2_500];
const PATHS = ["/", "/song", "/practice/log", "/changes", "/rounds/start", "/compare"];

/** Memory over very many requests. */
export async function soak({ address, pid }: Server): Promise<void> {
  let sent = 0;
  const client = async () => {
    while (sent < REQUESTS) {
      const number = sent++;
      await ask(address, "GET", PATHS[number % PATHS.length] ?? "/");
      if (number % REPORT_EVERY !== 0 && number !== REQUESTS - 1) continue;
      const { own, children } = residentMb(pid);
      console.log(`after ${number + 1} requests: server ${own} MB, jobs ${children} MB`);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, client));
}
