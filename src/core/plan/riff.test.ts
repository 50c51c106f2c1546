import { noteChangeCost } from "@/core/motion";
import { riffChord } from "@/core/chart";
import { DEFAULT_WEIGHTS } from "@/core/gripSearch";
import { positionOf, rankFingers, type Fingering, type HandPosition } from "@/core/hand";
import { makeNeck } from "@/core/neck";
import { seededRandom } from "@/core/random";
import { type ChartNote } from "@/core/song";
import { frettingsOfNotes, planRoutes, riffPlace, type GripStop, type RiffPlace } from "./index";

const made = makeNeck({ midi: [40, 45, 50, 55, 59, 64], frets: 15 });
if (!made.ok) throw new Error(made.problem.message);
const neck = made.value;
const ANYWHERE = { frets: null, rootStrings: null, openStrings: "any" } as const;

function note(part: Partial<ChartNote>): ChartNote {
  return {
    startBeat: 0,
    beats: 1,
    string: null,
    fret: null,
    midi: null,
    mark: null,
    texture: null,
    place: { offset: 0, length: 0 },
    ...part,
  };
}

function placesOf(notes: readonly ChartNote[]): readonly RiffPlace[] {
  return notes.map((each, index) => riffPlace(index, [each], neck, ANYWHERE));
}

const planned = (notes: readonly ChartNote[]) =>
  planRoutes({
    neck,
    player: {},
    weights: DEFAULT_WEIGHTS,
    chords: notes.map(() => riffChord("@C2")),
    riff: placesOf(notes),
  });

function stopsOf(notes: readonly ChartNote[]): readonly GripStop[] {
  const found = planned(notes);
  if (!found.ok) throw new Error(found.problem.message);
  return found.value[0]?.stops ?? [];
}

/** "6:3 finger 1". */
const played = (notes: readonly ChartNote[]) =>
  stopsOf(notes).map(({ fingering: { fretting, fingers } }) => {
    const string = fretting.findIndex((fret) => fret !== null);
    return `${fretting.length - string}:${fretting[string]} ${fingers[string] || "-"}`;
  });
const on = (string: number, fret: number, mark: ChartNote["mark"] = null) =>
  note({ string, fret, mark });
const pitch = (midi: number) => note({ midi });

describe("the notes of a riff", () => {
  // One finger a fret (common practice).
  test.each([
    [
      "a chromatic run takes four fingers in a row",
      [1, 2, 3, 4].map((fret) => on(6, fret)),
      "1234",
    ],
    [
      "a pentatonic box stays under one hand",
      [on(6, 5), on(6, 8), on(5, 5), on(5, 7), on(4, 5), on(4, 7)],
      "141313",
    ],
    ["a hammer-on takes another finger", [on(6, 5), on(6, 7, "h")], "13"],
    ["a slide keeps its finger", [on(6, 5), on(6, 7, "/"), on(6, 5, "\\")], "111"],
  ])("%s", (_, notes, fingers) => {
    expect(
      played(notes)
        .map((each) => each.slice(-1))
        .join(""),
    ).toBe(fingers);
  });

  test("a note without a string is found low on the neck, near the others", () => {
    expect(played([pitch(52), pitch(55), pitch(57)])[0]).toBe("4:2 1");
    // E3 beside notes at fret 9 is taken on string 5.
    expect(played([on(5, 9), pitch(52), on(5, 9)])[1]).toMatch(/^5:7/);
  });

  test("limits bind only the notes whose strings Tenon picks", () => {
    const limits = { frets: [5, 8], rootStrings: [0, 1], openStrings: "none" } as const;
    const frettings = frettingsOfNotes([pitch(52)], neck, limits).map(({ fretting }) => fretting);
    expect(frettings).toEqual([[null, 7, null, null, null, null]]);
    expect(frettingsOfNotes([on(1, 0)], neck, limits)).toHaveLength(1);
  });

  test("a note that no string has is reported", () => {
    expect(planned([pitch(36)])).toMatchObject({
      ok: false,
      problem: { field: "chords", message: expect.stringContaining("@C2 lies on no string") },
    });
  });

  test("notes struck together lie on strings of their own", () => {
    const frettings = frettingsOfNotes([pitch(40), pitch(47)], neck, ANYWHERE);
    for (const { fretting } of frettings) {
      const sounding = fretting.flatMap((fret, string) =>
        fret === null ? [] : [(neck.midi[string] ?? 0) + fret],
      );
      expect(sounding.toSorted((a, b) => a - b)).toEqual([40, 47]);
    }
    expect(frettings.length).toBeGreaterThan(0);
  });
});

describe("the cheapest route through a riff", () => {
  /** The cheapest total over all combinations of fingerings, without the search. */
  function exhaustive(notes: readonly ChartNote[]): number {
    const layers = placesOf(notes).map(({ frettings, slur }) =>
      frettings.flatMap(({ fretting, points }) =>
        rankFingers(neck, fretting, {}).map((fingering) => ({
          fingering,
          cost: 0.15 * fingering.effort + points,
          slur,
        })),
      ),
    );
    let best = Infinity;
    const walk = (
      at: number,
      before: Fingering | null,
      hand: HandPosition | null,
      total: number,
    ): void => {
      if (total >= best) return;
      const layer = layers[at];
      if (!layer) {
        best = total;
        return;
      }
      for (const { fingering, cost, slur } of layer) {
        const goal = positionOf(neck, fingering);
        const change = before ? noteChangeCost(hand, goal, before, fingering, slur) : 0;
        walk(at + 1, fingering, goal ?? hand, total + cost + change);
      }
    };
    walk(0, null, null, 0);
    return best;
  }

  test("costs what trying every way finds", () => {
    const random = seededRandom(29);
    const below = (count: number) => Math.floor(random() * count);
    for (let run = 0; run < 30; run++) {
      const notes = Array.from({ length: 5 }, () =>
        random() < 0.5 ? pitch(40 + below(25)) : on(1 + below(6), below(13)),
      );
      const found = planned(notes);
      expect(found.ok && found.value[0]?.total).toBeCloseTo(exhaustive(notes), 9);
    }
  });
});
