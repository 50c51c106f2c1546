import { proxy, wrap, type Remote } from "comlink";
import { type FoundTuning, type SearchQuestion } from "@/core/compare";
import { type ComputeApi, type SearchReport } from "./api";

export {
  type AskedSong,
  type GripsAnswer,
  type PlannedSong,
  type SearchReport,
  type TranslatedGrips,
} from "./api";

/** Questions that may take seconds; each kind has a worker of its own. */
export type SlowKind =
  | "grips"
  | "counts"
  | "routes"
  | "found"
  | "song"
  | "brought"
  | "drill"
  | "ways"
  | "advice"
  | "blocked";
type Name = "compute" | "aside" | SlowKind;

interface Running {
  readonly worker: Worker;
  readonly remote: Remote<ComputeApi>;
}

const workers = new Map<Name, Running>();
const busy = new Set<SlowKind>();

/** The compute worker, started at first use. Only for the browser. */
export function compute(): Remote<ComputeApi> {
  return running("compute").remote;
}

/** A second one for slower questions about what is shown already, so that the neck never waits. */
export function computeAside(): Remote<ComputeApi> {
  return running("aside").remote;
}

/**
 * Others for questions that may take seconds. A new one of a kind ends the one before, whose promise
 * then never settles.
 */
export async function computeFreely<T>(
  kind: SlowKind,
  ask: (api: Remote<ComputeApi>) => Promise<T>,
): Promise<T> {
  if (busy.has(kind)) {
    running(kind).worker.terminate();
    workers.delete(kind);
  }
  busy.add(kind);
  const { worker, remote } = running(kind);
  try {
    return await ask(remote);
  } finally {
    if (workers.get(kind)?.worker === worker) busy.delete(kind);
  }
}

/** Ends what is worked out of a kind, whose promise then never settles. */
export function endFreely(kind: SlowKind): void {
  if (!busy.has(kind)) return;
  running(kind).worker.terminate();
  workers.delete(kind);
  busy.delete(kind);
}

/** Searches in a worker of its own until it is done, or `signal` ends it; its promise then never settles. */
export async function searchInWorker(
  question: SearchQuestion,
  report: (report: SearchReport) => void,
  signal: AbortSignal,
): Promise<readonly FoundTuning[]> {
  const { worker, remote } = start("search");
  signal.addEventListener("abort", () => worker.terminate());
  try {
    return await remote.search(question, proxy(report));
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
