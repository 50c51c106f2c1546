import { SPARE_SHARE } from "@/core/drill";
import { memoryAfter } from "@/core/recall";
import { type Estimate } from "./estimate";

/** The rounds of a drill on one day, counted. */
export interface PracticeDay {
  /** Days since 1970, by the local calendar. */
  readonly day: number;
  readonly rounds: number;
  readonly clean: number;
  readonly missed: number;
  /** The fastest clean round; null where none was. */
  readonly bestCleanBpm: number | null;
}

/** A played drill and its past, all from before today. */
export interface Candidate {
  readonly drill: string;
  readonly goalBpm: number;
  readonly estimate: Estimate | null;
  /** Oldest first. */
  readonly days: readonly PracticeDay[];
}

/** Why a drill is chosen, with what shows it. */
export type PlayedReason =
  | { readonly why: "new" }
  | { readonly why: "open"; readonly heldBpm: number; readonly last: PracticeDay }
  /** It held, rested, and is due for a check. */
  | { readonly why: "kept"; readonly last: PracticeDay };

export interface Chosen {
  readonly drill: string;
  readonly minutes: number;
  readonly reason: PlayedReason;
}

/** So many drills are being learnt at once (a judgement). */
const [MIN_OPEN, MAX_OPEN] = [3, 6];
/** A drill played on so many of the last days of practice, running, rests while others wait. */
const DAYS_RUNNING = 2;
/** Of those that are being learnt, so many are played on one day. */
const DAYS_SHARE = DAYS_RUNNING / (DAYS_RUNNING + 1);
/** A block is about so long, in minutes (a judgement). */
const BLOCK_MIN = 2;
/** Longer blocks tire (a judgement), in minutes. */
export const LONGEST_MIN = 4;
/** Checking a held drill takes a minute; all checks together at most this share of the time (judgements). */
const CHECK_MIN = 1;
const CHECK_SHARE = 0.34;
/** Most of the pull of a drill is back after so many days (a judgement). */
const REST_DAYS = 1.5;
const MS_A_DAY = 86_400_000;

/** A new drill is taken for one that holds at this share of its goal (a judgement). */
const NEW_SHARE = 0.7;

type State = "new" | "open" | "kept";

interface Judged {
  readonly candidate: Candidate;
  readonly state: State;
  /** Days since it was last played; Infinity before the first time. */
  readonly restDays: number;
  /** Played on each of the last days: it rests while others wait. */
  readonly isTired: boolean;
  /** For a held drill: days since its check was due; negative before that, and for others. */
  readonly overdueDays: number;
  readonly pull: number;
}

/**
 * Chooses drills for some minutes: a short check of held drills that are due, then drills being learnt, by distance from
 * the goal and days of rest. Three to six are open at a time, depending on the minutes; new
 * ones begin in the order given. None is chosen for a third day running while others wait. The minutes add up.
 */
export function choosePlayed(
  candidates: readonly Candidate[],
  minutes: number,
  today: number,
): readonly Chosen[] {
  if (minutes < 1 || candidates.length === 0) return [];
  const lastDays = [...new Set(candidates.flatMap(({ days }) => days.map(({ day }) => day)))]
    .toSorted((a, b) => b - a)
    .slice(0, DAYS_RUNNING);
  const judged = candidates.map((candidate) => judge(candidate, today, lastDays));
  const learning = learnToday(judged, Math.max(1, Math.round(minutes / BLOCK_MIN)));
  const due = judged
    .filter(({ overdueDays }) => overdueDays >= 0)
    .toSorted((a, b) => b.overdueDays - a.overdueDays);
  const maxChecks = Math.max(1, Math.floor((CHECK_SHARE * minutes) / CHECK_MIN));
  const checks = due.slice(0, maxChecks);
  const left = minutes - checks.length * CHECK_MIN;
  const others = judged
    .filter((each) => !checks.includes(each))
    .toSorted((a, b) => Number(a.isTired) - Number(b.isTired) || b.restDays - a.restDays);
  const visits = others.filter(
    (each) => !learning.includes(each) && (learning.length === 0 || each.restDays > DAYS_RUNNING),
  );
  // Minutes beyond the longest blocks go to the drills that rested longest.
  const spare = Math.max(0, left - LONGEST_MIN * learning.length);
  const visitMin =
    learning.length === 0
      ? left
      : visits.length > 0
        ? Math.min(spare, LONGEST_MIN * visits.length)
        : 0;
  return [
    ...checks.map((each) => ({ ...chosenOf(each), minutes: CHECK_MIN })),
    ...shared(learning, left - visitMin),
    ...shared(visits, visitMin),
    ...(learning.length + visits.length === 0 ? shared(checks, left) : []),
  ];
}

/** Today's drills among those that do not hold yet. */
function learnToday(judged: readonly Judged[], fits: number): readonly Judged[] {
  const all = judged.filter(({ state }) => state !== "kept");
  const byPull = (some: readonly Judged[]) => some.toSorted((a, b) => b.pull - a.pull);
  const maxOpen = Math.min(MAX_OPEN, Math.max(MIN_OPEN, fits));
  const fresh = all.filter(({ isTired }) => !isTired);
  if (all.length <= Math.min(fits, maxOpen)) {
    // All fit. A tired one rests if there is a held one to visit instead.
    const canVisit = judged.some(({ state }) => state === "kept");
    return byPull(canVisit ? fresh : all);
  }
  const open = all.filter(({ state }) => state === "open");
  const room = Math.max(0, maxOpen - open.length);
  const some = [
    ...fresh.filter(({ state }) => state === "open"),
    ...fresh.filter(({ state }) => state === "new").slice(0, room),
  ];
  return byPull(some).slice(0, Math.ceil(DAYS_SHARE * (open.length + room)));
}

/** Shares minutes among the first of some drills, about two each. */
function shared(judged: readonly Judged[], minutes: number): readonly Chosen[] {
  if (minutes < 1 || judged.length === 0) return [];
  const count = Math.min(judged.length, Math.max(1, Math.round(minutes / BLOCK_MIN)), minutes);
  const chosen = judged.slice(0, count);
  const pulls = chosen.reduce((sum, { pull }) => sum + pull, 0);
  let [given, pulled] = [0, 0];
  return chosen.map((each, index) => {
    pulled += each.pull;
    // A minute for each, the others by how far it is from its goal.
    const until = index + 1 + Math.round(((minutes - count) * pulled) / pulls);
    const own = until - given;
    given = until;
    return { ...chosenOf(each), minutes: own };
  });
}

function chosenOf({ candidate, state }: Judged): Omit<Chosen, "minutes"> {
  const { drill, estimate, days } = candidate;
  const last = days.at(-1);
  if (!last || !estimate || state === "new") return { drill, reason: { why: "new" } };
  return state === "kept"
    ? { drill, reason: { why: "kept", last } }
    : { drill, reason: { why: "open", heldBpm: estimate.heldBpm, last } };
}

/** @param lastDays the last days on which any of the candidates was played */
function judge(candidate: Candidate, today: number, lastDays: readonly number[]): Judged {
  const { goalBpm, estimate, days } = candidate;
  const last = days.at(-1);
  const restDays = last ? today - last.day : Infinity;
  const played = new Set(days.map(({ day }) => day));
  const isTired = lastDays.length === DAYS_RUNNING && lastDays.every((day) => played.has(day));
  const state: State = !estimate ? "new" : hasHeld(candidate) ? "kept" : "open";
  const need = Math.log((SPARE_SHARE * goalBpm) / (estimate?.heldBpm ?? NEW_SHARE * goalBpm));
  return {
    candidate,
    state,
    restDays,
    isTired,
    overdueDays: state === "kept" ? overdueDays(candidate, today) : -1,
    pull: Math.max(0.01, need) * (1 - Math.exp(-restDays / REST_DAYS)),
  };
}

/** Whether it holds at the goal, and was clean with ten percent to spare on the last day. */
function hasHeld({ days, goalBpm, estimate }: Candidate): boolean {
  const best = days.at(-1)?.bestCleanBpm ?? 0;
  return best >= SPARE_SHARE * goalBpm && (estimate?.heldBpm ?? 0) >= goalBpm;
}

/** The memory model of places, with a day for a review: what held that day was remembered. */
function overdueDays({ days, goalBpm }: Candidate, today: number): number {
  const firstHeld = days.findIndex(({ bestCleanBpm }) => (bestCleanBpm ?? 0) >= goalBpm);
  const memory = memoryAfter(
    days.slice(Math.max(0, firstHeld)).map(({ day, bestCleanBpm }) => ({
      atMs: day * MS_A_DAY,
      result: (bestCleanBpm ?? 0) >= goalBpm ? "clean" : "rough",
    })),
  );
  return memory ? today - Math.round(memory.dueMs / MS_A_DAY) : 0;
}
