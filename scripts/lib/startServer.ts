import { spawn, type ChildProcess } from "node:child_process";

const NEXT = "node_modules/next/dist/bin/next";
const [ATTEMPTS, PAUSE_MS] = [600, 50];
/** Somebody without rights on this machine; only root may become another. */
const NOBODY = 65_534;

export interface Server {
  readonly address: string;
  readonly pid: number;
  /** Ends it as a power cut does. */
  readonly kill: () => Promise<void>;
  /** Asks it to end, and waits until it has. */
  readonly end: (signal: NodeJS.Signals) => Promise<void>;
  /** Stops it where it is, as a machine that sleeps does, and lets it go on. */
  readonly freeze: () => void;
  readonly thaw: () => void;
}

interface Options {
  readonly folder: string;
  readonly port: number;
  /** As a user without rights, where that can be. */
  readonly asNobody?: boolean;
}

/** Serves the build on a data folder, and waits until it answers. */
export async function startServer({ folder, port, asNobody = false }: Options): Promise<Server> {
  const address = `http://127.0.0.1:${port}`;
  const child = spawn(process.execPath, [NEXT, "start", "-H", "127.0.0.1", "-p", String(port)], {
    env: {
      ...process.env,
      NODE_ENV: "production",
      NEXT_TELEMETRY_DISABLED: "1",
      TENON_DATA: folder,
      TENON_ADDRESS: address,
    },
    stdio: "ignore",
    ...(asNobody && process.getuid?.() === 0 ? { uid: NOBODY, gid: NOBODY } : {}),
  });
  const ended = new Promise<void>((resolve) => child.once("exit", () => resolve()));
  await untilItAnswers(address, child);
  const end = (signal: NodeJS.Signals) => {
    child.kill(signal);
    return ended;
  };
  return {
    address,
    pid: child.pid ?? 0,
    kill: () => end("SIGKILL"),
    end,
    freeze: () => void child.kill("SIGSTOP"),
    thaw: () => void child.kill("SIGCONT"),
  };
}

async function untilItAnswers(address: string, child: ChildProcess): Promise<void> {
  for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
    if (child.exitCode !== null) break;
    try {
      await fetch(`${address}/changes`);
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
  }
  throw new Error("The server did not start; is there a build?");
}
