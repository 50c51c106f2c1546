import { startServer, type Server } from "../../scripts/lib/startServer";
import { everything, identityOf } from "./ask";
import { type Checks } from "./checks";
import { makeTab, type Tab } from "./tab";

/** What each part of the harness works with: a folder of its own, and where what it finds is counted. */
export interface Trial {
  readonly checks: Checks;
  readonly folder: string;
  readonly port: number;
  readonly random: () => number;
}

interface Opened {
  readonly server: Server;
  /** A server that is started again in its place has the same. */
  readonly address: string;
  readonly identity: string;
  /** How many changes the data had seen. */
  readonly first: number;
  readonly tabs: readonly Tab[];
}

/** Serves a folder and opens tabs on it. */
export async function openTabs({ folder, port, random }: Trial, count: number): Promise<Opened> {
  const server = await startServer({ folder, port });
  const { address } = server;
  const identity = await identityOf(address);
  const first = (await everything(address, identity)).revision;
  const tabs = Array.from({ length: count }, (_, number) =>
    makeTab(number, address, identity, random),
  );
  return { server, address, identity, first, tabs };
}
