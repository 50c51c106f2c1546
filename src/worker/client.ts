import { wrap, type Remote } from "comlink";
import { type ComputeApi } from "./api";

type Name = "compute" | "aside";

const remotes = new Map<Name, Remote<ComputeApi>>();

/** The compute worker, started at first use. Only for the browser. */
export function compute(): Remote<ComputeApi> {
  return remote("compute");
}

/** A second one for slower questions about what is shown already, so that the neck never waits. */
export function computeAside(): Remote<ComputeApi> {
  return remote("aside");
}

function remote(name: Name): Remote<ComputeApi> {
  const known = remotes.get(name);
  if (known) return known;
  const made = wrap<ComputeApi>(
    new Worker(new URL("./worker.ts", import.meta.url), { type: "module", name }),
  );
  remotes.set(name, made);
  return made;
}
