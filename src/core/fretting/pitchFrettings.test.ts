import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { makeNeck } from "@/core/neck";
import { spanFrets } from "./testing";
import { alongReachMm, compareFrettings, soundingMidi } from "./fretting";
import { findPitchFrettings } from "./pitchFrettings";

const FRETS = 6;
const made = makeNeck({ midi: [40, 45, 50, 55], frets: FRETS });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;

/** Every fretting there is on four strings. */
const ALL = Array.from({ length: (FRETS + 2) ** 4 }, (_, code) =>
  [0, 1, 2, 3].map((string) => {
    const digit = Math.floor(code / (FRETS + 2) ** string) % (FRETS + 2);
    return digit === 0 ? null : digit - 1;
  }),
);

test("every way to sound some pitches is found, none twice, in order", () => {
  const pitches = fc.array(fc.integer({ min: 38, max: 62 }), { maxLength: 4 });
  const limits = fc.constantFrom({}, { maxSpanFrets: 2 }, { reachMm: 90 });
  fc.assert(
    fc.property(pitches, limits, (wanted, limit) => {
      const key = [...wanted].sort((a, b) => a - b).join();
      const { maxSpanFrets = Infinity, reachMm = Infinity } = limit as {
        maxSpanFrets?: number;
        reachMm?: number;
      };
      const expected = ALL.filter(
        (fretting) =>
          [...soundingMidi(neck, fretting)].sort((a, b) => a - b).join() === key &&
          spanFrets(fretting) <= maxSpanFrets &&
          alongReachMm(neck, fretting) <= reachMm,
      ).sort(compareFrettings);
      expect(findPitchFrettings(neck, wanted, limit)).toEqual(expected);
    }),
    { numRuns: 60 },
  );
});
