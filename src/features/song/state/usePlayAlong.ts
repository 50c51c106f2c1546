import { useCallback, useEffect, useRef, useState } from "react";
import { PLAIN_METRONOME } from "@/core/metronome";
import { useAwake, useHearing, useNoticesHeld, useRig, useTell } from "@/session";
import { type PlayPlace } from "@/audio/playTypes";
import { useEvent } from "@/ui/controls";
import { type SongPlayer } from "@/audio/songPlayer";
import { usePlacePart, type Playhead } from "@/ui/playing";
import { type PlayOptions } from "@/audio/playTypes";
import { type SongPlan } from "./useSongPlan";

export interface PlayAlong {
  readonly isPlaying: boolean;
  readonly options: PlayOptions;
  readonly setOptions: (part: Partial<PlayOptions>) => void;
  readonly toggle: () => void;
  readonly playFrom: (bar: number) => void;
  readonly stop: () => void;
  /** A pedal's two keys. */
  readonly forward: () => void;
  readonly back: () => void;
  /** Where the next start is, as a bar that is played. */
  readonly startBar: number;
  readonly setStartBar: (bar: number) => void;
}

function isSomewhere(place: PlayPlace | null): boolean {
  return place !== null;
}

interface PlayAlongInput {
  readonly plan: SongPlan;
  readonly playhead: Playhead;
  readonly onStart: () => void;
  /** Called when the last bar has been played, not when the player stops. */
  readonly onEnd: () => void;
}

const FIRST: PlayOptions = {
  click: true,
  chords: true,
  isHalf: false,
  loop: null,
  rampBpm: 0,
  rampTo: 300,
  tempoBpm: null,
  metronome: PLAIN_METRONOME,
};

export function usePlayAlong({ plan, playhead, onStart, onEnd }: PlayAlongInput): PlayAlong {
  const { arrangement, route, neck } = plan;
  const { a4Hz } = useRig().profile;
  const { hearing } = useHearing();
  const tell = useTell();
  const [options, setAll] = useState(FIRST);
  const [startBar, setStartBar] = useState(0);
  const player = useRef<SongPlayer | null>(null);
  /** Counts starts and stops, so that a start which is overtaken while it is being fetched never sounds. */
  const turn = useRef(0);
  const isPlaying = usePlacePart(playhead, isSomewhere);
  useAwake(isPlaying);
  useNoticesHeld(isPlaying);

  const stop = useEvent(() => {
    turn.current += 1;
    player.current?.stop();
    player.current = null;
    playhead.setPlace(null);
    playhead.move(null);
  });
  const end = useEvent(() => {
    stop();
    onEnd();
  });
  const start = useEvent(async (bar: number, countIn: boolean) => {
    if (!route) return;
    player.current?.stop();
    player.current = null;
    const own = ++turn.current;
    onStart();
    try {
      const { startPlaying } = await import("@/audio/songPlayer");
      const { bars } = arrangement;
      const fromBar = Math.min(Math.max(0, bar), Math.max(0, bars.length - 1));
      const made = await startPlaying(
        { arrangement, route, neck, a4Hz, options, hearing, fromBar, countIn },
        { onPlace: playhead.setPlace, onQuarters: playhead.move, onEnd: end },
        () => own === turn.current,
      );
      player.current = made ?? player.current;
    } catch (error) {
      console.warn(error);
      stop();
      tell({ text: "Your browser gives Tenon no sound to play to. Everything else still works." });
    }
  });

  // What is played changes while it plays: it goes on from the same bar, without counting in.
  const { gain, loudness } = hearing;
  const follow = useEvent(() => {
    const place = playhead.place();
    if (place && player.current) void start(place.bar, false);
  });
  useEffect(follow, [options, gain, route, follow]);
  useEffect(() => player.current?.setLoudness(loudness), [loudness]);
  useEffect(() => () => stop(), [stop]);

  const setOptions = useCallback(
    (part: Partial<PlayOptions>) => setAll((old) => ({ ...old, ...part })),
    [],
  );
  const firstBarOf = (bar: number) => {
    const { bars } = arrangement;
    let first = bar;
    while (first > 0 && bars[first - 1]?.section === bars[bar]?.section) first--;
    return first;
  };
  const forward = () => {
    const place = playhead.place();
    if (!place) {
      void start(startBar, true);
      return;
    }
    const { bars } = arrangement;
    const next = bars.findIndex(
      (bar, index) => index > place.bar && bar.section !== bars[place.bar]?.section,
    );
    if (next >= 0) void start(next, false);
  };
  const back = () => {
    const place = playhead.place();
    if (!place) {
      setStartBar(firstBarOf(Math.min(startBar, arrangement.bars.length - 1)));
      return;
    }
    setStartBar(place.bar);
    stop();
  };
  return {
    isPlaying,
    options,
    setOptions,
    toggle: () => {
      if (isPlaying) stop();
      else void start(options.loop?.[0] ?? startBar, true);
    },
    playFrom: (bar) => {
      setStartBar(bar);
      if (isPlaying) void start(bar, false);
    },
    stop,
    forward,
    back,
    startBar,
    setStartBar,
  };
}
