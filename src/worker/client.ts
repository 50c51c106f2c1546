import { wrap, type Remote } from "comlink";
import { type ComputeApi } from "./api";

let remote: Remote<ComputeApi> | null = null;

/** The compute worker, started at first use. Only for the browser. */
export function compute(): Remote<ComputeApi> {
  remote ??= wrap<ComputeApi>(
    new Worker(new URL("./worker.ts", import.meta.url), { type: "module", name: "compute" }),
  );
  return remote;
}
