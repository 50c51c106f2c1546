import { describe, expect, test } from "@jest/globals";
import { readStart } from "@/server/choice";
import { validate } from "@/server/edge";
import { seedDemo } from "@/server/seed";
import { readLog, readMemories, readTimedRounds } from "@/server/practice";
import { type Pin, WHOLE_LOG } from "@/state";
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

  test("a history of practice: six weeks, a tempo that grew, and notes that are known by now", () => {
    seedDemo(data.connection);
    const whole = readLog(data.connection, WHOLE_LOG);
    expect(whole.spans.length).toBeGreaterThan(15);
    expect(whole.spans.length).toBeLessThan(35);
    // The song's changes got faster, and none of them came on every day.
    const [fastest] = whole.faster;
    expect(fastest?.bestBpm).toBeGreaterThan(1.15 * (fastest?.firstBpm ?? Infinity));
    for (const { drill } of whole.drills) {
      const { spans } = readLog(data.connection, { ...WHOLE_LOG, drill });
      const share = spans.length / whole.spans.length;
      if (drill.startsWith("song:")) expect(share).toBeLessThanOrEqual(0.75);
    }
    expect(readMemories(data.connection).size).toBeGreaterThan(15);
    expect(readTimedRounds(data.connection).some(({ isClean }) => !isClean)).toBe(true);
  });
});
