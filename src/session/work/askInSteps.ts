import { failure, type Result } from "@/core/result";

/** Cancellation and progress of work that may take seconds. */
export interface WorkOptions {
  readonly signal: AbortSignal;
  /** Receives the share that is done, from 0 to 1. */
  readonly onProgress: (share: number) => void;
}

const STEPS_TYPE = "application/x-ndjson";
const NO_ANSWER = "Tenon does not answer. Is it still running?";

/** Sends a request that may take seconds, and reports its progress. Throws when the signal aborts. */
export async function askInSteps<T>(
  path: string,
  body: Blob | string | null,
  { signal, onProgress }: WorkOptions,
): Promise<Result<T>> {
  try {
    const headers = { Accept: `${STEPS_TYPE}, application/json` };
    const response = await fetch(path, { method: "POST", headers, body, signal });
    const isInSteps = response.headers.get("content-type")?.startsWith(STEPS_TYPE);
    if (!isInSteps || !response.body) return (await response.json()) as Result<T>;
    let last: Result<T> | null = null;
    for await (const line of linesOf(response.body)) {
      const value = JSON.parse(line) as { readonly progress: number } | Result<T>;
      if ("progress" in value) onProgress(value.progress);
      else last = value;
    }
    return last ?? failure("server", NO_ANSWER);
  } catch (error) {
    signal.throwIfAborted();
    console.warn(error);
    return failure("server", NO_ANSWER);
  }
}

async function* linesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<string> {
  const reader = body.getReader();
  const decoder = new TextDecoder();
  let rest = "";
  for (;;) {
    const { value, done } = await reader.read();
    rest += decoder.decode(value, { stream: !done });
    const lines = rest.split("\n");
    rest = lines.pop() ?? "";
    yield* lines;
    if (done) break;
  }
  if (rest !== "") yield rest;
}
