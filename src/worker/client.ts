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

/** Questions that may take seconds; each kind has a worker of its own. */
type SlowKind =
  | "grips"
  | "counts"
  | "routes"
  | "found"
  | "song"
  | "brought"
  | "drill"
  | "songRoutes"
  | "advice"
  | "blocked";
type Name = "compute" | "aside" | SlowKind;

interface Running {
  readonly worker: Worker;
  readonly remote: Remote<ComputeApi>;
}

/** The last question of a kind, and its answer. */
interface Asked {
  readonly request: string;
  readonly answer: Promise<unknown>;
  isOpen: boolean;
}

const workers = new Map<Name, Running>();
const asked = new Map<SlowKind, Asked>();

/** The compute worker, started at first use. Only for the browser. */
export function compute(): Remote<ComputeApi> {
  return running("compute").remote;
}

/** A second one for slower questions about what is shown already, so that the neck never waits. */
export function computeAside(): Remote<ComputeApi> {
  return running("aside").remote;
}

/**
 * Asks a question that may take seconds. The same question as the last of its kind has the same answer, however often it is
 * asked; another one ends the one before, whose promise then never settles. What failed is asked again.
 *
 * @param request tells questions of a kind apart
 */
export async function ask<T>(
  kind: SlowKind,
  request: unknown,
  work: (api: Remote<ComputeApi>) => Promise<T>,
): Promise<T> {
  const text = JSON.stringify(request);
  const last = asked.get(kind);
  if (last?.request === text) return last.answer as Promise<T>;
  stopAsking(kind);
  const answer = work(running(kind).remote);
  const entry: Asked = { request: text, answer, isOpen: true };
  asked.set(kind, entry);
  answer.then(
    () => {
      entry.isOpen = false;
    },
    () => {
      if (asked.get(kind) === entry) asked.delete(kind);
    },
  );
  return answer;
}

/** Forgets the last question of a kind, and ends it where it is not answered yet. */
export function stopAsking(kind: SlowKind): void {
  const last = asked.get(kind);
  asked.delete(kind);
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
