import { describe, expect, test } from "@jest/globals";
import { answer } from "./answer";
import { wholeNumber } from "./query";
import { readBytes } from "./readBody";

const LIMIT = 1000;
const read = async (body: string, headers: Record<string, string> = {}) =>
  answer(async () => {
    const request = new Request("http://127.0.0.1/", { method: "POST", body, headers });
    return Response.json({ bytes: (await readBytes(request, LIMIT)).length });
  });

describe("the body of a request", () => {
  test("is read up to its limit; a byte more is refused in words", async () => {
    expect(await (await read("x".repeat(LIMIT))).json()).toEqual({ bytes: LIMIT });
    const over = await read("x".repeat(LIMIT + 1));
    expect(over.status).toBe(413);
    expect(await over.json()).toMatchObject({
      problem: { message: "That is larger than 1 kB, the most that is read. Nothing was changed." },
    });
  });

  test("of which only a part arrived is refused, not read as if it were whole", async () => {
    const cut = await read("x".repeat(10), { "content-length": "20" });
    expect(cut.status).toBe(400);
    expect(await cut.json()).toMatchObject({
      problem: { message: "Only 10 of 20 bytes arrived. Send it again." },
    });
  });
});

test("a number in an address is held between its bounds", () => {
  expect(wholeNumber("12")).toBe(12);
  expect(wholeNumber("1e999")).toBe(Number.MAX_SAFE_INTEGER);
  expect(wholeNumber("-3.5")).toBe(0);
  expect(wholeNumber(null, { min: -900, max: 900 })).toBe(-900);
  expect(wholeNumber("x")).toBe(0);
});
