import { prepared } from "@/server/keeper";
import { served } from "@/server/database";
import { type JobAnswer, type JobRequest } from "./jobs";
import { runJob } from "./runJob";

type LogJob = "readLog" | "readPractice" | "readTimedRounds";

const MAX_KEPT = 40;
const MINUTE_MS = 60_000;

/** `next start` loads a module several times in one process; all of them share what is kept. */
const global = globalThis as typeof globalThis & { tenonLog?: Map<string, Promise<unknown>> };
const kept = (global.tenonLog ??= new Map());

/**
 * Runs a job that reads the log, and caches its answer until a round or a note changes. Answers that depend on the time are
 * cached for sixty seconds.
 */
export async function askLog<N extends LogJob>(
  name: N,
  request: JobRequest<N>,
): Promise<JobAnswer<N>> {
  const key = JSON.stringify([name, roughly(request), logMark()]);
  const known = kept.get(key);
  if (known) return (await known) as JobAnswer<N>;
  const asked = runJob(name, request);
  kept.set(key, asked);
  const [oldest] = kept.keys();
  if (kept.size > MAX_KEPT && oldest !== undefined) kept.delete(oldest);
  asked.catch(() => kept.delete(key));
  return asked;
}

function roughly(request: object | null): object | null {
  if (request === null || !("atMs" in request)) return request;
  return { ...request, atMs: Math.floor(Number(request.atMs) / MINUTE_MS) };
}

/** A key that differs after every change to the log. */
function logMark(): unknown {
  const sql = `SELECT (SELECT identity FROM data WHERE id = 1), (SELECT max(revision) FROM round),
    (SELECT max(revision) FROM journal)`;
  return prepared(served().connection, sql).raw().get();
}
