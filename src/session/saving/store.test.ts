import "fake-indexeddb/auto";
import { describe, expect, test } from "@jest/globals";
import { type Change } from "@/wire";
import { browserStore } from "./store";

const change = (key: string): Change => ({ key, act: "delete", kind: "pin", id: 1 });

describe("waiting changes in the browser's database", () => {
  test("outlive the page, in their order, each with its data", async () => {
    const page = browserStore();
    await page.put([
      { identity: "these", change: change("first") },
      { identity: "other", change: change("foreign") },
    ]);
    await page.put([{ identity: "these", change: change("second") }]);
    const next = browserStore();
    expect(await next.load("these")).toEqual([change("first"), change("second")]);
    await next.remove(["first", "never there"]);
    expect(await next.load("these")).toEqual([change("second")]);
    expect(await next.load("other")).toEqual([change("foreign")]);
  });

  test("of an earlier Tenon have their current names", async () => {
    const fields = { name: "Low fifth", stack: [-5, 0], leastNotes: null };
    const older = { key: "older", act: "set", kind: "stack", id: 7, fields } as unknown as Change;
    await browserStore().put([{ identity: "older", change: older }]);
    expect(await browserStore().load("older")).toEqual([
      {
        key: "older",
        act: "set",
        kind: "voicing",
        id: 7,
        fields: { name: "Low fifth", voicing: [-5, 0], minNotes: null },
      },
    ]);
  });

  test("a removal comes after the putting before it, however soon it is asked for", async () => {
    const page = browserStore();
    void page.put([{ identity: "soon", change: change("soon") }]);
    void page.remove(["soon"]);
    expect(await page.load("soon")).toEqual([]);
  });
});
