import { describe, expect, test } from "@jest/globals";
import { DEFAULT_SONG_SETTINGS } from "@/core/arrangement";
import { makeSong, standardNeck } from "@/core/arrangement/testing";
import { drillsOf, songDrills } from "@/core/drill";
import {
  choosePlayed,
  planDay,
  SITTINGS,
  type Candidate,
  type DayInput,
  type PracticeDay,
} from ".";
import { type Standing } from "./planDay";

const TODAY = 20_000;
const played = (day: number, bestCleanBpm: number, missed = 0): PracticeDay => ({
  day,
  rounds: 6,
  clean: 6 - missed,
  missed,
  bestCleanBpm,
});
const estimate = (heldBpm: number) => ({
  heldBpm,
  lowBpm: 0.9 * heldBpm,
  highBpm: 1.1 * heldBpm,
});
const candidate = (drill: string, part: Partial<Candidate> = {}): Candidate => ({
  drill,
  goalBpm: 120,
  estimate: null,
  days: [],
  ...part,
});

describe("which drills are played", () => {
  const names = (some: readonly { readonly drill: string }[]) => some.map(({ drill }) => drill);
  const open = (drill: string, heldBpm: number, ...days: readonly number[]) =>
    candidate(drill, {
      estimate: estimate(heldBpm),
      days: days.map((day) => played(day, heldBpm)),
    });

  test("new ones begin in their order; three are open in a short sitting", () => {
    const all = ["a", "b", "c", "d", "e", "f", "g"].map((drill) => candidate(drill));
    expect(names(choosePlayed(all, 2, TODAY))).toEqual(["a"]);
    const begun = [
      open("a", 60, TODAY - 1),
      open("b", 60, TODAY - 2),
      open("c", 60, TODAY - 3),
      ...all.slice(3),
    ];
    expect(names(choosePlayed(begun, 4, TODAY))).toEqual(["c", "b"]);
  });

  test("none is played for a third day running while others wait", () => {
    const all = [open("a", 50, TODAY - 2, TODAY - 1), open("b", 110, TODAY - 4), candidate("c")];
    expect(names(choosePlayed(all, 2, TODAY))).not.toContain("a");
    // Alone, it goes on.
    expect(names(choosePlayed(all.slice(0, 1), 2, TODAY))).toEqual(["a"]);
  });

  test("what holds with ten percent to spare rests; it is checked for a minute when it is due", () => {
    const held = candidate("held", {
      estimate: estimate(125),
      days: [played(TODAY - 1, 132)],
    });
    const other = open("other", 80, TODAY - 1);
    expect(names(choosePlayed([held, other], 6, TODAY))).toEqual(["other"]);
    const later = choosePlayed([held, other], 6, TODAY + 20);
    expect(later[0]).toMatchObject({ drill: "held", minutes: 1, reason: { why: "kept" } });
    expect(names(later)).toContain("other");
  });

  test("checks that go well come back after days, then weeks", () => {
    const checkedOn: number[] = [];
    let days = [played(0, 132)];
    for (let day = 1; day < 120; day++) {
      const held = candidate("held", { estimate: estimate(125), days });
      const [first] = choosePlayed([held, candidate("other")], 4, day);
      if (first?.drill !== "held") continue;
      checkedOn.push(day);
      days = [...days, played(day, 132)];
    }
    const gaps = checkedOn.map((day, at) => day - (checkedOn[at - 1] ?? 0));
    expect(gaps.length).toBeGreaterThan(2);
    expect(gaps).toEqual(gaps.toSorted((a, b) => a - b));
    expect(gaps.at(-1)).toBeGreaterThan(14);
  });

  test("the minutes add up, whatever is asked for", () => {
    const all = [
      open("a", 60, TODAY - 1),
      candidate("b"),
      open("c", 130, TODAY - 9),
      candidate("d"),
    ];
    for (const minutes of [1, 2, 3, 7, 11, 23]) {
      const chosen = choosePlayed(all, minutes, TODAY);
      expect(chosen.reduce((sum, each) => sum + each.minutes, 0)).toBe(minutes);
      expect(new Set(names(chosen)).size).toBe(chosen.length);
    }
    const held = candidate("held", { estimate: estimate(130), days: [played(TODAY - 1, 135)] });
    const minutesOf = (some: readonly Candidate[]) =>
      choosePlayed(some, 23, TODAY).reduce((sum, each) => sum + each.minutes, 0);
    expect(minutesOf([held])).toBe(23);
    expect(minutesOf([held, { ...held, drill: "other" }])).toBe(23);
    expect(choosePlayed([], 5, TODAY)).toEqual([]);
  });
});

describe("the plan of a day", () => {
  const rig = { neck: standardNeck(), player: {}, accidentals: "mixed" as const };
  const drills = drillsOf(rig, new Set());
  const text = "Tempo: 120\n| A5 | D5 | B5 | G5 |\n";
  const { arrangement, route } = makeSong(text);
  const settings = DEFAULT_SONG_SETTINGS;
  const ofSong = songDrills({ id: 3, name: "Made up", text, settings, arrangement, route });
  const input: DayInput = {
    today: TODAY,
    minutes: 10,
    drills,
    songDrills: ofSong,
    standings: new Map(),
    songBy: null,
    dueCards: 4,
    newCards: 6,
  };
  const standing = (part: Partial<Standing>): Standing => ({
    days: [],
    estimate: null,
    answers: [],
    ...part,
  });
  const blockFor = (plan: ReturnType<typeof planDay>, key: string | undefined) =>
    plan.find((block) => block.kind === "drill" && block.drill === key);

  test("the minutes add up, warm-up comes first, breaks come in long sittings, every drill is there", () => {
    const known = new Set([...drills, ...ofSong].map(({ key }) => key));
    for (const minutes of SITTINGS) {
      for (const part of [{}, { songDrills: [] }, { dueCards: 0, newCards: 0 }]) {
        const plan = planDay({ ...input, ...part, minutes });
        expect(plan.reduce((sum, block) => sum + block.minutes, 0)).toBe(minutes);
        expect(plan[0]).toMatchObject({ why: "warm-up" });
        expect(plan.filter(({ kind }) => kind === "break")).toHaveLength(
          minutes >= 40 ? 2 : minutes >= 20 ? 1 : 0,
        );
        for (const block of plan) {
          expect(block.minutes).toBeGreaterThanOrEqual(1);
          if (block.kind === "drill") expect(known).toContain(block.drill);
        }
      }
    }
  });

  test("what was never played is new, and says so; what is open says what it holds or missed", () => {
    const [first, second] = ofSong;
    expect(blockFor(planDay(input), first?.key)).toMatchObject({
      why: "song",
      evidence: { kind: "never played" },
    });
    const held = standing({ estimate: estimate(80), days: [played(TODAY - 2, 80)] });
    const missed = standing({ estimate: estimate(70), days: [played(TODAY - 3, 70, 4)] });
    const plan = planDay({
      ...input,
      minutes: 40,
      standings: new Map([
        [first?.key ?? "", held],
        [second?.key ?? "", missed],
      ]),
    });
    expect(blockFor(plan, first?.key)).toMatchObject({
      evidence: { kind: "tempo", heldBpm: 80, goalBpm: 120 },
    });
    expect(blockFor(plan, second?.key)).toMatchObject({
      evidence: { kind: "missed", day: TODAY - 3, missed: 4, rounds: 6 },
    });
  });

  test("the song has the largest part until it holds, then the others", () => {
    const minutesFor = (plan: ReturnType<typeof planDay>, keys: ReadonlySet<string>) =>
      plan.reduce(
        (sum, block) => sum + (block.kind === "drill" && keys.has(block.drill) ? block.minutes : 0),
        0,
      );
    const song = new Set(ofSong.map(({ key }) => key));
    const moves = new Set(drills.filter(({ how }) => how === "played").map(({ key }) => key));
    const before = planDay({ ...input, minutes: 40 });
    expect(minutesFor(before, song)).toBeGreaterThan(minutesFor(before, moves) - 3);
    // In the last days before the goal all of the playing is for the song.
    const twenty = { ...input, minutes: 20 } as const;
    const urgent = planDay({ ...twenty, songBy: TODAY + 3 });
    expect(minutesFor(urgent, song)).toBeGreaterThan(minutesFor(planDay(twenty), song));
    const held = standing({ estimate: estimate(140), days: [played(TODAY - 1, 140)] });
    const standings = new Map(ofSong.map(({ key }) => [key, held]));
    const after = planDay({ ...input, minutes: 40, standings });
    expect(minutesFor(after, song)).toBeLessThan(minutesFor(after, moves));
  });

  test("warm-ups and drills for the ear take turns", () => {
    let standings: ReadonlyMap<string, Standing> = new Map();
    const [warmUps, ears] = [new Set<string>(), new Set<string>()];
    let last = "";
    for (let day = 0; day < 12; day++) {
      const plan = planDay({ ...input, minutes: 20, today: TODAY + day, standings });
      for (const block of plan) {
        if (block.kind !== "drill") continue;
        if (block.why === "warm-up") warmUps.add(block.drill);
        if (block.why === "listen") {
          expect(block.drill).not.toBe(last);
          last = block.drill;
          ears.add(block.drill);
        }
        const days = [...(standings.get(block.drill)?.days ?? []), played(TODAY + day, 60)];
        standings = new Map([...standings, [block.drill, standing({ days, answers: ["clean"] })]]);
      }
    }
    expect([warmUps.size, ears.size]).toEqual([4, 3]);
  });

  test("a tired drill, a neck with nothing to play, no song: there is a plan all the same", () => {
    const asked = drills.filter(({ how }) => how === "asked");
    const plan = planDay({ ...input, drills: asked, songDrills: [], minutes: 20 });
    expect(plan.reduce((sum, block) => sum + block.minutes, 0)).toBe(20);
  });
});
