import { expect, test } from "@jest/globals";
import { linesOf } from "./lines";

async function* pieces(...texts: readonly string[]) {
  yield* texts;
}

const read = async (...texts: readonly string[]) => {
  const lines: string[] = [];
  for await (const line of linesOf(pieces(...texts))) lines.push(line);
  return lines;
};

test("a line ends with a line feed, wherever the pieces are cut", async () => {
  expect(await read("one\ntw", "o\r", "\nthree")).toEqual(["one", "two", "three"]);
  expect(await read("", "a\n\n", "b\n")).toEqual(["a", "", "b"]);
});

test("a carriage return, or another separator, inside a line ends nothing", async () => {
  expect(await read("a\rb\n", "c\u2028d\n")).toEqual(["a\rb", "c\u2028d"]);
});
