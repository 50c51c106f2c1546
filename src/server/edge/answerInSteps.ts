import { answer } from "./answer";

/** What work is given that may take seconds. */
export interface Steps {
  /** Aborts when nobody waits any more. */
  readonly signal: AbortSignal;
  /** Told how much is done, from 0 to 1. */
  readonly onProgress: (share: number) => void;
}

export const STEPS_TYPE = "application/x-ndjson";

/**
 * As `answer`. A page that accepts lines of JSON is told how far the work is, a line each, `{"progress": 0.4}`; the last line
 * is what would have been the body. The work ends where the page goes away.
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
