import { expect, jest, test } from "@jest/globals";
import { askOnce, forgetAsked } from "./askOnce";

test("the same question in a row is asked once, another or a failed one again", async () => {
  const ask = jest.fn(async () => Promise.resolve("answer"));
  await expect(askOnce("way", { text: "A5" }, ask)).resolves.toBe("answer");
  await askOnce("way", { text: "A5" }, ask);
  expect(ask).toHaveBeenCalledTimes(1);
  await askOnce("way", { text: "D5" }, ask);
  await askOnce("other", { text: "D5" }, ask);
  expect(ask).toHaveBeenCalledTimes(3);
  forgetAsked("way");
  await askOnce("way", { text: "D5" }, ask);
  expect(ask).toHaveBeenCalledTimes(4);
  const fail = jest.fn(async () => Promise.reject(new Error("away")));
  await expect(askOnce("way", { text: "E5" }, fail)).rejects.toThrow("away");
  await askOnce("way", { text: "E5" }, ask);
  expect(ask).toHaveBeenCalledTimes(5);
});
