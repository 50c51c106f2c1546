import { describe, expect, jest, test } from "@jest/globals";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { countChords, readProgression } from "@/core/chart";
import { DEFAULT_WEIGHTS, NO_GRIP_LIMITS } from "@/core/gripSearch";
import { makeSearchSpace, NO_SEARCH_LIMITS } from "@/core/compare";
import { TIMING } from "@/core/motion";
import { makeNeck, type Neck } from "@/core/neck";
import { NO_FILTER, type Listing } from "@/core/listing";
import { computeApi, type SearchReport } from "./api";

const EASIEST: Listing = { filter: NO_FILTER, order: "effort" };
const FIVE = { voicing: [0, 7, 12], minNotes: null };
const D = { letter: "D", accidental: 0 } as const;
const C = { letter: "C", accidental: 0 } as const;

const neckOf = (midi: readonly number[]): Neck => {
  const neck = makeNeck({ midi, frets: 22 });
  if (!neck.ok) throw new Error(neck.problem.message);
  return neck.value;
};

const chordsOf = (text: string) => {
  const read = readProgression(text);
  if (!read.ok) throw new Error(read.problem.message);
  return countChords(read.value);
};

const standard = neckOf([40, 45, 50, 55, 59, 64]);
const dropD = neckOf([38, 45, 50, 55, 59, 64]);

describe("what the page asks the worker", () => {
  test("answers are plain values that survive the way to the page", () => {
    const listed = computeApi.grips(dropD, C, FIVE, {}, EASIEST);
    expect(structuredClone(listed)).toEqual(listed);
    const five = { fretting: [10, 10, 10, null, null, null], name: "C5" };
    expect(listed.grips[0]).toMatchObject(five);
    expect(listed.total).toBe(listed.grips.length);
    const sound = computeApi.sound([40, 47], {});
    expect(structuredClone(sound)).toEqual(sound);
  });

  test("a filter and an order are applied to all there is", () => {
    const ask = (listing: Partial<Listing>) =>
      computeApi.grips(standard, C, FIVE, {}, { ...EASIEST, ...listing });
    const safe = ask({ filter: { ...NO_FILTER, strumSafe: true } });
    expect(safe.grips.length).toBeLessThan(safe.total);
    expect(safe.loosenings).toEqual([
      { filter: "strumSafe", count: safe.total - safe.grips.length },
    ]);
    expect(Math.min(...(ask({ order: "lowest" }).grips[0]?.midi ?? []))).toBe(48);
  });

  test("several necks are answered in the order asked, whatever that is", () => {
    const chords = chordsOf("C5 D5");
    const weigh = (necks: readonly Neck[]) =>
      computeApi.weigh(necks, chords, DEFAULT_WEIGHTS, {}, 3, NO_GRIP_LIMITS);
    const [a, b] = weigh([standard, dropD]);
    const [d, c] = weigh([dropD, standard]);
    const high = { ...NO_GRIP_LIMITS, frets: [7, 12] as const };
    const [limited] = computeApi.weigh([standard], chords, DEFAULT_WEIGHTS, {}, 3, high);
    const frets = limited?.chords.flatMap(({ grips }) =>
      grips.flatMap(({ grip }) => grip.fretting),
    );
    expect(frets?.every((fret) => !fret || (fret >= 7 && fret <= 12))).toBe(true);
    expect([a, b]).toEqual([c, d]);
    expect(a?.chords[0]?.grips).toHaveLength(3);
    expect(structuredClone(a)).toEqual(a);
  });

  test("pitches that are lost are answered at their nearest octave", () => {
    const [found] = computeApi.translate([standard], [38, 45, 50], D, {}, 3);
    expect(found).toMatchObject({ lost: [38], frettingCount: 0, grips: [] });
    expect(found?.instead[0]?.midi.toSorted((a, b) => a - b)).toEqual([45, 50, 50]);
    const [there] = computeApi.translate([dropD], [38, 45, 50], D, {}, 3);
    expect(there).toMatchObject({ lost: [], instead: [] });
    expect(there?.grips[0]?.fretting).toEqual([0, 0, 0, null, null, null]);
  });

  test("of the places of the same pitches, the usual one comes before one high on the neck", () => {
    const [found] = computeApi.translate([dropD], [50, 57, 62, 66], D, {}, 4);
    const frettings = found?.grips.map(({ fretting }) => fretting) ?? [];
    expect(frettings[0]).toEqual([null, null, 0, 2, 3, 2]);
    expect(frettings).toContainEqual([12, 12, 12, 11, null, null]);
  });

  test("counts, routes and sounds come for each neck, chord and set of pitches", () => {
    const chords = chordsOf("C5 D5");
    expect(computeApi.count([standard, dropD], chords, {})[1]?.[1]?.lowest).toBe(38);
    const sequence = chords.map(({ chord }) => chord);
    const routes = computeApi.routes(
      [standard, dropD],
      sequence,
      DEFAULT_WEIGHTS,
      {},
      NO_GRIP_LIMITS,
    );
    expect(routes.map((route) => route?.stops.length)).toEqual([2, 2]);
    expect(computeApi.sounds([[40, 47], []], {})[1]).toBeNull();
  });

  test("a song's drills come from its own way; none where it cannot be played", () => {
    const requested = {
      text: "Tempo: 160\n| D5 . . A5 | F5 . . C5 |",
      settings: DEFAULT_SONG_SETTINGS,
      help: "full",
      neck: dropD,
      player: {},
      constants: TIMING.steady,
      downStrokesBpm: 180,
    } as const;
    const { drills, roots } = computeApi.songDrills({ id: 7, name: "Slate", requested });
    expect(roots).toEqual([2, 9, 5, 0]);
    const { route } = computeApi.songRoute(requested);
    const tightest = Math.min(
      ...(route?.timed.changes ?? []).map(({ cleanTempoBpm }) => cleanTempoBpm ?? Infinity),
    );
    expect(drills.length).toBeGreaterThan(0);
    expect(drills[0]?.name).toMatch(/^\S+ to \S+ in Slate$/);
    expect(drills[0]?.startBpm).toBe(Math.round(Math.min(160, tightest * 0.8)));
    const limits = { ...requested.settings.limits, frets: [30, 31], openStrings: "none" } as const;
    const barred = { ...requested, settings: { ...requested.settings, limits } };
    expect(computeApi.songDrills({ id: 7, name: "Slate", requested: barred })).toEqual({
      drills: [],
      roots: [],
    });
  });

  test("a search reports on its way and answers with its best", () => {
    const space = makeSearchSpace(standard.midi, { ...NO_SEARCH_LIMITS, maxTurned: 1 });
    if (!space.ok) throw new Error(space.problem.message);
    const request = {
      neck: standard,
      player: {},
      chords: chordsOf("D5"),
      weights: DEFAULT_WEIGHTS,
    };
    const report = jest.fn<(report: SearchReport) => void>();
    const found = computeApi.search(
      { ...request, space: space.value, max: 3, onlyGainful: false },
      report,
    );
    expect(found).toHaveLength(3);
    expect(report).toHaveBeenCalled();
    expect(report.mock.calls[0]?.[0]).toMatchObject({ share: 0, msLeft: null });
  });
});
