import { join } from "node:path";
import { notSavedError, served } from "@/server/database";
import { type JobAnswer, type JobName, type JobRequest } from "./jobs";
import { JobFailed, makeProcesses, type Processes } from "./processes";

/** Bundled beside the command line (scripts/lib/setup.mjs). */
const SCRIPT = join(process.cwd(), "dist", "jobs.mjs");
/** Enough for the largest file that is read, and within the memory of a small machine. */
const MAX_HEAP_MB = 450;
const MINUTE_MS = 60_000;

/** Pages need these at once, so they have a process of their own and never queue behind a backup. */
const LOG_JOBS: readonly JobName[] = ["readLog", "readPractice", "readTimedRounds"];

interface Shared {
  readonly log: Processes;
  readonly other: Processes;
}

/** `next start` loads a module several times in one process; all of them share the processes. */
const global = globalThis as typeof globalThis & { tenonJobs?: Shared };
const shared = (global.tenonJobs ??= {
  log: makeProcesses({
    script: SCRIPT,
    maxProcesses: 1,
    idleMs: 30 * MINUTE_MS,
    maxHeapMb: MAX_HEAP_MB,
  }),
  other: makeProcesses({
    script: SCRIPT,
    maxProcesses: 3,
    idleMs: MINUTE_MS,
    maxHeapMb: MAX_HEAP_MB,
  }),
});

interface RunOptions {
  readonly signal?: AbortSignal | undefined;
  readonly onProgress?: ((share: number) => void) | undefined;
  /** Folder for the files that the job writes. */
  readonly folder?: string;
}

/**
 * Runs a job on the served data in another process, so that the server goes on answering. Throws a `WordedError`, or the
 * reason of the signal that ended it.
 */
export async function runJob<N extends JobName>(
  name: N,
  request: JobRequest<N>,
  { signal, onProgress, folder = "" }: RunOptions = {},
): Promise<JobAnswer<N>> {
  const processes = LOG_JOBS.includes(name) ? shared.log : shared.other;
  const file = served().connection.name;
  try {
    const order = { name, request, file, folder };
    return (await processes.run(order, { signal, onProgress })) as JobAnswer<N>;
  } catch (error) {
    throw error instanceof JobFailed ? notSavedError(error) : error;
  }
}
