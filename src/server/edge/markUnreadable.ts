import { subscribe } from "node:diagnostics_channel";
import { type IncomingMessage } from "node:http";

/** Where the framework expects what its router knows of the page. It hides it from the proxy, and fails on nonsense. */
const STATE_HEADER = "next-router-state-tree";

/**
 * Has every request looked at before the framework sees it: a router's state that nobody can read is taken out and
 * marked under `header`, so that the proxy can refuse it as the sender's mistake.
 */
export function markUnreadable(header: string): void {
  subscribe("http.server.request.start", (message) => {
    const { headers } = (message as { readonly request: IncomingMessage }).request;
    const state = headers[STATE_HEADER];
    if (state === undefined || isState(String(state))) return;
    delete headers[STATE_HEADER];
    headers[header] = "yes";
  });
}

function isState(text: string): boolean {
  try {
    return Array.isArray(JSON.parse(decodeURIComponent(text)));
  } catch {
    return false;
  }
}
