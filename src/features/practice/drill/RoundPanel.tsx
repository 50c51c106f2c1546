import { type PlayedDrill, type Rung } from "@/core/drill";
import { GripCard } from "./GripCard";
import { type PlacedDrill } from "@/features/practice/state";
import { type DrillPlay } from "./useDrillPlay";

interface RoundPanelProps {
  readonly placed: PlacedDrill;
  readonly drill: PlayedDrill;
  readonly play: DrillPlay;
}

/** The tempo, what is counted in, and the grips: the first two before the round, then now and next. */
export function RoundPanel({ placed, drill, play }: RoundPanelProps) {
  const { neck, guitar } = placed;
  const { laidOut, rung, runner, forward } = play;
  const { phase, place } = runner;
  const isPlaying = phase === "playing";
  const chords = laidOut?.arrangement.chords ?? [];
  const firstBar = drill.bars?.[0] ?? 0;
  const first = chords.findIndex(({ playedBar }) => playedBar >= firstBar);
  const [now, next] = place ? [place.chord, place.next] : [first, first + 1];
  // Before the first bar, and between rounds, there is time to look.
  const isNextShown = !isPlaying || place?.count !== null || runner.isNextShown;
  const grips = laidOut?.route.timed.stops.map(({ fingering }) => fingering.fretting.join());
  const isOneGrip = new Set(grips).size === 1;
  const cardOf = (chord: number | null) => ({
    neck,
    guitar,
    chord: chords[chord ?? -1],
    fingering:
      chord === null
        ? undefined
        : laidOut?.route.timed.stops[laidOut.route.played.indexOf(chord)]?.fingering,
    isAlone: isOneGrip,
    isPlaying,
  });
  const bars = drill.bars ? drill.bars[1] - firstBar : (laidOut?.arrangement.bars.length ?? 0);
  return (
    // A tap anywhere here is the pedal's forward; the keys do the same.
    <div
      className="panel flex flex-1 cursor-pointer flex-col gap-3 p-4 select-none"
      onClick={forward}
    >
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <p className="figures text-4xl font-bold" aria-live="polite">
          {`${rung.bpm} bpm`}
        </p>
        <p className="text-lg text-muted">
          {place && !place.count
            ? `bar ${place.bar - firstBar + 1} of ${bars}`
            : `${rungText(rung)}${roomText(rung)}`}
        </p>
      </div>
      {place?.count ? (
        <p className="flex min-h-56 flex-1 items-center justify-center text-[18vmin] leading-none font-bold">
          {place.count}
        </p>
      ) : (
        <div
          className={`grid min-h-56 flex-1 items-start gap-2 md:gap-4 ${isOneGrip ? "" : "grid-cols-2"}`}
        >
          <GripCard
            title={isPlaying ? "Now" : isOneGrip ? "Grip" : "First"}
            isLarge
            {...cardOf(now)}
          />
          {!isOneGrip && (
            <GripCard
              title={isPlaying ? "Next" : "Then"}
              isLarge={false}
              {...cardOf(isNextShown ? next : null)}
            />
          )}
        </div>
      )}
    </div>
  );
}

function rungText({ clean }: Rung): string {
  return clean > 0 ? "one clean round more, and it grows" : "two clean rounds, and it grows";
}

function roomText({ roomQuarters }: Rung): string {
  if (roomQuarters <= 0) return "";
  return ` · ${roomQuarters === 1 ? "a beat" : "half a beat"} to move in`;
}
