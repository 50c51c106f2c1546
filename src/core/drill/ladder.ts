import { type RoundResult } from "@/core/recall";
import { type Step } from "./step";

/** The player's steps and limits. */
export interface LadderSettings {
  readonly stepBpm: number;
  readonly minBpm: number;
  readonly maxBpm: number;
  /** The rest before a change shrinks before the tempo grows. */
  readonly leavesRoom: boolean;
}

export const DEFAULT_LADDER: LadderSettings = {
  stepBpm: 4,
  minBpm: 40,
  maxBpm: 200,
  leavesRoom: false,
};

/** Where a player stands on the ladder of a drill. */
export interface Rung {
  readonly bpm: number;
  /** Clean rounds in a row at this tempo. */
  readonly clean: number;
  /** Missed rounds in a row. */
  readonly missed: number;
  /** The tempo of the last clean round; null before the first. */
  readonly lastCleanBpm: number | null;
  /** The rest before each change, in quarters. */
  readonly roomQuarters: number;
}

/** What a round was played at, how much of it, and how it went. */
export interface LadderRound {
  readonly step: Step;
  readonly bpm: number;
  readonly roomQuarters: number;
  readonly result: RoundResult;
}

/** The goal of a ladder, and the tempo held already. */
export interface LadderAim {
  /** The tempo that the song or the goal asks for. */
  readonly goalBpm: number;
  /** The tempo at which eight of ten rounds come clean; null before the first round. */
  readonly heldBpm: number | null;
}

/** A tempo holds with so much to spare; the ladder leads no further. */
export const SPARE_SHARE = 1.1;
/** Below this share of the held tempo, one clean round is enough and the step is a share of the tempo (judgements). */
const FAR_BELOW_SHARE = 1.05;
const FAR_STEP_SHARE = 0.05;
/** A day begins between these shares of the held tempo (judgements). */
const [FIRST_LOW, FIRST_HIGH] = [0.95, 1.02];

/** Two clean rounds up, one missed down; a rough one stays and starts the count afresh. */
const CLEAN_TO_CLIMB = 2;
/** After this many misses in a row, steps are too small: fall to the last clean tempo, or to this share of the current one. */
const MISSED_TO_FALL = 2;
const FALL_SHARE = 0.8;
/** From a beat to nothing, in quarters. */
const CHANGE_ROOMS = [1, 0.5, 0] as const;

/** Where a drill begins. */
export function firstRung(startBpm: number, settings: LadderSettings): Rung {
  const roomQuarters = settings.leavesRoom ? CHANGE_ROOMS[0] : 0;
  return {
    bpm: within(startBpm, settings),
    clean: 0,
    missed: 0,
    lastCleanBpm: null,
    roomQuarters,
  };
}

/** The rung after a round; with an aim, big steps below the held tempo and none beyond the goal. */
export function climb(
  rung: Rung,
  result: RoundResult,
  settings: LadderSettings,
  aim: LadderAim | null = null,
): Rung {
  const { bpm, roomQuarters } = rung;
  const isFarBelow = bpm < FAR_BELOW_SHARE * (aim?.heldBpm ?? 0);
  if (result === "rough") return { ...rung, clean: 0, missed: 0 };
  if (result === "missed") return descend({ ...rung, clean: 0 }, settings);
  const clean = rung.clean + 1;
  const here = { ...rung, missed: 0, lastCleanBpm: bpm };
  if (clean < CLEAN_TO_CLIMB && !isFarBelow) return { ...here, clean };
  const less = settings.leavesRoom ? CHANGE_ROOMS.find((room) => room < roomQuarters) : undefined;
  if (less !== undefined) return { ...here, clean: 0, roomQuarters: less };
  const step = isFarBelow
    ? Math.max(settings.stepBpm, Math.round(FAR_STEP_SHARE * bpm))
    : settings.stepBpm;
  // A player who chose a tempo beyond the goal stays there.
  const maxBpm = aim ? Math.max(bpm, topBpm(aim)) : Infinity;
  return { ...here, clean: 0, bpm: Math.min(maxBpm, within(bpm + step, settings)) };
}

/** The fastest tempo that a ladder leads to by itself. */
export function topBpm({ goalBpm }: Pick<LadderAim, "goalBpm">): number {
  return Math.ceil(SPARE_SHARE * goalBpm);
}

/** The first rung of a day: near the held tempo, wherever the last sitting ended. */
export function firstRungOfDay(rung: Rung, aim: LadderAim, settings: LadderSettings): Rung {
  const held = aim.heldBpm;
  if (held === null) return rung;
  const near = Math.min(FIRST_HIGH * held, Math.max(FIRST_LOW * held, rung.bpm), topBpm(aim));
  return { ...rung, clean: 0, missed: 0, bpm: within(near, settings) };
}

function descend(rung: Rung, settings: LadderSettings): Rung {
  const { bpm, roomQuarters, lastCleanBpm } = rung;
  const missed = rung.missed + 1;
  const more = settings.leavesRoom
    ? CHANGE_ROOMS.findLast((room) => room > roomQuarters)
    : undefined;
  if (more !== undefined) return { ...rung, missed, roomQuarters: more };
  if (missed < MISSED_TO_FALL) {
    return { ...rung, missed, bpm: within(bpm - settings.stepBpm, settings) };
  }
  const hasHeld = lastCleanBpm !== null && lastCleanBpm < bpm;
  return { ...rung, missed: 0, bpm: within(hasHeld ? lastCleanBpm : bpm * FALL_SHARE, settings) };
}

/**
 * Where a player stands with so much of a drill, after its rounds in their order. Each step has a ladder of its own; a
 * new one begins at the tempo that was played last.
 */
export function rungFor(
  rounds: readonly LadderRound[],
  step: Step,
  startBpm: number,
  settings: LadderSettings,
  aim: LadderAim | null = null,
): Rung {
  const own = rounds.filter((round) => round.step === step);
  return rungAfter(own, rounds.at(-1)?.bpm ?? startBpm, settings, aim);
}

/** Where rounds lead, in their order; a tempo that the player chose begins a rung of its own. */
function rungAfter(
  rounds: readonly LadderRound[],
  startBpm: number,
  settings: LadderSettings,
  aim: LadderAim | null,
): Rung {
  let rung = firstRung(rounds[0]?.bpm ?? startBpm, settings);
  for (const { bpm, roomQuarters, result } of rounds) {
    const isOther = bpm !== rung.bpm || roomQuarters !== rung.roomQuarters;
    const chosen = { ...rung, bpm, roomQuarters, clean: 0, missed: 0 };
    rung = climb(isOther ? chosen : rung, result, settings, aim);
  }
  const roomQuarters = settings.leavesRoom ? rung.roomQuarters : 0;
  return { ...rung, roomQuarters, bpm: within(rung.bpm, settings) };
}

/** How long before it comes the next grip is shown, in quarters: early at first, later as it goes well. */
export function shownAheadQuarters({ clean }: Rung, barQuarters: number): number {
  return clean === 0 ? barQuarters : barQuarters / 2;
}

function within(bpm: number, { minBpm, maxBpm }: LadderSettings): number {
  return Math.min(maxBpm, Math.max(minBpm, Math.round(bpm)));
}
