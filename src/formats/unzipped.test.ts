import { describe, expect, test } from "@jest/globals";
import { strFromU8, strToU8, zipSync } from "fflate";
import { unzipped } from "./unzipped";

const MB = 1024 * 1024;
const all = () => true;
const why = (bytes: Uint8Array, max = MB) => {
  const read = unzipped(bytes, max, all);
  return read.ok ? "" : read.problem.message;
};

describe("a zip that comes from outside", () => {
  test("only what is wanted is unpacked", () => {
    const zip = zipSync({
      "a.xml": strToU8("<a/>"),
      "../../etc/x": strToU8("no"),
      "b.txt": strToU8("b"),
    });
    const read = unzipped(zip, MB, (name) => name.endsWith(".xml"));
    expect(read.ok && [...read.value.keys()]).toEqual(["a.xml"]);
    expect(read.ok && strFromU8(read.value.get("a.xml") ?? new Uint8Array())).toBe("<a/>");
  });

  test("a bomb is stopped before it goes off", () => {
    const bomb = zipSync({ "a.xml": new Uint8Array(60 * MB) });
    expect(bomb.length).toBeLessThan(MB / 10);
    const before = process.memoryUsage().arrayBuffers;
    expect(why(bomb)).toMatch(/unpacks to more than 1 MB/);
    expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(40 * MB);
  });

  test("one that lies about its size is counted as it unpacks", () => {
    const bomb = zipSync({ "a.xml": new Uint8Array(8 * MB) });
    const view = new DataView(bomb.buffer, bomb.byteOffset);
    // The sizes that stand before the file, and in the list at the end.
    view.setUint32(22, 10, true);
    for (let at = bomb.length - 22; at > 0; at--) {
      if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, 10, true);
    }
    expect(why(bomb)).toMatch(/unpacks to more than 1 MB/);
  });

  test("cut off, damaged, or packed otherwise: each is said", () => {
    const zip = zipSync({ "a.xml": strToU8("<a/>".repeat(2000)) });
    expect(why(zip.subarray(0, 60))).toMatch(/cut off|damaged/);
    const damaged = Uint8Array.from(zip);
    damaged.fill(255, 40, 60);
    expect(why(damaged)).toMatch(/damaged|cut off/);
    const other = Uint8Array.from(zip);
    other[8] = 99;
    expect(why(other)).toMatch(/packed in a way/);
    const many = Object.fromEntries(
      Array.from({ length: 300 }, (_, at) => [`${at}.xml`, strToU8("x")]),
    );
    expect(why(zipSync(many))).toMatch(/more than 200 files/);
  });
});
