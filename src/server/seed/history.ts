import { type Database } from "better-sqlite3";
import {
  climb,
  DEFAULT_LADDER,
  drillsOf,
  firstRung,
  type Drill,
  type DrillRig,
  type PlayedDrill,
} from "@/core/drill";
import { arrange, DEFAULT_DOWN_STROKES_BPM, planRouteOfKind } from "@/core/arrangement";
import { TIMING, TIMING_TERMS, type TimingConstants } from "@/core/motion";
import { makeNeck } from "@/core/neck";
import { roundChangeOf, simulatedRound, tightestAt, type RoundChange } from "@/core/practice";
import { seededRandom } from "@/core/random";
import { cardId, learningOrder, type RoundResult } from "@/core/recall";
import { readChart } from "@/core/song";
import { addKept } from "@/server/keeper";
import { journalKeeper, roundKeeper } from "@/server/practice";
import { PLAIN_ROUND, type RoundContent } from "@/state";

/** The same history every time. */
const SEED = 20_261;
const DAYS = 40;
const MS_A_SECOND = 1000;
/** The player is in the first months; the hand's times shrink from the first to the second multiple of that level's. */
const [SLOW, QUICK] = [1.5, 1.05];
const LADDER = { ...DEFAULT_LADDER, stepBpm: 2 };
const MOVES = [
  "move:fret-to-fret:6-5:3-7:up",
  "move:fret-to-fret:6-5:3-7:down",
  "move:rectangle:6-5",
  "sound:muted-to-open",
];
/** Days without practice in every seven, counted back from today. */
const FREE_DAYS = [2, 6];
const DAYS_PER_WEEK = 7;
const ROUNDS_A_DRILL = 4;
const CARDS_A_DAY = 8;
const NEW_CARDS_A_DAY = 2;
const ROUND_S = 18;
const ANSWER_S = 3;
const S_A_MINUTE = 60;

/** An invented history of practice: six weeks on one guitar, up to the day before. */
export function addHistory(
  connection: Database,
  guitarId: number,
  tuningMidi: readonly number[],
  nowMs: number,
): void {
  const neck = makeNeck({ midi: tuningMidi, frets: 22 });
  if (!neck.ok) throw new Error(neck.problem.message);
  const rig: DrillRig = { neck: neck.value, player: {}, accidentals: "mixed" };
  const drills = drillsOf(rig, new Set());
  const random = seededRandom(SEED);
  const add = (drill: Drill, atMs: number, part: Partial<RoundContent>) =>
    addKept(connection, roundKeeper, {
      ...PLAIN_ROUND,
      atMs,
      zoneMin: zoneMinAt(atMs),
      drill: drill.key,
      kind: drill.kind,
      name: drill.name,
      result: "clean",
      seconds: ROUND_S,
      guitarId,
      tuningMidi,
      ...part,
    });
  const ladders = new Map(
    drills.flatMap((drill) =>
      drill.how === "played" && MOVES.includes(drill.key)
        ? [[drill, firstRung(drill.startBpm + 20, LADDER)] as const]
        : [],
    ),
  );
  const tightestOf = new Map([...ladders.keys()].map((drill) => [drill, changeOf(rig, drill)]));
  const naming = drills.find(({ key }) => key === "know:name");
  const hearing = drills.find(({ key }) => key === "hear:which");
  const cards = learningOrder(rig.neck).map(cardId);
  for (let day = DAYS; day > 0; day--) {
    if (FREE_DAYS.includes(day % DAYS_PER_WEEK)) continue;
    let atMs = eveningBefore(nowMs, day);
    const hand = slower(TIMING.first, QUICK + ((SLOW - QUICK) * day) / DAYS);
    for (const [drill, first] of ladders) {
      let rung = first;
      for (let round = 0; round < ROUNDS_A_DRILL; round++) {
        const tightest = tightestOf.get(drill) ?? null;
        const change = tightest && {
          ...tightest,
          availableMs: (S_A_MINUTE * MS_A_SECOND) / rung.bpm,
        };
        const result = change
          ? resultOf(simulatedRound(change, hand, random), random)
          : answerOf(random());
        const medianMs = Math.round(14 * (random() - 0.6) + day / 4);
        add(drill, atMs, { bpm: rung.bpm, result, change, medianMs, spreadMs: 8 + day / 5 });
        rung = climb(rung, result, LADDER);
        atMs += ROUND_S * MS_A_SECOND;
      }
      ladders.set(drill, rung);
    }
    const known = Math.min(cards.length, (DAYS - day + 1) * NEW_CARDS_A_DAY);
    for (let turn = 0; naming && turn < CARDS_A_DAY; turn++) {
      const card = cards[Math.floor(random() * known)] ?? null;
      const result = answerOf(random() + (DAYS - day) / (4 * DAYS));
      add(naming, atMs, { card, result, seconds: ANSWER_S });
      atMs += ANSWER_S * MS_A_SECOND;
    }
    for (let turn = 0; hearing && turn < 3; turn++) {
      add(hearing, atMs, { result: answerOf(random() + 0.1), seconds: ANSWER_S * 2 });
      atMs += 2 * ANSWER_S * MS_A_SECOND;
    }
  }
  addKept(connection, journalKeeper, {
    atMs: eveningBefore(nowMs, 1),
    zoneMin: zoneMinAt(eveningBefore(nowMs, 1)),
    text: "Coming down from 7 is still late. Looked at the goal first: better.",
  });
}

/** 18:30 local time, a number of calendar days ago; calendar days may have 23 or 25 hours. */
function eveningBefore(nowMs: number, days: number): number {
  const evening = new Date(nowMs);
  evening.setDate(evening.getDate() - days);
  evening.setHours(18, 30, 0, 0);
  return evening.getTime();
}

/** The local offset from UTC in minutes, positive east of Greenwich. */
function zoneMinAt(atMs: number): number {
  return 0 - new Date(atMs).getTimezoneOffset();
}

/** The tightest change of a drill, in a hand of the level. */
function changeOf(rig: DrillRig, { text, settings, bars }: PlayedDrill): RoundChange | null {
  const arrangement = arrange(readChart(text), settings);
  const request = {
    arrangement,
    neck: rig.neck,
    player: rig.player,
    constants: TIMING.first,
    downStrokesBpm: DEFAULT_DOWN_STROKES_BPM,
  };
  const planned = planRouteOfKind(request, "usual");
  const at = planned.ok ? tightestAt(arrangement, planned.value, bars) : null;
  const change = planned.ok && at !== null ? planned.value.timed.changes[at] : undefined;
  return change ? roundChangeOf(change) : null;
}

function slower(constants: TimingConstants, factor: number): TimingConstants {
  const terms = TIMING_TERMS.map((term) => [term, factor * constants[term]]);
  return { ...constants, ...Object.fromEntries(terms) };
}

/** Not every round in time is clean. */
function resultOf(result: RoundResult, random: () => number): RoundResult {
  return result === "clean" && random() < 0.2 ? "rough" : result;
}

function answerOf(chance: number): RoundResult {
  return chance > 0.35 ? "clean" : chance > 0.2 ? "rough" : "missed";
}
