import { describe, expect, test } from "@jest/globals";
import { NextRequest } from "next/server";
import { proxy, UNREADABLE_HEADER } from "./proxy";

const HOST = "127.0.0.1:4170";
const OWN = `http://${HOST}`;

function statusOf(
  path: string,
  { method = "GET", ...headers }: Readonly<Record<string, string>> = {},
): number {
  return proxy(new NextRequest(OWN + path, { method, headers: { host: HOST, ...headers } })).status;
}

describe("a request", () => {
  test("of a page is let through", () => {
    expect(statusOf("/")).toBe(200);
    expect(statusOf("/compare?chords=D5%20F5")).toBe(200);
    expect(statusOf("/_next/static/chunks/a.js")).toBe(200);
  });

  test("to another name of this machine is not answered", () => {
    expect(statusOf("/", { host: "tenon.example" })).toBe(421);
  });

  test("that writes comes from a page of Tenon, and goes where something is written", () => {
    const origin = OWN;
    expect(statusOf("/changes", { method: "POST", origin })).toBe(200);
    expect(statusOf("/data/restore", { method: "POST", origin })).toBe(200);
    expect(statusOf("/changes", { method: "POST" })).toBe(403);
    expect(statusOf("/changes", { method: "POST", origin: "http://example.org" })).toBe(403);
    // What the framework would take for an action of its own, and fail on.
    expect(statusOf("/", { method: "POST", origin, "next-action": "00" })).toBe(400);
    expect(statusOf("/rig", { method: "PUT", origin })).toBe(400);
  });

  test("that nobody can decode is the sender's mistake", () => {
    expect(statusOf("/%E0%A4%A")).toBe(400);
    expect(statusOf("/", { [UNREADABLE_HEADER]: "yes" })).toBe(400);
  });
});
