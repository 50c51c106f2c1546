import { describe, expect, jest, test } from "@jest/globals";
import { ROOMS } from "@/features";
import { SHELL_KEY_LIST } from "./shellKeyList";

jest.mock("@/worker/client", () => ({}));

describe("the keys of all rooms", () => {
  test("each room names its own, and every heading is there once", async () => {
    const sections = (await Promise.all(ROOMS.map(({ keys }) => keys()))).flat();
    expect(sections.map(({ title }) => title)).toEqual([
      "Neck",
      "Name",
      "Compare",
      "Song",
      "Song on stage",
      "Practice",
      "Every drill",
      "A drill that is played",
      "A question",
      "Retune",
      "Tuner",
    ]);
  });

  test("no key stands for two things on one screen", async () => {
    const everywhere = SHELL_KEY_LIST.flatMap(({ lines }) => lines.flatMap(({ keys }) => keys));
    for (const room of ROOMS) {
      for (const { title, lines } of await room.keys()) {
        // On a neck that is tapped, Enter belongs to the note that has the focus.
        const keys = [...everywhere, ...lines.flatMap((line) => line.keys)];
        const doubled = keys.filter((key, place) => keys.indexOf(key) !== place);
        expect([title, doubled]).toEqual([title, []]);
      }
    }
  });
});
