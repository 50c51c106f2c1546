import { proxy, wrap, type Remote } from "comlink";
import { type FoundTuning, type SearchRequest } from "@/core/compare";
import { type ComputeApi, type SearchReport } from "./api";

export {
  type SongPlanRequest,
  type GripsResponse,
  type PlannedSong,
  type SearchReport,
  type TranslatedGrips,
} from "./api";

/** Requests that may take seconds; each kind has a worker of its own. */
type SlowKind =
  | "grips"
  | "counts"
  | "routes"
  | "found"
  | "song"
  | "brought"
  | "drill"
  | "form"
  | "songRoutes"
  | "advice"
  | "blocked";
type Name = "compute" | "aside" | SlowKind;

interface Running {
  readonly worker: Worker;
  readonly remote: Remote<ComputeApi>;
}

/** The last request of a kind, as JSON, and its response. */
interface LastRequest {
  readonly request: string;
  readonly response: Promise<unknown>;
  isOpen: boolean;
}

const workers = new Map<Name, Running>();
const lastRequests = new Map<SlowKind, LastRequest>();

/** The compute worker, started at first use. Only for the browser. */
export function compute(): Remote<ComputeApi> {
  return running("compute").remote;
}

/** A second worker for slower requests about what is already on screen, so that the neck never waits. */
export function computeAside(): Remote<ComputeApi> {
  return running("aside").remote;
}

/**
 * Sends a request that may take seconds. The last request of its kind, sent again, gets the same response; a different one ends
 * it, and its promise then never settles. A failed request is computed again.
 *
 * @param request distinguishes the requests of a kind
 */
export async function ask<T>(
  kind: SlowKind,
  request: unknown,
  work: (api: Remote<ComputeApi>) => Promise<T>,
): Promise<T> {
  const text = JSON.stringify(request);
  const last = lastRequests.get(kind);
  if (last?.request === text) return last.response as Promise<T>;
  stopAsking(kind);
  const response = work(running(kind).remote);
  const entry: LastRequest = { request: text, response, isOpen: true };
  lastRequests.set(kind, entry);
  response.then(
    () => {
      entry.isOpen = false;
    },
    () => {
      if (lastRequests.get(kind) === entry) lastRequests.delete(kind);
    },
  );
  return response;
}

/** Forgets the last request of a kind, and ends it where it has no response yet. */
export function stopAsking(kind: SlowKind): void {
  const last = lastRequests.get(kind);
  lastRequests.delete(kind);
  if (!last?.isOpen) return;
  running(kind).worker.terminate();
  workers.delete(kind);
}

/** Searches in a worker of its own until it is done, or `signal` ends it; its promise then never settles. */
export async function searchInWorker(
  request: SearchRequest,
  report: (report: SearchReport) => void,
  signal: AbortSignal,
): Promise<readonly FoundTuning[]> {
  const { worker, remote } = start("search");
  signal.addEventListener("abort", () => worker.terminate());
  try {
    return await remote.search(request, proxy(report));
  } finally {
    worker.terminate();
  }
}

function running(name: Name): Running {
  const known = workers.get(name);
  if (known) return known;
  const made = start(name);
  workers.set(name, made);
  return made;
}

function start(name: string): Running {
  const worker = new Worker(new URL("./worker.ts", import.meta.url), { type: "module", name });
  return { worker, remote: wrap<ComputeApi>(worker) };
}
