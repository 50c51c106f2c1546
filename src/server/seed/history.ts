import { type Database } from "better-sqlite3";
import {
  arrange,
  DEFAULT_DOWN_STROKES_BPM,
  DEFAULT_SONG_SETTINGS,
  planRouteOfKind,
  type Arrangement,
  type SongRequest,
} from "@/core/arrangement";
import {
  climb,
  DEFAULT_LADDER,
  drillsOf,
  firstRungOfDay,
  rungFor,
  songDrills,
  type Drill,
  type DrillRig,
  type PlayedDrill,
} from "@/core/drill";
import { TIMING, TIMING_TERMS, type TimingConstants } from "@/core/motion";
import { type Neck } from "@/core/neck";
import {
  planDay,
  roundChangeOf,
  simulatedRound,
  tightestAt,
  type RoundChange,
  type SittingMinutes,
} from "@/core/practice";
import { seededRandom } from "@/core/random";
import {
  answered,
  cardId,
  cardsInStage,
  knowingOf,
  makeQueue,
  memoryAfter,
  nextCard,
  noteStage,
  type Memory,
  type Review,
  type RoundResult,
} from "@/core/recall";
import { readChart } from "@/core/song";
import { addKept } from "@/server/keeper";
import { journalKeeper, readStandings, roundKeeper } from "@/server/practice";
import { PLAIN_ROUND, type RoundContent } from "@/state";

/** The same history every time. */
const SEED = 20_261;
const DAYS = 40;
const MS_A_SECOND = 1000;
/** The player is in the first months; the hand's times shrink from the first to the second multiple of that level's. */
const [SLOW, QUICK] = [1.4, 1];
/** Sittings are of different lengths, most of them short. */
const SITTING_MINUTES: readonly SittingMinutes[] = [5, 10, 10, 10, 20, 20, 40];
/** Two days in three have a sitting; a week of illness has one. */
const PRACTISED_SHARE = 0.68;
const BAD_WEEK = [16, 22] as const;
const BAD_WEEK_DAY = 19;
/** A sitting begins up to so long after half past six. */
const MAX_LATE_MIN = 110;
const NEW_CARDS = 6;
const ROUND_S = 18;
const ANSWER_S = 4;
const S_A_MINUTE = 60;
const [MS_A_MINUTE, MS_A_DAY] = [60_000, 86_400_000];
/** In a sitting of an evening some blocks are left early. */
const LEFT_OUT_SHARE = 0.15;

interface HistoryRig {
  readonly guitarId: number;
  readonly neck: Neck;
  /** The song that is practised. */
  readonly song: { readonly id: number; readonly name: string; readonly text: string };
}

/** An invented history of practice: six weeks on one guitar, up to the day before, planned as the Practice room plans. */
export function addHistory(
  connection: Database,
  { guitarId, neck, song }: HistoryRig,
  nowMs: number,
): void {
  const rig: DrillRig = { neck, player: {}, accidentals: "mixed" };
  const drills = drillsOf(rig, new Set());
  const ofSong = drillsOfSong(rig, song);
  const all = new Map([...drills, ...ofSong].map((drill): [string, Drill] => [drill.key, drill]));
  const random = seededRandom(SEED);
  const tuningMidi = neck.midi.map((midi) => midi - neck.capo);
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
      songId: drill.kind === "song" ? song.id : null,
      ...part,
    });
  /** All rounds have one revision, by which the server tells what it has read. */
  const reviews = new Map<string, readonly Review[]>();
  const tightest = new Map<string, RoundChange | null>();
  const changeFor = (drill: PlayedDrill) => {
    const known = tightest.get(drill.key);
    const change = known === undefined ? changeOf(rig, drill) : known;
    tightest.set(drill.key, change);
    return change;
  };
  for (let day = DAYS; day > 0; day--) {
    const minutes = SITTING_MINUTES[Math.floor(random() * SITTING_MINUTES.length)] ?? 10;
    const isIll = day >= BAD_WEEK[0] && day <= BAD_WEEK[1] && day !== BAD_WEEK_DAY;
    if (random() > PRACTISED_SHARE || isIll) continue;
    let atMs = eveningBefore(nowMs, day) + Math.round(MAX_LATE_MIN * random()) * MS_A_MINUTE;
    const now = { atMs, zoneMin: zoneMinAt(atMs) };
    const standings = readStandings(connection, now);
    const asked = memoriesOf(reviews);
    const stage = noteStage(neck, (card) => {
      const memory = asked.get(card);
      return memory ? knowingOf(memory, atMs) : "never asked";
    });
    const order = cardsInStage(neck, stage).map(cardId);
    let queue = makeQueue(order, asked, atMs, NEW_CARDS);
    const plan = planDay({
      today: Math.floor((atMs + now.zoneMin * MS_A_MINUTE) / MS_A_DAY),
      minutes,
      drills,
      songDrills: ofSong,
      standings: new Map(standings.map((standing) => [standing.drill, standing])),
      songBy: null,
      dueCards: order.filter((card) => (asked.get(card)?.dueMs ?? Infinity) <= atMs).length,
      newCards: order.filter((card) => !asked.has(card)).slice(0, NEW_CARDS).length,
    });
    const hand = slower(TIMING.first, QUICK + ((SLOW - QUICK) * day) / DAYS);
    for (const block of plan) {
      const drill = block.kind === "drill" ? all.get(block.drill) : undefined;
      const endMs = atMs + block.minutes * S_A_MINUTE * MS_A_SECOND;
      if (!drill || random() < LEFT_OUT_SHARE) continue;
      if (drill.how === "played") {
        const standing = standings.find((each) => each.drill === drill.key);
        const isWarmUp = block.kind === "drill" && block.why === "warm-up";
        const goalBpm = isWarmUp ? drill.startBpm : drill.goalBpm;
        const aim = { goalBpm, heldBpm: standing?.estimate?.heldBpm ?? null };
        const before = rungFor(
          standing?.ladder ?? [],
          "whole",
          drill.startBpm,
          DEFAULT_LADDER,
          aim,
        );
        let rung = firstRungOfDay(before, aim, DEFAULT_LADDER);
        const tightestChange = changeFor(drill);
        while (atMs < endMs) {
          const availableMs = (S_A_MINUTE * MS_A_SECOND) / rung.bpm;
          const change = tightestChange && { ...tightestChange, availableMs };
          const result = change
            ? resultOf(simulatedRound(change, hand, random), random)
            : answerOf(random());
          const medianMs = Math.round(14 * (random() - 0.6) + day / 4);
          add(drill, atMs, { bpm: rung.bpm, result, change, medianMs, spreadMs: 8 + day / 5 });
          rung = climb(rung, result, DEFAULT_LADDER, aim);
          atMs += ROUND_S * MS_A_SECOND;
        }
        continue;
      }
      const hasCards = drill.what === "name" || drill.what === "half steps";
      while (atMs < endMs) {
        const card = hasCards ? nextCard(queue) : null;
        if (hasCards && card === null) break;
        const result = answerOf(random() + (DAYS - day) / (4 * DAYS));
        add(drill, atMs, { card, result, seconds: ANSWER_S });
        if (card !== null) reviews.set(card, [...(reviews.get(card) ?? []), { atMs, result }]);
        if (card !== null) queue = answered(queue, card, result === "missed");
        atMs += ANSWER_S * MS_A_SECOND;
      }
    }
  }
  addKept(connection, journalKeeper, {
    atMs: eveningBefore(nowMs, 1),
    zoneMin: zoneMinAt(eveningBefore(nowMs, 1)),
    text: "Coming down from 7 is still late. Looked at the goal first: better.",
  });
}

function memoriesOf(reviews: ReadonlyMap<string, readonly Review[]>): ReadonlyMap<string, Memory> {
  return new Map(
    [...reviews].flatMap(([card, all]) => {
      const memory = memoryAfter(all);
      return memory ? [[card, memory] as const] : [];
    }),
  );
}

/** The tightest changes of the practised song, in a hand of the level. */
function drillsOfSong(
  rig: DrillRig,
  { id, name, text }: HistoryRig["song"],
): readonly PlayedDrill[] {
  const settings = DEFAULT_SONG_SETTINGS;
  const arrangement = arrange(readChart(text), settings);
  const planned = planRouteOfKind(songRequest(rig, arrangement), "usual");
  return planned.ok
    ? songDrills({ id, name, text, settings, arrangement, route: planned.value })
    : [];
}

function songRequest({ neck, player }: DrillRig, arrangement: Arrangement): SongRequest {
  return {
    arrangement,
    neck,
    player,
    constants: TIMING.first,
    downStrokesBpm: DEFAULT_DOWN_STROKES_BPM,
  };
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
  const planned = planRouteOfKind(songRequest(rig, arrangement), "usual");
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
