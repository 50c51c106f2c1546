import { Agent, request } from "node:http";
import { type ChangeResponse, type Change } from "@/wire";

/** What the server answered. */
export interface Answer {
  readonly status: number;
  readonly text: string;
}

// A connection that nobody used for longer may be closed by the server at the moment it is taken again.
const agent = new Agent({ keepAlive: true, timeout: 3000 });
const PATIENCE_MS = 20_000;

/** Asks a server; throws where nobody answers. */
export function ask(address: string, method: string, path: string, body = ""): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const sent = request(
      address + path,
      { method, agent, headers: { origin: address }, timeout: PATIENCE_MS },
      (response) => {
        let text = "";
        response.setEncoding("utf8");
        response.on("data", (part: string) => (text += part));
        response.once("end", () => resolve({ status: response.statusCode ?? 0, text }));
        response.on("error", reject);
      },
    );
    sent.on("error", reject);
    sent.once("timeout", () => sent.destroy(new Error("no answer")));
    sent.end(body);
  });
}

/** Sends something and hangs up after a while, without waiting for the answer. */
export function sendAndHangUp(
  address: string,
  path: string,
  body: string,
  afterMs: number,
): Promise<void> {
  return new Promise((resolve) => {
    const sent = request(address + path, { method: "POST", headers: { origin: address } });
    sent.on("error", () => resolve());
    sent.once("close", () => resolve());
    sent.end(body, () => setTimeout(() => sent.destroy(), afterMs));
  });
}

/** Which data a server has open, as its pages are told. Throws where it shows no page of them. */
export async function identityOf(address: string): Promise<string> {
  const { text } = await ask(address, "GET", "/");
  const found = /identity\\?":\\?"([\w-]+)/.exec(text)?.[1];
  if (!found) throw new Error(`no data behind this page: ${headingOf(text)}`);
  return found;
}

/** The heading of a page, to tell which it is. */
export function headingOf(page: string): string {
  return /<h1[^>]*>([^<]*)/.exec(page)?.[1] ?? page.slice(0, 80);
}

/** What the server tells a page that knows the data up to a revision; everything, from 0. */
export async function everything(
  address: string,
  identity: string,
  since = 0,
): Promise<ChangeResponse> {
  const path = `/changes?identity=${identity}&since=${since}`;
  const { status, text } = await ask(address, "GET", path);
  if (status !== 200) throw new Error(`${status}: ${text}`);
  return JSON.parse(text) as ChangeResponse;
}

/** Sends changes; what became of each. Throws where nobody answers, or the whole is refused. */
export async function send(
  address: string,
  identity: string,
  changes: readonly Change[],
  since: number,
): Promise<ChangeResponse> {
  const { status, text } = await ask(address, "POST", "/changes", bodyOf(identity, changes, since));
  if (status !== 200) throw new Error(`${status}: ${text}`);
  return JSON.parse(text) as ChangeResponse;
}

export function bodyOf(identity: string, changes: readonly Change[], since = 0): string {
  return JSON.stringify({ identity, since, changes });
}
