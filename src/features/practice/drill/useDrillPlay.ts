import { useEffect, useMemo, useState } from "react";
import {
  firstRungOfDay,
  rungFor,
  STEPS,
  topBpm,
  type LadderAim,
  type PlayedDrill,
  type Rung,
  type Step,
} from "@/core/drill";
import {
  ladderRounds,
  roundChangeOf,
  suggestedResult,
  tightestAt,
  type Sitting,
} from "@/core/practice";
import { RESULTS, type RoundResult } from "@/core/recall";
import { useRig } from "@/session";
import { PLAIN_ROUND, type RoundContent } from "@/state";
import { useEvent, useKeys } from "@/ui/controls";
import { isToday, localTime } from "@/features/practice/state";
import { type PlacedDrill } from "@/features/practice/state";
import { PLAYED_KEYS } from "@/features/practice/state";
import { useEar, type EarState } from "./useEar";
import { usePlayedDrill, type LaidOut } from "./usePlayedDrill";
import { type PracticeData } from "@/features/practice/state";
import { useRunner, type PlayedRound, type Runner } from "./useRunner";

export interface DrillPlayInput {
  readonly placed: PlacedDrill;
  readonly drill: PlayedDrill;
  readonly sitting: Sitting;
  readonly data: PracticeData;
  /** The part of a sitting that only warms up. */
  readonly isWarmUp: boolean;
  readonly isPaused: boolean;
  /** The part has had its time: the round that is played is its last. */
  readonly isTimeUp: boolean;
  readonly onRound: (round: RoundContent) => void;
  readonly onOver: () => void;
}

/** A drill that is played round after round, and what its player decides. */
export interface DrillPlay {
  readonly rung: Rung;
  /** The ladder leads no further by itself. */
  readonly topBpm: number;
  readonly step: Step;
  readonly setStep: (step: Step) => void;
  readonly laidOut: LaidOut | null;
  readonly problem: string | null;
  readonly retry: () => void;
  readonly runner: Runner;
  readonly ear: EarState;
  /** What the round sounded like; clean where nobody listened, or could not tell. */
  readonly suggested: RoundResult;
  readonly judge: (result: RoundResult) => void;
  /** The pedal's forward: starts the round, then calls it what is suggested. */
  readonly forward: () => void;
}

export function useDrillPlay(input: DrillPlayInput): DrillPlay {
  const { placed, drill, sitting, data, isWarmUp, isPaused, isTimeUp, onRound, onOver } = input;
  const { ladder } = useRig().profile.practice;
  const standing = data.standings.get(drill.key);
  const heldBpm = standing?.estimate?.heldBpm ?? null;
  // A warm-up stays slow.
  const goalBpm = isWarmUp ? drill.startBpm : drill.goalBpm;
  const aim = useMemo((): LadderAim => ({ goalBpm, heldBpm }), [goalBpm, heldBpm]);
  const [step, setStep] = useState<Step>("whole");
  /** A tempo that the player chose for the next round. */
  const [chosen, setChosen] = useState<Rung | null>(null);
  const rung = chosen ?? nextRung();
  const { laidOut, problem } = usePlayedDrill(placed, drill, rung, step);
  const isLaidOut =
    laidOut?.bpm === rung.bpm &&
    laidOut.roomQuarters === rung.roomQuarters &&
    laidOut.step === step;
  const ear = useEar();
  const runner = useRunner(placed, drill, laidOut, rung, ear);
  const { phase, round, start, stop } = runner;
  const suggested = (round?.timing && suggestedResult(round.timing)) ?? "clean";
  /** The next round begins once it is laid out. */
  const [isDue, setIsDue] = useState(false);

  const judge = (result: RoundResult) => {
    if (phase !== "judging" || !round) return;
    setChosen(null);
    onRound(roundContent(placed, drill, round, result));
    stop();
    if (isTimeUp) onOver();
    else setIsDue(true);
  };
  const begin = useEvent(() => {
    setIsDue(false);
    start();
  });
  const canBegin = isDue && isLaidOut && phase === "ready" && !isPaused;
  useEffect(() => {
    if (!canBegin) return;
    const timer = setTimeout(begin);
    return () => clearTimeout(timer);
  }, [canBegin, begin]);
  // A round that waits to be judged waits through a pause, too.
  const isCutOff = isPaused && phase === "playing";
  useEffect(() => {
    if (isCutOff) stop();
  }, [isCutOff, stop]);

  const tempoBy = (by: number) => {
    if (phase !== "ready") return;
    const bpm = Math.min(ladder.maxBpm, Math.max(ladder.minBpm, rung.bpm + by));
    setChosen({ ...rung, bpm, clean: 0 });
  };
  const forward = () => {
    if (phase === "ready") setIsDue(true);
    if (phase === "judging") judge(suggested);
  };
  useKeys(
    PLAYED_KEYS,
    {
      forward,
      back: () => {
        if (phase === "playing") stop();
        if (phase === "judging") judge("missed");
      },
      judge: (at) => judge(RESULTS[at] ?? "clean"),
      slower: () => tempoBy(-ladder.stepBpm),
      faster: () => tempoBy(ladder.stepBpm),
      easier: () => {
        const easier = STEPS[(STEPS.indexOf(step) + STEPS.length - 1) % STEPS.length];
        if (easier) setStep(easier);
      },
    },
    "page",
    true,
  );
  return {
    rung,
    topBpm: Math.min(ladder.maxBpm, topBpm(aim)),
    step,
    setStep,
    laidOut,
    problem,
    retry: () => setChosen({ ...rung }),
    runner,
    ear,
    suggested,
    judge,
    forward,
  };

  /** Where the ladder stands; the first rung of a day lies near what is held. */
  function nextRung(): Rung {
    const rung = rungFor(roundsOf(input), step, drill.startBpm, ladder, aim);
    const isFirst = ladderRounds(sitting, drill.key).length === 0;
    const isNewDay = standing !== undefined && !isToday(standing.lastMs);
    return isFirst && isNewDay ? firstRungOfDay(rung, aim, ladder) : rung;
  }

  /** All rounds of the drill in their order; after a reload the log has those of this sitting, too. */
  function roundsOf({
    placed: {
      drill: { key },
    },
  }: DrillPlayInput) {
    const own = new Set(sitting.rounds.map(({ id }) => id));
    const known = data.standings.get(key)?.ladder.filter(({ id }) => !own.has(id)) ?? [];
    return [...known, ...ladderRounds(sitting, key)];
  }
}

function roundContent(
  { neck, guitar, songId }: PlacedDrill,
  drill: PlayedDrill,
  { laidOut, seconds, timing }: PlayedRound,
  result: RoundResult,
): RoundContent {
  const { arrangement, route, bpm, roomQuarters, step } = laidOut;
  const at = tightestAt(arrangement, route, drill.bars);
  const change = at === null ? undefined : route.timed.changes[at];
  const heard = timing && !timing.isUnsure ? timing : null;
  return {
    ...PLAIN_ROUND,
    ...localTime(),
    drill: drill.key,
    kind: drill.kind,
    name: drill.name,
    result,
    seconds,
    guitarId: guitar.id,
    tuningMidi: neck.midi.map((midi) => midi - neck.capo),
    songId,
    bpm,
    roomQuarters,
    step,
    medianMs: heard?.medianMs ?? null,
    spreadMs: heard?.spreadMs ?? null,
    change: change ? roundChangeOf(change) : null,
  };
}
