import { useEffect, useRef, useState } from "react";
import { type SongPlayer, type StartedRound } from "@/audio/songPlayer";
import { shownAheadQuarters, type PlayedDrill, type Rung } from "@/core/drill";
import { strikeTiming, type StrikeTiming } from "@/core/practice";
import { useAwake, useHearing, useNoticesHeld, useRig, useTell } from "@/session";
import { useEvent } from "@/ui/controls";
import { makePlayhead, type Playhead } from "@/ui/playing";
import { type PlacedDrill } from "@/features/practice/state";
import { type EarState } from "./useEar";
import { type LaidOut } from "./usePlayedDrill";

type Phase = "ready" | "playing" | "judging";

/** A round that was played and waits to be judged. */
export interface PlayedRound {
  /** As it was played, whatever was chosen since. */
  readonly laidOut: LaidOut;
  readonly seconds: number;
  /** What was heard of it; null where nobody listened. */
  readonly timing: StrikeTiming | null;
}

export interface Runner {
  readonly phase: Phase;
  readonly playhead: Playhead;
  /** The next grip is near enough to be shown: early at first, later as it goes well. */
  readonly isNextShown: boolean;
  readonly round: PlayedRound | null;
  readonly start: () => void;
  readonly stop: () => void;
}

/** A round lasts so many bars at least. */
const MIN_BARS = 4;
const BAR_QUARTERS = 4;
/** What begins within so little is now, not next. */
const NOW_QUARTERS = 1e-3;
/** Sounds leave the ear a moment after the clock. */
const SETTLE_MS = 350;

/** Plays round after round of a drill along the audio clock. */
export function useRunner(
  { neck }: PlacedDrill,
  { bars }: PlayedDrill,
  laidOut: LaidOut | null,
  rung: Rung,
  { ear, listened }: EarState,
): Runner {
  const { practice, a4Hz } = useRig().profile;
  const { metronome, hearsChords, latencyMs, hasHeadphones } = practice;
  const { hearing } = useHearing();
  const tell = useTell();
  const [phase, setPhase] = useState<Phase>("ready");
  const [playhead] = useState(makePlayhead);
  const [round, setRound] = useState<PlayedRound | null>(null);
  const [isNextShown, setIsNextShown] = useState(true);
  const player = useRef<SongPlayer | null>(null);
  const turn = useRef(0);
  useAwake(phase === "playing");
  useNoticesHeld(phase === "playing");

  const silence = useEvent(() => {
    turn.current += 1;
    player.current?.stop();
    player.current = null;
    playhead.setPlace(null);
    playhead.move(null);
  });
  useEffect(() => () => silence(), [silence]);
  // Fetched before it is asked for, so that a round begins even if the server is away by then.
  useEffect(() => void import("@/audio/songPlayer").catch(() => undefined), []);

  /** How the strums of the rounds fell; null where nobody listened. */
  const listenedTo = (started: readonly StartedRound[]): StrikeTiming | null => {
    const open = ear();
    const played = started.filter(({ isCountIn }) => !isCountIn);
    const expected = played.flatMap(strikesOf);
    const [first, last] = [expected[0], expected.at(-1)];
    if (!open || first === undefined || last === undefined) return null;
    // A simulated player comes in without loudspeaker and microphone.
    const latencyS = listened === "microphone" ? (latencyMs ?? 0) / 1000 : 0;
    const clicks =
      hasHeadphones || listened !== "microphone"
        ? null
        : {
            latencyS,
            clicks: played.flatMap(({ events, startS }) =>
              events.flatMap((event) =>
                event.kind === "click"
                  ? [{ atS: startS + event.atS, strength: event.strength }]
                  : [],
              ),
            ),
          };
    const heard = open.onsets(first + latencyS, last + latencyS, clicks);
    const timing = strikeTiming(
      expected,
      heard.map((at) => at - latencyS),
    );
    // Without the delay, early and late cannot be told.
    const isUnmeasured = listened === "microphone" && latencyMs === null;
    return { ...timing, isUnsure: timing.isUnsure || isUnmeasured };
  };
  const start = useEvent(async () => {
    if (!laidOut) return;
    silence();
    const own = turn.current;
    const { arrangement, route } = laidOut;
    const [fromBar, toBar] = bars ?? [0, arrangement.bars.length];
    const passes = Math.ceil(MIN_BARS / Math.max(1, toBar - fromBar));
    const started: StartedRound[] = [];
    setRound(null);
    setPhase("playing");
    const finish = () => {
      silence();
      const finished = turn.current;
      const seconds = started.reduce((sum, { lengthS }) => sum + lengthS, 0);
      const judge = () => {
        if (finished !== turn.current) return;
        setRound({ laidOut, seconds, timing: listenedTo(started) });
        setPhase("judging");
      };
      // What was struck last is still on its way.
      if (ear()) setTimeout(judge, SETTLE_MS);
      else judge();
    };
    try {
      const { startPlaying } = await import("@/audio/songPlayer");
      const made = await startPlaying(
        {
          arrangement,
          route,
          neck,
          a4Hz,
          hearing,
          fromBar,
          toBar,
          passes,
          countIn: true,
          options: {
            click: true,
            chords: hearsChords,
            isHalf: false,
            loop: null,
            rampBpm: 0,
            rampTo: laidOut.bpm,
            tempoBpm: laidOut.bpm,
            metronome,
          },
        },
        {
          onPlace: playhead.setPlace,
          onQuarters: (quarters) => {
            playhead.move(quarters);
            const next = arrangement.chords.find((chord) => chord.start > quarters + NOW_QUARTERS);
            const ahead = shownAheadQuarters(rung, BAR_QUARTERS);
            setIsNextShown(next !== undefined && next.start - quarters <= ahead);
          },
          onEnd: finish,
          onRound: (next) => {
            started.push(next);
            if (!next.isCountIn) ear()?.expect(strikesOf(next));
          },
        },
        () => own === turn.current,
      );
      player.current = made ?? player.current;
    } catch (error) {
      console.warn(error);
      silence();
      setPhase("judging");
      setRound({ laidOut, seconds: 0, timing: null });
      tell({ text: "Your browser gives Tenon no sound. Play without it, and judge the round." });
    }
  });

  const stop = useEvent(() => {
    silence();
    setPhase("ready");
  });
  const startNow = useEvent(() => void start());
  return { phase, playhead, isNextShown, round, start: startNow, stop };
}

/** When the strums of a round are due, in s of the audio clock. */
function strikesOf({ events, startS }: StartedRound): readonly number[] {
  return events.flatMap((event) => (event.kind === "strike" ? [startS + event.atS] : []));
}
