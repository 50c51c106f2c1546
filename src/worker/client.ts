import { wrap, type Remote } from "comlink";
import { type ComputeApi } from "./api";

export { type GripsAnswer } from "./api";

type Name = "compute" | "aside" | "free";

interface Running {
  readonly worker: Worker;
  readonly remote: Remote<ComputeApi>;
}

const workers = new Map<Name, Running>();
let isFreeBusy = false;

/** The compute worker, started at first use. Only for the browser. */
export function compute(): Remote<ComputeApi> {
  return running("compute").remote;
}

/** A second one for slower questions about what is shown already, so that the neck never waits. */
export function computeAside(): Remote<ComputeApi> {
  return running("aside").remote;
}

/**
 * A third for questions that may take seconds. A new one ends the one before, whose promise then
 * never settles.
 */
export async function computeFreely<T>(ask: (api: Remote<ComputeApi>) => Promise<T>): Promise<T> {
  if (isFreeBusy) {
    running("free").worker.terminate();
    workers.delete("free");
  }
  isFreeBusy = true;
  try {
    return await ask(running("free").remote);
  } finally {
    isFreeBusy = false;
  }
}

function running(name: Name): Running {
  const known = workers.get(name);
  if (known) return known;
  const worker = new Worker(new URL("./worker.ts", import.meta.url), { type: "module", name });
  const made = { worker, remote: wrap<ComputeApi>(worker) };
  workers.set(name, made);
  return made;
}
