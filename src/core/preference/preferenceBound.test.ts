import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { formOf } from "@/core/forms";
import { alongReachMm, soundingMidi, type Fretting } from "@/core/fretting";
import { makeNeck } from "@/core/neck";
import { pitchClass } from "@/core/pitch";
import { requestSet, requestVoicing, type RequestedChord } from "./requestedChord";
import { preferencePoints } from "./preference";
import { minPreference, makePreferenceBound, type PreferenceSketch } from "./preferenceBound";
import { tiltOfWish, WISHES, WITH_BASS } from "./tilt";

const made = makeNeck({ midi: [38, 45, 50, 55, 59, 64], frets: 20 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const REACH_MM = 126;

const anyFretting = fc
  .tuple(
    fc.integer({ min: 0, max: 15 }),
    fc.array(fc.constantFrom(null, null, 0, 1, 2, 3, 4), { minLength: 6, maxLength: 6 }),
  )
  .map(([base, frets]): Fretting => frets.map((fret) => (fret ? fret + base : fret)))
  .filter(
    (fretting) =>
      fretting.some((fret) => fret !== null) && alongReachMm(neck, fretting) <= REACH_MM,
  );
const anyAsked = fc.constantFrom<RequestedChord>(
  requestVoicing(2),
  requestSet(2, [0, 4, 7]),
  requestSet(9, [0, 3, 7, 10]),
);
const anyTilts = fc.subarray([WITH_BASS, ...WISHES.map((wish) => tiltOfWish(wish, 4))]);

/** What is known of a fretting when only its thickest strings are chosen, told as cautiously as can be. */
function sketchOf(
  fretting: Fretting,
  strings: number,
  requested: RequestedChord,
): PreferenceSketch {
  const chosen = fretting.slice(0, strings);
  const left = fretting.length - strings;
  const sounding = chosen.flatMap((fret, string) => (fret === null ? [] : [string]));
  const midi = soundingMidi(neck, chosen);
  const pressed = chosen.flatMap((fret) => (fret ? [fret] : []));
  const lowest = Math.min(Infinity, ...midi);
  const toCome = neck.midi.slice(strings);
  const open = chosen.filter((fret) => fret === 0).length;
  const thickest = sounding[0] ?? -1;
  const isWrong = midi.length > 0 && pitchClass(lowest) !== requested.bass;
  return {
    thickest,
    isBassOpen: thickest < 0 || chosen[thickest] === 0,
    maxNotes: midi.length + left,
    maxDegrees: new Set(midi.map(pitchClass)).size + left,
    maxDoubled: midi.length + left,
    pressed: pressed.length,
    lowestFret: pressed.length > 0 ? Math.min(...pressed) : 0,
    highestFret: Math.max(0, ...pressed),
    lowestFretToCome: left === 0 ? Infinity : 0,
    open,
    maxOpen: open + left,
    inner: (sounding.at(-1) ?? 0) - (sounding[0] ?? 0) + 1 - Math.max(1, sounding.length),
    thin: left === 0 ? fretting.length - 1 - (sounding.at(-1) ?? 0) : 0,
    same: midi.filter((pitch, index) => midi.indexOf(pitch) < index).length,
    falling: midi.filter((pitch, index) => index > 0 && pitch < (midi[index - 1] ?? 0)).length,
    lowest,
    lowestToCome: Math.min(Infinity, ...toCome),
    isBassWrong: isWrong && toCome.every((pitch) => pitch > lowest),
    mayBeForm: left > 0 || formOf(chosen, midi) !== null,
    mayBeBar: sounding.every((string) => chosen[string] === chosen[sounding[0] ?? 0]),
    beyondSix: 0,
  };
}

test("the bound of an unfinished fretting is never above what the finished one comes to", () => {
  fc.assert(
    fc.property(
      anyFretting,
      fc.integer({ min: 0, max: 6 }),
      anyAsked,
      anyTilts,
      fc.integer({ min: 0, max: 4 }),
      (fretting, strings, requested, tilts, fingers) => {
        const look = { fretting, midi: soundingMidi(neck, fretting), fingers, requested };
        const bounds = makePreferenceBound(neck, requested, tilts, REACH_MM);
        const points = preferencePoints(look, tilts);
        expect(bounds.of(sketchOf(fretting, strings, requested))).toBeLessThanOrEqual(
          points + 1e-9,
        );
      },
    ),
    { numRuns: 2000 },
  );
});

test("what a fret adds by its place is in every grip that presses it", () => {
  fc.assert(
    fc.property(anyFretting, anyAsked, (fretting, requested) => {
      const look = { fretting, midi: soundingMidi(neck, fretting), fingers: 4, requested };
      const { of, byFret } = makePreferenceBound(neck, requested, [], REACH_MM);
      const nothing = of(sketchOf(fretting, 0, requested));
      const highest = Math.max(0, ...fretting.map(Number));
      expect(nothing + (byFret[highest] ?? NaN)).toBeLessThanOrEqual(preferencePoints(look) + 1e-9);
    }),
  );
});

test("nothing on a neck falls below the least of all", () => {
  fc.assert(
    fc.property(anyFretting, anyAsked, anyTilts, (fretting, requested, tilts) => {
      const look = { fretting, midi: soundingMidi(neck, fretting), fingers: 2, requested };
      const min = minPreference(tilts, { lowest: 38, strings: 6, frets: neck.frets });
      expect(preferencePoints(look, tilts)).toBeGreaterThanOrEqual(min - 1e-9);
    }),
  );
});
