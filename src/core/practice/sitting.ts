import { type LadderRound, type Step } from "@/core/drill";
import { type RoundResult } from "@/core/recall";
import { type PlannedBlock } from "./planDay";

/** A round of this sitting, as far as the sitting needs it. */
export interface SittingRound {
  /** Its number in the log. */
  readonly id: number;
  readonly drill: string;
  readonly result: RoundResult;
  readonly step: Step;
  /** Null for an answer, which has no tempo. */
  readonly bpm: number | null;
  readonly roomQuarters: number;
  readonly card: string | null;
}

/** A sitting and where it stands; all that is needed to go on after a reload. */
export interface Sitting {
  readonly blocks: readonly PlannedBlock[];
  /** The present block; as many as there are once it is over. */
  readonly at: number;
  /** Time that the present block has had, in s. */
  readonly usedS: number;
  readonly isPaused: boolean;
  readonly rounds: readonly SittingRound[];
}

const S_A_MINUTE = 60;

export function beginSitting(blocks: readonly PlannedBlock[]): Sitting {
  return { blocks, at: 0, usedS: 0, isPaused: false, rounds: [] };
}

export function blockOf({ blocks, at }: Sitting): PlannedBlock | null {
  return blocks[at] ?? null;
}

/** What the present block has left, in s; below 0 while its last round is finished. */
export function leftS(sitting: Sitting): number {
  return (blockOf(sitting)?.minutes ?? 0) * S_A_MINUTE - sitting.usedS;
}

/** Time goes by, unless the sitting is paused. */
export function pass(sitting: Sitting, seconds: number): Sitting {
  return sitting.isPaused ? sitting : { ...sitting, usedS: sitting.usedS + Math.max(0, seconds) };
}

export function goOn(sitting: Sitting): Sitting {
  const at = Math.min(sitting.blocks.length, sitting.at + 1);
  return { ...sitting, at, usedS: 0, isPaused: false };
}

export function addRound(sitting: Sitting, round: SittingRound): Sitting {
  return { ...sitting, rounds: [...sitting.rounds, round] };
}

/** The sitting without its last round. */
export function undoRound(sitting: Sitting): Sitting {
  return { ...sitting, rounds: sitting.rounds.slice(0, -1) };
}

/** The rounds of a drill in this sitting, for its ladder. */
export function ladderRounds({ rounds }: Sitting, drill: string): readonly LadderRound[] {
  return rounds.flatMap(({ drill: played, bpm, roomQuarters, step, result }) =>
    played === drill && bpm !== null ? [{ bpm, roomQuarters, step, result }] : [],
  );
}

/** Seconds that all blocks from the present one on still have. */
export function remainingS(sitting: Sitting): number {
  const later = sitting.blocks.slice(sitting.at + 1);
  return (
    Math.max(0, leftS(sitting)) + later.reduce((sum, { minutes }) => sum + minutes * S_A_MINUTE, 0)
  );
}
