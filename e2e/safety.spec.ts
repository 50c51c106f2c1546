import { request as httpRequest } from "node:http";
import { expect, test } from "./fixtures";
import { PORT } from "./settings";

/** A raw request, since a browser lets nobody choose Host or Origin. */
function send(method: string, headers: Readonly<Record<string, string>>): Promise<number> {
  return new Promise((resolve, reject) => {
    const call = httpRequest(
      { host: "127.0.0.1", port: PORT, path: "/", method, headers },
      (answer) => {
        answer.resume();
        resolve(answer.statusCode ?? 0);
      },
    );
    call.on("error", reject);
    call.end();
  });
}

test("only this machine's own names are answered", async () => {
  expect(await send("GET", { host: `127.0.0.1:${PORT}` })).toBe(200);
  expect(await send("GET", { host: `localhost:${PORT}` })).toBe(200);
  for (const host of ["example.org", `tenon.example:${PORT}`, "127.0.0.1.example.org"]) {
    expect(await send("GET", { host })).toBe(421);
  }
});

test("writes from foreign pages, or without a page, are refused", async () => {
  const host = `127.0.0.1:${PORT}`;
  for (const method of ["POST", "PUT", "DELETE", "PATCH"]) {
    expect(await send(method, { host, origin: "http://example.org" })).toBe(403);
    expect(await send(method, { host, origin: "null" })).toBe(403);
    expect(await send(method, { host })).toBe(403);
  }
});

test("what is sent to be saved is checked, bounded and never sent back", async ({ request }) => {
  const headers = { origin: `http://127.0.0.1:${PORT}` };
  const noise = "noise".repeat(20_000);
  for (const [data, status] of [
    ["no JSON", 400],
    [JSON.stringify({ root: "H" }), 400],
    [JSON.stringify({ identity: noise, since: 0, changes: [{ act: noise }] }), 400],
    [JSON.stringify({ identity: "x", since: 0, changes: [], [noise]: 1 }), 400],
    [JSON.stringify(noise.repeat(90)), 413],
  ] as const) {
    const answer = await request.post("/changes", { headers, data });
    expect(answer.status()).toBe(status);
    expect((await answer.text()).length).toBeLessThan(400);
  }
  expect((await request.post("/changes", { data: "{}" })).status()).toBe(403);
});

test("what nobody can decode is the sender's mistake, in words", async ({ request }) => {
  const origin = `http://127.0.0.1:${PORT}`;
  const form = { origin, "content-type": "multipart/form-data; boundary=x" };
  const answers = [
    await request.get("/%E0%A4%A"),
    await request.get("/", { headers: { rsc: "1", "next-router-state-tree": "%7B" } }),
    await request.post("/", { headers: form, data: "garbage" }),
    await request.post("/changes", { headers: form, data: "garbage" }),
    await request.post("/", { headers: { origin, "next-action": "0".repeat(42) }, data: "[]" }),
    await request.get("/changes?identity=x&since=many"),
  ];
  const told = answers.map((answer) => answer.status());
  expect(told).toEqual([400, 400, 400, 400, 400, 409]);
});

test("every page carries a content policy with a nonce of its own", async ({ request }) => {
  const [first, second] = [await request.get("/"), await request.get("/compare")];
  const [one, two] = [first, second].map(
    (answer) => answer.headers()["content-security-policy"] ?? "",
  );
  expect(one).toMatch(/script-src 'self' 'nonce-[0-9a-f]{32}'; style-src 'self' 'nonce-/);
  expect(one).not.toContain("unsafe-eval");
  expect(one).not.toBe(two);
  expect(first.headers()).toMatchObject({
    "x-content-type-options": "nosniff",
    "x-frame-options": "DENY",
    "referrer-policy": "no-referrer",
  });
  expect(first.headers()["x-powered-by"]).toBeUndefined();
});

test("nothing is asked of any other machine", async ({ page }) => {
  const foreign: string[] = [];
  page.on("request", (request) => {
    const { protocol, host } = new URL(request.url());
    if (protocol.startsWith("http") && host !== `127.0.0.1:${PORT}`) foreign.push(request.url());
  });
  for (const path of ["/", "/compare"]) await page.goto(path, { waitUntil: "networkidle" });
  expect(foreign).toEqual([]);
});

test("an unknown address says so and leads back", async ({ browser }) => {
  // The browser itself logs the 404, so this page's console is not watched.
  const page = await browser.newPage();
  await page.goto(`http://127.0.0.1:${PORT}/no-such-page`);
  await expect(page.getByRole("heading", { name: "There is no such page" })).toBeVisible();
  await page.getByRole("link", { name: "To the neck" }).click();
  await expect(page.getByRole("heading", { name: /C5 in Drop D/ })).toBeVisible();
  await page.close();
});
