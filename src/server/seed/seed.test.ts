import { describe, expect, test } from "@jest/globals";
import { readStart } from "@/server/choice";
import { validate } from "@/server/edge";
import { seedDemo } from "@/server/seed";
import { type Pin } from "@/state";
import { pinSchema } from "@/state/schema";
import { freshDatabase } from "../testing";

const data = freshDatabase();

describe("the demo data", () => {
  test("guitars of 6, 7 and 8 strings, pins, and a choice that fits", () => {
    seedDemo(data.connection);
    const {
      rig: { guitars, pins },
      choice,
    } = readStart(data.connection);
    expect(guitars.map(({ name }) => name)).toEqual(["Ash six", "Long seven", "Baritone eight"]);
    expect(pins).toHaveLength(2);
    expect(choice).toMatchObject({ root: "C", tuningMidi: [38, 45, 50, 55, 59, 64] });
    for (const { id, revision: _, ...content } of pins as readonly (Pin & { revision: number })[]) {
      expect(id).toBeGreaterThan(0);
      expect(validate(pinSchema, content)).toEqual(content);
    }
  });
});
