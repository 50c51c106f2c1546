import { type ChangeResponse, type ChangeRequest, type Origin } from "@/wire";

/** What jsdom lacks of a browser, as far as a session needs it. */
export function fakeBrowser(): void {
  class SilentChannel {
    onmessage = null;
    postMessage(): void {
      // No other window listens.
    }
    close(): void {
      // Nothing was opened.
    }
  }
  class StillObserver {
    observe(): void {
      // Nothing has a size here, so none changes.
    }
    disconnect(): void {
      // Nothing was observed.
    }
  }
  let uuids = 0;
  Object.assign(globalThis, { BroadcastChannel: SilentChannel, ResizeObserver: StillObserver });
  Object.assign(Element.prototype, { scrollTo: () => undefined });
  Object.assign(AbortSignal, { timeout: () => new AbortController().signal });
  Object.assign(globalThis.crypto, { randomUUID: () => `key-${++uuids}` });
}

export const ORIGIN: Origin = { build: "now", identity: "these", revision: 0, readOnly: null };

/** As much of a response as is read of it. */
export function response(body: object, status = 200): Response {
  const headers = { get: () => null } as unknown as Headers;
  return { status, headers, json: async () => body } as Response;
}

/** How a server answers that takes every change. */
export function taken({ changes, identity }: ChangeRequest, revision = 1): ChangeResponse {
  const outcomes = changes.map(({ key }) => ({ key, problem: null, revision }));
  return { build: "now", identity, revision, outcomes, effects: [] };
}
