import { Fragment } from "react";
import { type LaneColumn } from "@/core/playing";
import { NoteText, spokenNotes } from "@/ui/text";
import { LaneHead } from "./LaneHead";
import { leftAt, widthOf } from "./laneScale";
import { type Playhead } from "./playhead";

interface NoteLaneProps {
  readonly columns: readonly LaneColumn[];
  readonly strings: number;
  readonly thickOnTop: boolean;
  /** Index in `arrangement.bars`. */
  readonly bar: number;
  /** Of the bar: its start in the song, and its length; in quarters. */
  readonly start: number;
  readonly length: number;
  readonly counts: readonly {
    readonly at: number;
    readonly text: string;
    readonly isBeat: boolean;
  }[];
  readonly playhead: Playhead;
}

/** Share of the height above the strings, for counts and names. */
const [TOP, FOOT] = [0.27, 0.12];

/** A bar with a riff: frets on their strings where they are played, and the playhead. */
export function NoteLane(props: NoteLaneProps) {
  const { columns, strings, thickOnTop, bar, start, length, counts, playhead } = props;
  const topOf = (string: number) => {
    const row = thickOnTop ? string : strings - 1 - string;
    return `${(100 * (TOP + (row / Math.max(1, strings - 1)) * (1 - TOP - FOOT))).toFixed(2)}%`;
  };
  const all = Array.from({ length: strings }, (_, string) => string);
  return (
    <section
      aria-label="The bar"
      className="relative h-[calc(9.4rem*var(--play-scale))] overflow-hidden rounded-lg bg-slab text-[var(--on-slab)]"
      data-lane={bar + 1}
      data-notes=""
    >
      {counts.map(({ at, text, isBeat }) => (
        <span
          key={at}
          aria-hidden="true"
          style={{ left: leftAt(at / length) }}
          className={`figures absolute top-[0.1em] -translate-x-1/2 leading-tight ${isBeat ? "text-[calc(1.3rem*var(--play-scale))] font-bold" : "text-[calc(1rem*var(--play-scale))] text-[var(--on-slab-muted)] max-sm:hidden"}`}
        >
          {text}
        </span>
      ))}
      {all.map((string) => (
        <span
          key={string}
          aria-hidden="true"
          className="absolute inset-x-0 h-px bg-[var(--on-slab-muted)]"
          style={{ top: topOf(string) }}
        />
      ))}
      {columns.map(({ at, length: lasts, notes, name, isMuted }) => (
        <Fragment key={at}>
          {name !== null && (
            <span
              aria-hidden="true"
              style={{ left: leftAt(at / length) }}
              className="absolute top-[0.1em] ml-[1.1em] text-[calc(1.1rem*var(--play-scale))] leading-tight font-bold"
            >
              <NoteText>{name}</NoteText>
            </span>
          )}
          {notes.map(({ string, fret, reached, ends, isDead }) => (
            <Fragment key={string}>
              {!isDead && (
                <span
                  aria-hidden="true"
                  className="absolute h-[3px] -translate-y-1/2 rounded bg-[var(--on-slab)] opacity-45"
                  style={{
                    top: topOf(string),
                    left: leftAt(at / length),
                    width: widthOf(lasts / length),
                  }}
                />
              )}
              <span
                aria-hidden="true"
                style={{ top: topOf(string), left: leftAt(at / length) }}
                className={`figures absolute -translate-x-1/2 -translate-y-1/2 rounded bg-slab px-[0.12em] text-[calc(1.35rem*var(--play-scale))] leading-none font-bold ${isMuted ? "underline decoration-2 underline-offset-2" : ""}`}
                data-fret={isDead ? "x" : fret}
              >
                {`${reached}${isDead ? "×" : fret}${ends}`}
              </span>
            </Fragment>
          ))}
        </Fragment>
      ))}
      <LaneHead playhead={playhead} start={start} length={length} />
      <p className="sr-only">{laneWords(columns, strings)}</p>
    </section>
  );
}

/** "beat 1: string 6, open; beat 1.5: string 6, fret 3". */
function laneWords(columns: readonly LaneColumn[], strings: number): string {
  return columns
    .map(({ at, notes, name, isMuted }) => {
      const played =
        name === null
          ? notes
              .map(({ string, fret, isDead }) =>
                isDead
                  ? `string ${strings - string}, dead`
                  : `string ${strings - string}, ${fret === 0 ? "open" : `fret ${fret}`}`,
              )
              .join(" and ")
          : spokenNotes(name);
      return `quarter ${Math.round((at + 1) * 100) / 100}: ${played}${isMuted ? ", muted" : ""}`;
    })
    .join("; ");
}
