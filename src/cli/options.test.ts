import { expect, test } from "@jest/globals";
import { readOptions } from "./options";

test("a fretting on the command line is text, or a JSON array", () => {
  const fretting = (value: string) => {
    const read = readOptions(["--fretting", value]);
    return read.ok ? read.value.args.fretting : read.problem;
  };
  expect(fretting("022100")).toBe("022100");
  expect(fretting("1,3,3")).toBe("1,3,3");
  expect(fretting("[null,3]")).toEqual([null, 3]);
});
