/** @jest-environment jsdom */
import { beforeEach, describe, expect, test } from "@jest/globals";
import { standardNeck } from "@/core/arrangement/testing";
import { beginSitting, goOn } from "@/core/practice";
import { newGuitar } from "@/state";
import { keepSitting, keptSitting } from "@/features/practice/today";
import { moveKey, ownMove } from "@/features/practice/catalogue";
import { rightAnswerText, verdictText } from "@/features/practice/drill";
import { clockText, offText } from "@/features/practice/state";

describe("words", () => {
  test("clocks, and early or late", () => {
    expect([245, 60, 0.2, 0, -5].map(clockText)).toEqual(["4:05", "1:00", "0:01", "0:00", "0:00"]);
    expect([-12.4, 0.3, 8].map(offText)).toEqual(["12 ms early", "on the beat", "8 ms late"]);
  });

  test("what an answer came to, and what was right", () => {
    expect(verdictText({ result: "clean", tookMs: 1430, cents: null })).toBe("Right, in 1.4 s.");
    expect(verdictText({ result: "rough", tookMs: 6000, cents: null })).toBe(
      "Right, but it took 6.0 s.",
    );
    expect(verdictText({ result: "missed", tookMs: 1, cents: null })).toBe("Not this time.");
    const pressed = (cents: number) => verdictText({ result: "rough", tookMs: 1, cents });
    expect(pressed(12.2)).toMatch(/^12 cents sharp/);
    expect(pressed(-9)).toMatch(/^9 cents flat/);
    expect([pressed(0.4), pressed(-300)]).toEqual(["In tune.", "That is another note."]);
    const base = {
      what: "name",
      card: null,
      label: null,
      say: "",
      places: [],
      grip: null,
      heard: [],
    } as const;
    const right = (expected: Parameters<typeof rightAnswerText>[0]["expected"]) =>
      rightAnswerText({ ...base, expected }, (midi) => `n${midi}`, true);
    expect(right({ kind: "note", pitchClass: 7 })).toBe("It is n7.");
    expect(right({ kind: "choice", options: ["Fifth", "Octave"], right: 1 })).toBe(
      "It is: Octave.",
    );
    expect(right({ kind: "places", places: [{ string: 0, fret: 1 }] })).toMatch(/^There are 1/);
    expect(right({ kind: "grip", notes: [9, 4], lowest: 9 })).toBe("It has n9 and n4, n9 lowest.");
  });
});

describe("a move of the player's own", () => {
  const rig = { neck: standardNeck(), player: {}, accidentals: "mixed" as const };
  const guitar = { ...newGuitar(6), id: 1, tunedMidi: rig.neck.midi };

  test("is made anew from its key, on whatever neck is in hand", () => {
    const key = moveKey(rig, 1, 2, 9, "down", "R 5");
    expect(key).toBe("move:fret-to-fret:5-4:2-9:down");
    expect(ownMove(rig, guitar, key)?.drill.key).toBe(key);
    const three = moveKey(rig, 1, 2, 9, "down", "R 5 8");
    expect(three).toBe("move:fret-to-fret:5-4:2-9:down:R-5-8");
    expect(ownMove(rig, guitar, three)?.drill).toMatchObject({
      key: three,
      say: expect.stringMatching(/Fingers 1 \d \d/),
    });
    // On four strings there is no string 5.
    const bass = { ...rig, neck: { ...rig.neck, midi: [28, 33, 38, 43] } };
    expect(ownMove(bass, guitar, key)).toBeUndefined();
    expect(ownMove(rig, guitar, "move:rectangle:6-5")).toBeUndefined();
    expect(moveKey(rig, 1, 3, 40, "up", "R 5")).toBe("");
  });
});

describe("a sitting in the browser", () => {
  beforeEach(() => localStorage.clear());
  const sitting = beginSitting([
    { kind: "drill", drill: "know:name", minutes: 2, why: "due" },
    { kind: "break", minutes: 1 },
  ]);

  test("waits as it was left", async () => {
    expect(await keptSitting()).toBeNull();
    keepSitting({ ...sitting, usedS: 12 });
    expect(await keptSitting()).toEqual({ ...sitting, usedS: 12 });
    keepSitting(null);
    expect(await keptSitting()).toBeNull();
  });

  test("is forgotten where it is over or makes no sense", async () => {
    keepSitting(goOn(goOn(sitting)));
    expect(await keptSitting()).toBeNull();
    for (const text of ["", "{", "[]", '{"blocks":[],"at":0}', '{"blocks":[{"kind":"drill"}]}']) {
      localStorage.setItem("tenon-sitting", text);
      expect(await keptSitting()).toBeNull();
    }
  });
});
