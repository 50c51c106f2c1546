import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { number, object, string } from "yup";
import { manyChecker } from ".";

const schema = object({
  name: string().max(3).required(),
  gauge: number().min(7).max(80).nullable().defined(),
  tuning: object({ midi: number().integer().required() }).required(),
}).noUnknown();

test("says the same of every value as the schema does, however often it has seen its parts", () => {
  const whyNot = manyChecker(schema);
  const value = fc.record({
    name: fc.constantFrom("E", "A", "long", ""),
    gauge: fc.constantFrom(10, 46, 90, null, "46", NaN),
    tuning: fc.constantFrom({ midi: 40 }, { midi: 40.5 }, {}, null),
  });
  fc.assert(
    fc.property(value, (any) => {
      expect(whyNot(any) === null).toBe(schema.isValidSync(any, { strict: true }));
    }),
  );
  expect(whyNot({ name: "E", gauge: 90, tuning: { midi: 40 } })).toBe("gauge must be 80 or less");
});
