import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { arrange, planRouteOfKind, type SongRequest } from "@/core/arrangement";
import { standardNeck } from "@/core/arrangement/testing";
import { soundingMidi } from "@/core/fretting";
import { TIMING, type Level } from "@/core/motion";
import { makeNeck, type Neck } from "@/core/neck";
import { pitchClass } from "@/core/pitch";
import { seededRandom } from "@/core/random";
import { readChart } from "@/core/song";
import { cardId, learningOrder } from "@/core/recall";
import {
  askQuestion,
  drillsOf,
  fretToFret,
  gradeAnswer,
  judge,
  startTempo,
  type Answer,
  type Drill,
  type DrillRig,
  type PlayedDrill,
  type Question,
} from ".";
import { QUESTION_KINDS } from "./drill";

const rigOf = (neck: Neck): DrillRig => ({ neck, player: {}, accidentals: "mixed" });
const STANDARD = rigOf(standardNeck());
const neckOf = (midi: readonly number[]) => {
  const made = makeNeck({ midi, frets: 22 });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
};
const isPlayed = (drill: Drill): drill is PlayedDrill => drill.how === "played";

function routeOf({ neck, player }: DrillRig, drill: PlayedDrill, level: Level = "steady") {
  const question: SongRequest = {
    arrangement: arrange(readChart(drill.text), drill.settings),
    neck,
    player,
    constants: TIMING[level],
    downStrokesBpm: 180,
  };
  const planned = planRouteOfKind(question, "usual");
  if (!planned.ok) throw new Error(`${drill.key}: ${planned.problem.message}`);
  return { arrangement: question.arrangement, route: planned.value };
}

/** The frets of each stop, strings that are silent left out. */
const stopsOf = (rig: DrillRig, drill: PlayedDrill | undefined) =>
  drill
    ? routeOf(rig, drill).route.timed.stops.map(({ fingering }) =>
        fingering.fretting
          .flatMap((fret, string) =>
            fret === null ? [] : [`${rig.neck.midi.length - string}/${fret}`],
          )
          .join(" "),
      )
    : [];
const named = (drills: readonly Drill[], key: string) =>
  drills.filter(isPlayed).find((drill) => drill.key === key);

describe("drills that are played", () => {
  const drills = drillsOf(STANDARD, new Set());

  test("the rectangle: 3 on 6-5, 3 on 5-4, 7 on 5-4, 7 on 6-5, back (common practice)", () => {
    expect(stopsOf(STANDARD, named(drills, "move:rectangle:6-5"))).toEqual([
      "6/3 5/5",
      "5/3 4/5",
      "5/7 4/9",
      "6/7 5/9",
      "6/3 5/5",
    ]);
  });

  test("from fret to fret: up and down are drills of their own", () => {
    expect(stopsOf(STANDARD, named(drills, "move:fret-to-fret:5-4:3-7:up"))).toEqual([
      "5/3 4/5",
      "5/7 4/9",
    ]);
    expect(stopsOf(STANDARD, named(drills, "move:fret-to-fret:5-4:3-7:down"))).toEqual([
      "5/7 4/9",
      "5/3 4/5",
    ]);
    const [own] = fretToFret(STANDARD, 2, 9, 2, "both");
    expect(own?.key).toBe("move:fret-to-fret:4-3:2-9:both");
    expect(stopsOf(STANDARD, own)).toEqual(["4/2 3/4", "4/9 3/11", "4/2 3/4", "4/9 3/11"]);
    expect(fretToFret(STANDARD, 0, 3, 40, "up")).toEqual([]);
    expect(fretToFret(STANDARD, 5, 3, 7, "up")).toEqual([]);
  });

  test("across all pairs: between strings 3 and 2 the shape changes (common practice)", () => {
    const walk = named(drills, "move:string-sets:6");
    expect(walk?.say).toContain("The shape changes on 3-2 and 2-1.");
    expect(stopsOf(STANDARD, walk)[3]).toBe("3/5 2/8");
  });

  test("an inversion has its fifth lowest; two notes become three", () => {
    expect(stopsOf(STANDARD, named(drills, "move:inversion:6-5"))).toEqual([
      "5/5 4/7",
      "6/5 5/5",
      "5/7 4/9",
      "6/7 5/7",
    ]);
    expect(stopsOf(STANDARD, named(drills, "move:two-to-three:6-5"))[1]).toBe("6/3 5/5 4/5");
  });

  test("another tuning's changed shapes: in drop D one finger on 6-5; none in standard", () => {
    const dropD = rigOf(neckOf([38, 45, 50, 55, 59, 64]));
    const changed = drillsOf(dropD, new Set())
      .filter(isPlayed)
      .find(({ key }) => key.startsWith("move:changed"));
    expect(changed?.name).toBe("What Drop D changes");
    expect(stopsOf(dropD, changed)).toEqual(
      ["6/3 5/3", "5/3 4/5", "6/5 5/5", "5/3 4/5"].with(3, "5/5 4/7"),
    );
    expect(drills.some(({ key }) => key.startsWith("move:changed"))).toBe(false);
  });

  test("a key whose roots the songs do not use", () => {
    const keyOf = (used: readonly number[]) =>
      drillsOf(STANDARD, new Set(used)).find(({ key }) => key.startsWith("move:key"))?.key;
    expect(keyOf([])).toBe("move:key:Bb");
    expect(keyOf([10, 3, 5, 8])).toBe("move:key:F#");
  });

  test("on any neck of 4 to 10 strings every drill can be played, its grips as they are pinned, under a key of its own", () => {
    const midi = fc
      .tuple(
        fc.integer({ min: 24, max: 40 }),
        fc.array(fc.integer({ min: 3, max: 7 }), { minLength: 3, maxLength: 9 }),
      )
      .map(([lowest, gaps]) =>
        gaps.reduce((all, gap) => [...all, (all.at(-1) ?? 0) + gap], [lowest]),
      );
    fc.assert(
      fc.property(midi, (pitches) => {
        const rig = rigOf(neckOf(pitches));
        const all = drillsOf(rig, new Set([0]));
        expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
        for (const drill of all.filter(isPlayed)) {
          const { arrangement, route } = routeOf(rig, drill);
          expect(route.played).toHaveLength(arrangement.chords.length);
          for (const [at, { marks }] of arrangement.chords.entries()) {
            const pin = marks.find(({ act }) => act === "pin");
            if (pin?.act !== "pin") continue;
            expect(route.timed.stops[at]?.fingering.fretting).toEqual(pin.fretting);
          }
        }
      }),
      { numRuns: 12 },
    );
  });
});

describe("where drills begin", () => {
  test("every drill begins under what holds in the first months", () => {
    for (const rig of [STANDARD, rigOf(neckOf([38, 45, 50, 55, 59, 64]))]) {
      for (const drill of drillsOf(rig, new Set()).filter(isPlayed)) {
        const { route } = routeOf(rig, drill, "first");
        const holdsTo = route.timed.cleanTempoBpm ?? Infinity;
        expect(`${drill.key}: ${drill.startBpm <= holdsTo}`).toBe(`${drill.key}: true`);
      }
    }
  });

  test("one of a song at four fifths of what holds, never above the song, never below 40", () => {
    expect(startTempo(116, 140)).toBe(92);
    expect([startTempo(200, 108), startTempo(null, 108)]).toEqual([108, 108]);
    expect(startTempo(30, 108)).toBe(40);
  });
});

describe("questions", () => {
  const rightAnswer = (rig: DrillRig, { expected }: Question): Answer => {
    if (expected.kind === "note") return { kind: "note", pitchClass: expected.pitchClass };
    if (expected.kind === "choice") return { kind: "choice", index: expected.right };
    if (expected.kind === "press") return { kind: "pitch", midi: expected.midi + 0.03 };
    if (expected.kind === "places")
      return { kind: "place", place: expected.places[0] ?? { string: 0, fret: 0 } };
    const grips = drillsOf(rig, new Set())
      .filter(isPlayed)
      .flatMap(({ settings }) =>
        settings.marks.flatMap((mark) => (mark.act === "pin" ? [mark.fretting] : [])),
      );
    const right = grips.find((fretting) => {
      const sounding = soundingMidi(rig.neck, fretting).map(pitchClass);
      return (
        sounding[0] === expected.lowest &&
        new Set(sounding).size === 2 &&
        expected.notes.every((note) => sounding.includes(note))
      );
    });
    return { kind: "grip", fretting: right ?? [] };
  };

  test("every kind can be asked; what is right is judged right, in time and late", () => {
    for (const what of QUESTION_KINDS) {
      for (let seed = 1; seed < 40; seed++) {
        const question = askQuestion(what, STANDARD, null, seededRandom(seed * 977));
        if (!question) throw new Error(what);
        const answer = rightAnswer(STANDARD, question);
        if (answer.kind === "grip" && answer.fretting.length === 0) continue;
        const judged = judge(STANDARD, question, answer, []);
        expect(judged).toBe(question.expected.kind === "places" ? "more" : "right");
        expect(gradeAnswer(question, answer, true, 500)).toBe("clean");
        expect(gradeAnswer(question, answer, false, 500)).toBe("missed");
        if (what !== "press") expect(gradeAnswer(question, answer, true, 300_000)).toBe("rough");
      }
    }
  });

  test("a card's note: fret 3 of string 6 is G, whichever instrument has the string", () => {
    const [card] = learningOrder(STANDARD.neck);
    const question = askQuestion("name", STANDARD, card ? cardId(card) : null, seededRandom(5));
    expect(question?.places).toEqual([{ string: 0, fret: 3 }]);
    const answer = (pitch: number): Answer => ({ kind: "note", pitchClass: pitch });
    expect(question && judge(STANDARD, question, answer(7), [])).toBe("right");
    expect(question && judge(STANDARD, question, answer(8), [])).toBe("wrong");
    expect(question && judge(STANDARD, question, { kind: "pitch", midi: 43.1 }, [])).toBe("right");
    expect(question && judge(STANDARD, question, { kind: "pitch", midi: 44 }, [])).toBe("wrong");
  });

  test("half steps side by side: E and F, B and C have no fret between them", () => {
    const question = askQuestion("half steps", STANDARD, "note:40:1", () => 0);
    expect(question).toMatchObject({
      say: "The mark is E. Which note is half a step above it?",
      places: [{ string: 0, fret: 0 }],
      expected: { pitchClass: 5 },
    });
    expect(askQuestion("half steps", STANDARD, "note:40:0", () => 0)).toMatchObject({
      say: "The mark is F. Which note is half a step below it?",
      places: [{ string: 0, fret: 1 }],
    });
  });

  test("every place of a note: all of them, none twice, none wrong", () => {
    const question = askQuestion("places", STANDARD, null, () => 8.5 / 72);
    if (question?.expected.kind !== "places") throw new Error("no places");
    const { places } = question.expected;
    // C up to fret 11 in standard tuning: 6/8 5/3 4/10 3/5 2/1 1/8.
    expect(places.map(({ string, fret }) => `${6 - string}/${fret}`).join(" ")).toBe(
      "6/8 5/3 4/10 3/5 2/1 1/8",
    );
    const at = (index: number): Answer => ({
      kind: "place",
      place: places[index] ?? { string: 0, fret: 0 },
    });
    expect(judge(STANDARD, question, at(0), places.slice(1))).toBe("right");
    expect(judge(STANDARD, question, at(0), places.slice(0, 1))).toBe("more");
    expect(judge(STANDARD, question, { kind: "place", place: { string: 0, fret: 9 } }, [])).toBe(
      "wrong",
    );
  });

  test("a grip is right with its notes and its lowest, wherever it lies", () => {
    const question: Question = {
      what: "grip",
      card: null,
      label: null,
      say: "",
      places: [],
      grip: null,
      heard: [],
      expected: { kind: "grip", notes: [9, 4], lowest: 9 },
    };
    const held = (fretting: readonly (number | null)[]) =>
      judge(STANDARD, question, { kind: "grip", fretting }, []);
    expect(held([5, 7, null, null, null, null])).toBe("right");
    expect(held([null, 0, 2, 2, null, null])).toBe("right");
    expect(held([0, 0, null, null, null, null])).toBe("wrong");
    expect(held([5, 7, 7, 6, null, null])).toBe("wrong");
    expect(held([null, null, null, null, null, null])).toBe("wrong");
  });

  test("a note pressed six cents off is clean, ten rough, twenty missed", () => {
    const question = askQuestion("press", STANDARD, null, seededRandom(3));
    if (question?.expected.kind !== "press") throw new Error("no press");
    const { midi } = question.expected;
    const graded = (cents: number) => {
      const answer: Answer = { kind: "pitch", midi: midi + cents / 100 };
      return gradeAnswer(question, answer, judge(STANDARD, question, answer, []) === "right", 0);
    };
    expect([5, -5, 10, 20, -300].map(graded)).toEqual([
      "clean",
      "clean",
      "rough",
      "missed",
      "missed",
    ]);
  });
});
