import { memo, useMemo } from "react";
import { type Arrangement } from "@/core/arrangement";
import { barLines, firstOfRun, linesAt, passesOf, wordsAt, type BarLine } from "@/core/playing";
import { type ChartWords } from "@/core/song";
import { useWidth } from "@/ui/neck";
import { shownName } from "./playWords";
import { NoteText } from "@/ui/text";

interface LineOfBarsProps {
  readonly arrangement: Arrangement;
  readonly words: ChartWords;
  /** Index in `arrangement.bars`. */
  readonly bar: number;
  readonly chord: number | null;
}

/** The current line of the song with its words, and the next line. */
export const LineOfBars = memo(function LineOfBars(props: LineOfBarsProps) {
  const { arrangement, words, bar, chord } = props;
  const [frame, width] = useWidth(800);
  const mostBars = width < NARROW_PX ? 2 : 4;
  const lines = useMemo(() => barLines(arrangement, mostBars), [arrangement, mostBars]);
  const passes = useMemo(() => passesOf(arrangement), [arrangement]);
  const [now, next] = linesAt(lines, bar);
  const sectionOf = (line: BarLine | null) => line && arrangement.bars[line.from]?.section;
  const isOther = next !== null && sectionOf(next) !== sectionOf(now);
  const shown = { arrangement, words, passes, mostBars };
  return (
    <section aria-label="The line" ref={frame} className="playing-line min-w-0 space-y-1">
      {now && <Bars {...shown} line={now} bar={bar} chord={chord} isNow />}
      {next ? (
        <Bars
          {...shown}
          line={next}
          bar={-1}
          chord={null}
          isNow={false}
          heading={isOther ? arrangement.sectionKeys[sectionOf(next) ?? 0] : undefined}
        />
      ) : (
        lines.length > 1 && (
          <p className="text-[calc(1.05rem*var(--play-scale))] text-muted">the last line</p>
        )
      )}
    </section>
  );
});

/** Narrower lines hold two bars. */
const NARROW_PX = 620;

interface BarsProps extends LineOfBarsProps {
  readonly passes: ReturnType<typeof passesOf>;
  readonly line: BarLine;
  readonly mostBars: number;
  readonly isNow: boolean;
  /** Name of the section that starts with this line. */
  readonly heading?: string | undefined;
}

function Bars(props: BarsProps) {
  const { arrangement, words, passes, line, mostBars, bar, chord, isNow, heading } = props;
  const bars = arrangement.bars.slice(line.from, line.to);
  return (
    <ol
      aria-label={isNow ? "This line" : "The line after it"}
      className={`grid ${mostBars === 2 ? "grid-cols-2" : "grid-cols-4"} ${isNow ? "" : "text-muted"}`}
    >
      {bars.map(({ start, beats }, index) => {
        const at = line.from + index;
        const isCurrent = at === bar;
        return (
          <li
            key={at}
            aria-current={isCurrent ? "step" : undefined}
            className={`min-w-0 border-l-[3px] border-ink px-2 pb-0.5 ${isCurrent ? "bg-picked" : ""}`}
          >
            <span className="flex">
              {heading !== undefined && index === 0 && (
                <span className="mr-2 max-w-32 truncate text-[calc(1rem*var(--play-scale))] leading-relaxed">
                  {`${heading}:`}
                </span>
              )}
              {arrangement.chords.flatMap((each, place) => {
                if (each.start < start - EARLY || each.start >= start + beats - EARLY) return [];
                // A riff has one name, over its first note.
                if (firstOfRun(arrangement.chords, place) !== place) return [];
                const { pass, passes: of } = passes[each.playedBar] ?? { pass: 0, passes: 1 };
                const sung = each.place && wordsAt(words, each.place.offset, { pass, passes: of });
                return [
                  <span
                    key={place}
                    className="min-w-min"
                    style={{ flexGrow: each.untilNext, flexBasis: 0 }}
                  >
                    <span
                      className={`block font-bold whitespace-nowrap ${isNow ? "text-[calc(1.6rem*var(--play-scale))] leading-tight" : "text-[calc(1.15rem*var(--play-scale))] leading-snug"} ${place === chord ? "underline decoration-root decoration-4 underline-offset-4" : ""}`}
                    >
                      <NoteText>{shownName(each)}</NoteText>
                    </span>
                    {words.size > 0 && (
                      <span
                        className={`block min-h-[1.3em] pr-1.5 leading-tight ${isNow ? "text-[calc(1.15rem*var(--play-scale))]" : "text-[calc(1rem*var(--play-scale))]"}`}
                      >
                        {sung}
                      </span>
                    )}
                  </span>,
                ];
              })}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

/** A chord that starts at most this early, in quarters, is shown in the next bar. */
const EARLY = 0.5;
