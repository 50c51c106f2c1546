import { useMemo } from "react";
import { type PlayedDrill, type Rung } from "@/core/drill";
import { type RoutedSong } from "@/core/playing";
import { type ChartWords } from "@/core/song";
import { useDeviceChoice, useRig, useView } from "@/session";
import { PlayingView, TextSize, usePlacePart } from "@/ui/playing";
import { type PlacedDrill } from "@/features/practice/state";
import { type DrillPlay } from "./useDrillPlay";

interface RoundPanelProps {
  readonly placed: PlacedDrill;
  readonly drill: PlayedDrill;
  readonly play: DrillPlay;
}

const NO_WORDS: ChartWords = new Map();

/** The tempo of the round, and what is played in it. */
export function RoundPanel({ placed, drill, play }: RoundPanelProps) {
  const { neck, guitar } = placed;
  const { laidOut, rung, runner, forward } = play;
  const { phase, playhead } = runner;
  const [scale, setScale] = useDeviceChoice("text size while playing", 1);
  const { thickOnTop } = useView().view;
  const { ladder } = useRig().profile.practice;
  const isCounted = usePlacePart(playhead, isCountIn);
  const song = useMemo(
    (): RoutedSong | null =>
      laidOut && { arrangement: laidOut.arrangement, route: laidOut.route, neck },
    [laidOut, neck],
  );
  const look = useMemo(
    () => ({ leftHanded: guitar.leftHanded, thickOnTop }),
    [guitar.leftHanded, thickOnTop],
  );
  const bars = laidOut?.arrangement.bars;
  const [first, end] = drill.bars ?? [0, bars?.length ?? 0];
  const way = useMemo(() => [first, end] as const, [first, end]);
  const loop = useMemo(() => [first, Math.max(first, end - 1)] as const, [first, end]);
  return (
    // A tap anywhere here is the pedal's forward; the keys do the same.
    <div className="flex flex-1 cursor-pointer flex-col gap-2 select-none" onClick={forward}>
      <div className="flex items-center justify-between gap-x-6">
        <p className="figures text-4xl font-bold" aria-live="polite">
          {`${rung.bpm} bpm`}
        </p>
        <p className="text-lg text-muted max-sm:hidden">{`${rungText(rung, ladder.stepBpm, play.topBpm)}${roomText(rung)}`}</p>
        <div onClick={(event) => event.stopPropagation()}>
          <TextSize scale={scale} onScale={setScale} />
        </div>
      </div>
      {song && (
        <PlayingView
          song={song}
          words={NO_WORDS}
          look={look}
          playhead={playhead}
          startQuarters={bars?.[first]?.start ?? 0}
          loop={loop}
          scale={scale}
          way={way}
          // Before the first bar, and between rounds, there is time to look.
          isNextHidden={phase === "playing" && !isCounted && !runner.isNextShown}
        />
      )}
    </div>
  );
}

function isCountIn(place: { readonly count: string | null } | null): boolean {
  return place !== null && place.count !== null;
}

function rungText({ bpm, clean }: Rung, stepBpm: number, topBpm: number): string {
  if (bpm >= topBpm) return "fast enough: faster with +";
  const rounds = clean > 0 ? "one more clean round" : "two clean rounds";
  return `+${stepBpm} bpm after ${rounds}`;
}

function roomText({ roomQuarters }: Rung): string {
  if (roomQuarters <= 0) return "";
  return ` · ${roomQuarters === 1 ? "a beat" : "half a beat"} to move in`;
}
