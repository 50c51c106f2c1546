import { afterEach, describe, expect, jest, test } from "@jest/globals";
import { type ChangeRequest } from "@/wire";
import { server } from "./post";

const REQUEST: ChangeRequest = { identity: "these", since: 4, changes: [] };
const before = globalThis.fetch;

afterEach(() => {
  globalThis.fetch = before;
});

/** Has the network answer, and tells what it was asked. */
function answering(status: number, body: unknown) {
  const fetched = jest.fn<typeof fetch>(
    async () => new Response(typeof body === "string" ? body : JSON.stringify(body), { status }),
  );
  globalThis.fetch = fetched;
  return fetched;
}

const problem = { field: "full", message: "The disk is full." };

describe("an answer of the server", () => {
  test("that took the changes is handed on", async () => {
    const answer = { build: "now", identity: "these", revision: 5, outcomes: [], effects: [] };
    const fetched = answering(200, answer);
    expect(await server.send(REQUEST)).toEqual({ kind: "answer", answer });
    expect(fetched.mock.calls[0]?.[0]).toBe("/changes");
    expect(await server.ask("these", 4)).toEqual({ kind: "answer", answer });
    expect(fetched.mock.calls[1]?.[0]).toBe("/changes?identity=these&since=4");
  });

  test.each([
    [400, "refused"],
    [503, "not now"],
    [500, "not now"],
    [409, "other data"],
  ])("of status %i is told as %s, with the build it came from", async (status, kind) => {
    answering(status, { build: "now", ok: false, problem });
    expect(await server.send(REQUEST)).toMatchObject({ kind, build: "now" });
  });

  test.each([
    ["a page of something else that runs there now", 200, "<html>"],
    ["JSON of something else", 200, { hello: 1 }],
    ["nothing", 502, "null"],
  ])("that is %s is none", async (_, status, body) => {
    answering(status, body);
    expect(await server.send(REQUEST)).toEqual({ kind: "away" });
  });

  test("that never comes is none", async () => {
    globalThis.fetch = () => Promise.reject(new TypeError("refused"));
    expect(await server.ask("these", 4)).toEqual({ kind: "away" });
  });
});

test("what a browser will not send on leaving waits for the next page", () => {
  const fetched = answering(200, {});
  server.sendLast(REQUEST);
  expect(fetched.mock.calls[0]?.[1]).toMatchObject({ method: "POST", keepalive: true });
  server.sendLast({ ...REQUEST, identity: "x".repeat(70_000) });
  expect(fetched).toHaveBeenCalledTimes(1);
});
