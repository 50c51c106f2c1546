import { type Problem } from "@/core/result";
import { type ChangeResponse, type ChangeRequest } from "@/wire";

/** What came of asking the server. */
export type Reply =
  | { readonly kind: "answer"; readonly answer: ChangeResponse }
  /** Nobody answered, or not in time. */
  | { readonly kind: "away" }
  /** The server could not save it now: the disk is full, the file is locked. */
  | { readonly kind: "not now"; readonly problem: Problem; readonly build: string }
  /** The request itself was refused. */
  | { readonly kind: "refused"; readonly problem: Problem; readonly build: string }
  /** The server has other data now. */
  | { readonly kind: "other data"; readonly build: string };

export interface Server {
  readonly send: (request: ChangeRequest) => Promise<Reply>;
  readonly ask: (identity: string, since: number) => Promise<Reply>;
  /** Sends while the page is being left; nobody is there to hear the answer. */
  readonly sendLast: (request: ChangeRequest) => void;
}

const PATH = "/changes";
/** A server that has not answered for so long is frozen, for all a player can tell. */
const PATIENCE_MS = 8000;
/** A browser lets a page that is left send so much. */
const LAST_BYTES = 60_000;
const [CONFLICT, FAULT] = [409, 500];

export const server: Server = {
  send: (request) => reply(PATH, { method: "POST", body: JSON.stringify(request) }),
  ask: (identity, since) =>
    reply(`${PATH}?${new URLSearchParams({ identity, since: String(since) })}`, {
      cache: "no-store",
    }),
  sendLast: (request) => {
    const body = JSON.stringify(request);
    if (body.length > LAST_BYTES) return;
    fetch(PATH, { method: "POST", body, keepalive: true }).catch(() => {
      // It waits in the browser's database, and is sent by the next page.
    });
  },
};

async function reply(path: string, init: RequestInit): Promise<Reply> {
  try {
    const response = await fetch(path, { ...init, signal: AbortSignal.timeout(PATIENCE_MS) });
    return read(response.status, await response.json());
  } catch {
    return { kind: "away" };
  }
}

interface Refusal {
  readonly problem: Problem;
  readonly build: string;
}

function read(status: number, body: unknown): Reply {
  if (typeof body !== "object" || body === null) return { kind: "away" };
  if ("outcomes" in body) return { kind: "answer", answer: body as ChangeResponse };
  if (!("problem" in body)) return { kind: "away" };
  const { problem, build } = body as Refusal;
  if (status === CONFLICT) return { kind: "other data", build };
  return { kind: status >= FAULT ? "not now" : "refused", problem, build };
}
