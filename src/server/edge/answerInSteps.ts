import { answer } from "./answer";

/** Cancellation and progress of work that may take seconds. */
export interface Steps {
  /** Aborts when the page disconnects. */
  readonly signal: AbortSignal;
  /** Reports the share that is done, from 0 to 1. */
  readonly onProgress: (share: number) => void;
}

export const STEPS_TYPE = "application/x-ndjson";

/**
 * As `answer`, for work that takes seconds. To a page that accepts lines of JSON it reports progress, one line each:
 * `{"progress": 0.4}`; the last line is the response body. When the page disconnects, the work is aborted.
 */
export function answerInSteps(
  request: Request,
  work: (steps: Steps) => Promise<Response>,
): Promise<Response> {
  if (!request.headers.get("accept")?.includes(STEPS_TYPE)) {
    return answer(() => work({ signal: request.signal, onProgress: () => undefined }));
  }
  const ending = new AbortController();
  const lines = new ReadableStream<Uint8Array>({
    async start(controller) {
      const encoder = new TextEncoder();
      const say = (line: string) => {
        if (!ending.signal.aborted) controller.enqueue(encoder.encode(`${line}\n`));
      };
      const onProgress = (progress: number) => say(JSON.stringify({ progress }));
      const response = await answer(() => work({ signal: ending.signal, onProgress }));
      say(await response.text());
      if (!ending.signal.aborted) controller.close();
    },
    cancel: () => ending.abort(new DOMException("The page went away.", "AbortError")),
  });
  const headers = { "Content-Type": STEPS_TYPE, "Cache-Control": "no-store" };
  return Promise.resolve(new Response(lines, { headers }));
}
