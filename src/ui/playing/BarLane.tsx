import { memo, useMemo } from "react";
import { noteLane, playedBar, type BarStroke, type RoutedSong } from "@/core/playing";
import { pickedAt } from "@/core/song";
import { NoteText, spokenNotes } from "@/ui/text";
import { LaneHead } from "./LaneHead";
import { leftAt, widthOf } from "./laneScale";
import { NoteLane } from "./NoteLane";
import { type Playhead } from "./playhead";
import { StrokeSign } from "./StrokeSign";

interface BarLaneProps {
  readonly song: RoutedSong;
  /** Index in `arrangement.bars`. */
  readonly bar: number;
  /** Current beat of the count-in, from 0; null if there is none. */
  readonly countBeat: number | null;
  readonly playhead: Playhead;
  readonly thickOnTop: boolean;
}

/** The current bar: its notes where it has a riff, otherwise its strokes. */
export const BarLane = memo(function BarLane(props: BarLaneProps) {
  const { song, bar, playhead, thickOnTop } = props;
  const { arrangement, neck } = song;
  const columns = useMemo(() => noteLane(song, bar), [song, bar]);
  const counts = useMemo(() => playedBar(arrangement, bar).counts, [arrangement, bar]);
  if (!columns) return <StrokeLane {...props} />;
  const { start = 0, beats = 4 } = arrangement.bars[bar] ?? {};
  return (
    <NoteLane
      columns={columns}
      strings={neck.midi.length}
      thickOnTop={thickOnTop}
      bar={bar}
      start={start}
      length={beats}
      counts={counts}
      playhead={playhead}
    />
  );
});

/** A bar of chords: counts, strokes, rests and the playhead. */
function StrokeLane({ song, bar, countBeat, playhead }: BarLaneProps) {
  const { arrangement } = song;
  const played = useMemo(() => playedBar(arrangement, bar), [arrangement, bar]);
  const start = arrangement.bars[bar]?.start ?? 0;
  const { length } = played;
  const share = (quarters: number) => (length > 0 ? quarters / length : 0);
  const beats = played.counts.filter(({ isBeat }) => isBeat);
  const names = namesIn(song, played.strokes);
  return (
    <section
      aria-label="The bar"
      className="relative h-[calc(5.6rem*var(--play-scale))] overflow-hidden rounded-lg bg-slab text-[var(--on-slab)]"
      data-lane={bar + 1}
    >
      {played.counts.map(({ at, text, isBeat }) => {
        const isCounted = countBeat !== null && beats[countBeat]?.at === at;
        return (
          <span
            key={at}
            aria-hidden="true"
            style={{ left: leftAt(share(at)) }}
            className={`figures absolute top-[0.2em] -translate-x-1/2 rounded px-1.5 leading-tight ${isBeat ? "text-[calc(1.45rem*var(--play-scale))] font-bold" : "text-[calc(1.05rem*var(--play-scale))] text-[var(--on-slab-muted)] max-sm:hidden"} ${isCounted ? "bg-root text-[var(--on-mark)]" : ""}`}
          >
            {text}
          </span>
        );
      })}
      {played.rests.map(({ at, length: silent }) => (
        <span
          key={at}
          aria-hidden="true"
          className="absolute top-[63%] h-[3px] border-t-[3px] border-dotted border-[var(--on-slab-muted)]"
          style={{ left: leftAt(share(at)), width: widthOf(share(silent)) }}
        />
      ))}
      {played.strokes.map((stroke) => (
        <Stroke
          key={stroke.at}
          stroke={stroke}
          at={share(stroke.at)}
          length={share(stroke.length)}
          stringNumber={pickedString(song, stroke)}
        />
      ))}
      {names.map(({ at, name }) => (
        <span
          key={at}
          aria-hidden="true"
          style={{ left: leftAt(share(at)) }}
          className="absolute top-[0.35em] ml-[0.9em] text-[calc(1.1rem*var(--play-scale))] leading-tight font-bold"
        >
          <NoteText>{name}</NoteText>
        </span>
      ))}
      <LaneHead playhead={playhead} start={start} length={length} />
      <p className="sr-only">{laneWords(song, played.strokes, names)}</p>
    </section>
  );
}

interface StrokeProps {
  readonly stroke: BarStroke;
  /** As shares of the bar. */
  readonly at: number;
  readonly length: number;
  /** Number of the picked string; null if all are struck. */
  readonly stringNumber: number | null;
}

function Stroke({ stroke, at, length, stringNumber }: StrokeProps) {
  return (
    <>
      {stroke.touch === "ringing" && (
        <span
          aria-hidden="true"
          className="absolute top-[64%] h-[3px] rounded bg-[var(--on-slab)] opacity-45"
          style={{ left: leftAt(at), width: widthOf(length) }}
        />
      )}
      <span
        aria-hidden="true"
        data-stroke={strokeWord(stroke)}
        style={{ left: leftAt(at) }}
        className="absolute top-[40%] h-[50%] -translate-x-1/2"
      >
        <StrokeSign stroke={stroke} stringNumber={stringNumber} />
      </span>
    </>
  );
}

/** The number of the picked string, from 1, the thinnest; null for a strum. */
function pickedString({ route }: RoutedSong, { picked, chord }: BarStroke): number | null {
  const fretting = route.timed.stops[route.played.indexOf(chord)]?.fingering.fretting;
  if (picked === null || !fretting) return null;
  const sounding = fretting.flatMap((fret, string) =>
    fret === null ? [] : [fretting.length - string],
  );
  return sounding[pickedAt(picked, sounding.length)] ?? null;
}

function strokeWord({ touch, stroke }: BarStroke): string {
  return touch === "choked" ? "scratch" : touch === "muted" ? `muted ${stroke}` : stroke;
}

/** Name and first stroke of each chord; empty for a bar with one chord. */
function namesIn({ arrangement }: RoutedSong, strokes: readonly BarStroke[]) {
  const firsts = strokes.filter(({ chord }, index) => strokes[index - 1]?.chord !== chord);
  if (firsts.length < 2) return [];
  return firsts.map(({ at, chord }) => ({ at, name: arrangement.chords[chord]?.name ?? "" }));
}

function laneWords(
  song: RoutedSong,
  strokes: readonly BarStroke[],
  chords: readonly { readonly name: string }[],
): string {
  const words = strokes.map((stroke) => {
    const string = pickedString(song, stroke);
    return `${strokeWord(stroke)}${string === null ? "" : ` on string ${string}`}`;
  });
  const names = chords.map(({ name }) => spokenNotes(name));
  return [`${strokes.length} strokes: ${words.join(", ")}`, ...names].join("; ");
}
