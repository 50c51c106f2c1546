import { memo, useState } from "react";
import { type Arrangement } from "@/core/arrangement";
import { nameTuning } from "@/core/tuning";
import { barEntries, type Chart, type ChartBar, type ChartChord } from "@/core/song";
import { NoteText, spokenNotes } from "@/ui/text";
import { RiffOfBar } from "./RiffOfBar";
import { sectionName } from "@/features/song/state";

interface ChartDrawingProps {
  readonly chart: Chart;
  readonly arrangement: Arrangement;
  /** A chord of the arrangement. */
  readonly chosen: number | null;
  /** Shows the name of each chord's power chord instead of its own. */
  readonly asPowerChords: boolean;
  /** Null on paper. */
  readonly onChoose: ((chord: number) => void) | null;
  /** Called for a chord that is not in the arrangement: one played on another guitar. */
  readonly onSection?: (section: number) => void;
  /** Places of chords that have no grip: "section bar chord". */
  readonly blocked: ReadonlySet<string>;
}

const FIRST_BARS = 96;

/** The chart as it is read: bars in rows, chords over their beats. */
export const ChartDrawing = memo(function ChartDrawing(props: ChartDrawingProps) {
  const { chart, arrangement, chosen, asPowerChords, onChoose, onSection, blocked } = props;
  const [max, setMost] = useState(FIRST_BARS);
  const at = chosen === null ? undefined : arrangement.chords[chosen];
  const firstAt = firstPlayed(arrangement);
  const starts = startsOf(chart);
  const total = (starts.at(-1) ?? 0) + (chart.sections.at(-1)?.bars.length ?? 0);
  return (
    <div className="space-y-3" data-chart="">
      {chart.sections.map((section, index) => {
        const start = starts[index] ?? 0;
        const bars = section.bars.slice(0, Math.max(0, max - start));
        if (bars.length === 0) return null;
        return (
          <div
            key={index}
            role="group"
            aria-label={sectionName(arrangement.sectionKeys[index] ?? "")}
          >
            <h2 className="mb-1 flex flex-wrap items-baseline gap-x-3 text-[16px] font-semibold">
              {section.name && <NoteText>{section.name}</NoteText>}
              {section.tuningMidi && (
                <span className="text-[15px] font-normal text-muted">
                  <NoteText>{nameTuning(section.tuningMidi, "mixed").name}</NoteText>
                </span>
              )}
              <span className="figures text-[15px] font-normal text-muted">
                {textureOf(section.bars)}
              </span>
            </h2>
            <ol className="grid grid-cols-[repeat(auto-fill,minmax(5.75rem,1fr))] gap-y-1">
              {bars.map((each, inSection) => (
                <Bar
                  key={inSection}
                  bar={each}
                  sectionTexture={textureOf(section.bars)}
                  asPowerChords={asPowerChords}
                  number={start + inSection + 1}
                  isShort={each.beats < (bars[0]?.beats ?? each.beats)}
                  isChosen={(inBar) =>
                    at?.section === index && at.bar === inSection && at.inBar === inBar
                  }
                  isBlocked={(inBar) => blocked.has(`${index} ${inSection} ${inBar}`)}
                  onChoose={
                    onChoose &&
                    ((inBar) => {
                      const found = firstAt.get(`${index} ${inSection} ${inBar}`);
                      if (found === undefined) onSection?.(index);
                      else onChoose(found);
                    })
                  }
                />
              ))}
            </ol>
          </div>
        );
      })}
      {total > max && (
        <button type="button" className="button" onClick={() => setMost((old) => old * 4)}>
          {`Show the other ${total - max} bars`}
        </button>
      )}
    </div>
  );
});

/** The number of bars before each section. */
function startsOf({ sections }: Chart): readonly number[] {
  let bar = 0;
  return sections.map(({ bars }) => {
    const start = bar;
    bar += bars.length;
    return start;
  });
}

/** Where each written chord is played first. */
function firstPlayed({ chords }: Arrangement): ReadonlyMap<string, number> {
  const places = new Map<string, number>();
  for (const [index, { section, bar, inBar }] of chords.entries()) {
    const key = `${section} ${bar} ${inBar}`;
    if (!places.has(key)) places.set(key, index);
  }
  return places;
}

function textureOf(bars: readonly ChartBar[]): string {
  const all = new Set(bars.flatMap(({ chords }) => chords.map(({ texture }) => texture ?? "")));
  return all.size === 1 ? [...all].join("") : "";
}

interface BarProps {
  readonly bar: ChartBar;
  /** The texture of the whole section; empty if its bars differ. */
  readonly sectionTexture: string;
  readonly asPowerChords: boolean;
  readonly number: number;
  readonly isShort: boolean;
  readonly isChosen: (inBar: number) => boolean;
  readonly isBlocked: (inBar: number) => boolean;
  readonly onChoose: ((inBar: number) => void) | null;
}

function Bar(props: BarProps) {
  const { bar, sectionTexture, asPowerChords, number, isShort, isChosen, isBlocked, onChoose } =
    props;
  const textures = new Set(bar.chords.flatMap(({ texture }) => texture ?? []));
  textures.delete(sectionTexture);
  return (
    <li className="relative min-h-13 border-l-2 border-muted pt-4">
      <span className="figures absolute top-0 left-1 text-[13px] text-muted">
        {number}
        {isShort ? ` · ${bar.beats}` : ""}
      </span>
      <div className="flex min-h-9 pr-1">
        {barEntries(bar).map(({ inBar, riff, startBeat }, at, all) => {
          const share = Math.max(
            0.1,
            ((all[at + 1]?.startBeat ?? bar.beats) - startBeat) / bar.beats,
          );
          const chord = bar.chords[inBar];
          if (chord === undefined) {
            return (
              <RiffOfBar
                key={inBar}
                riff={riff}
                share={share}
                number={number}
                isChosen={riff.some((_, step) => isChosen(inBar + step))}
                isBlocked={riff.some((_, step) => isBlocked(inBar + step))}
                onChoose={onChoose && (() => onChoose(inBar))}
              />
            );
          }
          return (
            <ChordOfBar
              key={inBar}
              chord={chord}
              asPowerChords={asPowerChords}
              share={share}
              isCut={isCut(bar, inBar)}
              number={number}
              isChosen={isChosen(inBar)}
              isBlocked={isBlocked(inBar)}
              onChoose={onChoose && (() => onChoose(inBar))}
            />
          );
        })}
      </div>
      {textures.size > 0 && (
        <p className="figures pl-1 text-[13px] leading-tight text-muted">
          {[...textures].join(", ")}
        </p>
      )}
    </li>
  );
}

/** Whether a chord ends before the next one comes, or before its bar does. */
function isCut({ chords, notes, beats }: ChartBar, inBar: number): boolean {
  const chord = chords[inBar];
  const after = [...chords, ...notes].map(({ startBeat }) => startBeat);
  const next = Math.min(beats, ...after.filter((startBeat) => startBeat > (chord?.startBeat ?? 0)));
  // What comes early has taken its eighth from the chord before it, which is not cut by that.
  return chord !== undefined && chord.startBeat + chord.beats < next - EIGHTH + ROUNDING;
}

const [EIGHTH, ROUNDING] = [0.5, 1e-9];

interface ChordOfBarProps {
  readonly chord: ChartChord;
  readonly asPowerChords: boolean;
  readonly share: number;
  /** Silence follows it. */
  readonly isCut: boolean;
  readonly number: number;
  readonly isChosen: boolean;
  readonly isBlocked: boolean;
  readonly onChoose: (() => void) | null;
}

function ChordOfBar({
  chord,
  asPowerChords,
  share,
  isCut: isStopped,
  number,
  isChosen,
  isBlocked,
  onChoose,
}: ChordOfBarProps) {
  const { reducedTo, place } = chord;
  const name = (asPowerChords ? reducedTo : null) ?? chord.name;
  const isKnown = reducedTo !== null || name === "N.C.";
  const look = isChosen ? "bg-root text-[#14181b]" : "hover:bg-picked";
  if (reducedTo === null) {
    return (
      <span
        style={{ flexGrow: share, flexBasis: 0 }}
        className={`min-w-max px-0.5 text-[17px] ${isKnown ? "text-muted" : "text-warning underline decoration-wavy"}`}
      >
        {name}
      </span>
    );
  }
  // A chord that goes on from the bar before has no name of its own there.
  const text =
    place === null ? (
      <span className="text-muted">–</span>
    ) : (
      <NoteText>{isStopped ? `${name}!` : name}</NoteText>
    );
  if (!onChoose) {
    return (
      <span
        style={{ flexGrow: share, flexBasis: 0 }}
        className="min-w-max px-0.5 text-[18px] font-semibold"
      >
        {text}
      </span>
    );
  }
  return (
    <button
      type="button"
      aria-pressed={isChosen}
      aria-label={spokenNotes(
        `${name}, bar ${number}${isBlocked ? ", no grip under these limits" : ""}`,
      )}
      style={{ flexGrow: share, flexBasis: 0 }}
      className={`min-w-max rounded px-0.5 text-left text-[18px] font-semibold ${look} ${isBlocked ? "text-warning line-through" : ""}`}
      onClick={onChoose}
    >
      {text}
    </button>
  );
}
