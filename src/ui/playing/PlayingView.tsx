import { memo, useMemo, type CSSProperties } from "react";
import { barLines, linesAt, momentAt, type Loop, type RoutedSong } from "@/core/playing";
import { type ChartWords } from "@/core/song";
import { NextCard, NowCard, type GripLook } from "./GripCards";
import { BarLane } from "./BarLane";
import { LineOfBars } from "./LineOfBars";
import { usePlace, type Playhead } from "./playhead";
import { WayLane } from "./WayLane";

interface PlayingViewProps {
  readonly song: RoutedSong;
  readonly words: ChartWords;
  readonly look: GripLook;
  readonly playhead: Playhead;
  /** Position shown while nothing plays, in quarters from the start of the song. */
  readonly startQuarters: number;
  readonly loop: Loop | null;
  /** Text size; 1 is the size for a page. */
  readonly scale: number;
  /** Bars whose hand positions are shown (end exclusive); "line" for the current and the next line, null for none. */
  readonly way: readonly [fromBar: number, toBar: number] | "line" | null;
  /** Shows the way where wide pages leave it out, as they have the route beside it. */
  readonly showsWay?: boolean;
  /** Hides the next grip, to be played from memory. */
  readonly isNextHidden?: boolean;
  /** Leaves out the hand positions on wide pages, where the whole route is next to this view. */
  readonly isBesideRoute?: boolean;
  /** Fills the height of its container, as on the stage. */
  readonly fills?: boolean;
}

/**
 * What to play and when, readable from a metre: the current grip, the next different one, the current bar, the hand's
 * positions on the neck, and the current line with its words. Only the playhead moves.
 */
export const PlayingView = memo(function PlayingView(props: PlayingViewProps) {
  const {
    song,
    words,
    look,
    playhead,
    startQuarters,
    loop,
    scale,
    way,
    isNextHidden,
    isBesideRoute,
    fills,
  } = props;
  const { arrangement } = song;
  const place = usePlace(playhead);
  const quarters = place ? quartersAt(song, place) : startQuarters;
  const moment = useMemo(() => momentAt(song, quarters, loop), [song, quarters, loop]);
  const { bar, chord, stop, next } = moment;
  const isOneGrip = useMemo(() => hasOneGrip(song), [song]);
  const lines = useMemo(() => barLines(arrangement), [arrangement]);
  const [fromBar, toBar] = useMemo(() => {
    if (way !== "line") return way ?? [0, 0];
    const [now, after] = linesAt(lines, bar);
    return [now?.from ?? 0, after?.to ?? now?.to ?? 0];
  }, [way, lines, bar]);
  const section = arrangement.sectionKeys[arrangement.bars[bar]?.section ?? 0] ?? "";
  const where = [
    ...(section === "" ? [] : [section]),
    `bar ${bar + 1} of ${arrangement.bars.length}`,
    ...(place && isOtherTempo(place.tempoBpm, arrangement.tempoBpm)
      ? [`${Math.round(place.tempoBpm)} bpm`]
      : []),
  ].join(", ");
  return (
    <div
      className={`playing-view @container ${fills ? "playing-fills" : ""} ${isBesideRoute ? "playing-beside" : ""}`}
      style={{ "--scale": scale } as CSSProperties}
      data-playing={place ? `${place.bar + 1}.${place.beat + 1}` : undefined}
    >
      <div className={`playing-cards ${isOneGrip ? "playing-alone" : ""}`}>
        <NowCard
          song={song}
          look={look}
          moment={moment}
          where={where}
          isPlaying={place !== null}
          count={place?.count ?? null}
        />
        {!isOneGrip && (
          <NextCard song={song} look={look} moment={moment} isHidden={isNextHidden ?? false} />
        )}
      </div>
      <BarLane
        song={song}
        bar={bar}
        countBeat={place && place.count !== null ? place.beat : null}
        playhead={playhead}
        thickOnTop={look.thickOnTop}
      />
      {way && !isOneGrip && (
        <WayLane
          song={song}
          fromBar={fromBar}
          toBar={toBar}
          now={stop}
          next={isNextHidden ? null : (next?.stop ?? null)}
          leftHanded={look.leftHanded}
        />
      )}
      <LineOfBars arrangement={arrangement} words={words} bar={bar} chord={chord} />
    </div>
  );
});

/** Such a song has no next grip and no hand positions to show. */
function hasOneGrip({ route }: RoutedSong): boolean {
  const grips = route.timed.stops.map(({ fingering }) => fingering.fretting.join());
  return new Set(grips).size === 1;
}

/** Only a tempo other than the song's is shown. */
function isOtherTempo(playedBpm: number, songBpm: number): boolean {
  return Math.round(playedBpm) !== Math.round(songBpm);
}

/** Position of the current beat; during the count-in, the start of the first bar. */
function quartersAt(
  { arrangement: { bars } }: RoutedSong,
  {
    bar,
    count,
    quarters,
  }: { readonly bar: number; readonly count: string | null; readonly quarters: number },
): number {
  return count === null ? quarters : (bars[bar]?.start ?? 0);
}
