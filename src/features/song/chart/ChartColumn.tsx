import {
  memo,
  startTransition,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  type ComponentProps,
} from "react";
import { type Arrangement } from "@/core/arrangement";
import { lineRoles, maybeHeadings, sayHeading, type Chart } from "@/core/song";
import { LONGEST_CHART } from "@/state";
import { onDemand, useEvent } from "@/ui/controls";
import { ChartDrawing } from "./ChartDrawing";
import { TypedChart } from "./typedChart";

const ChartEditor = onDemand(
  "The editor",
  () => import("./ChartEditor").then((part) => part.ChartEditor),
  ({ text, onType }) => (
    // Until the editor is there, its text can be written all the same.
    <textarea
      aria-label="Chart"
      className="field figures h-full w-full py-2"
      value={text}
      spellCheck={false}
      onChange={({ target }) => onType(target.value)}
    />
  ),
);

interface ChartColumnProps {
  /** The text that `chart` was read from. */
  readonly text: string;
  readonly chart: Chart;
  readonly arrangement: Arrangement;
  readonly chosen: number | null;
  readonly asPowerChords: boolean;
  readonly blocked: ReadonlySet<string>;
  readonly isLocked: boolean;
  readonly onType: (text: string) => void;
  readonly onChoose: (chord: number) => void;
  readonly onSection: (section: number) => void;
  /** Called when the cursor moves to a chord. */
  readonly onCursor: (chord: number) => void;
  readonly onTooLong: (length: number) => void;
}

/** Problems that are told in words; all are marked in the text. */
const MAX_TOLD = 4;
const MAX_OFFERED = 3;

/** The chart as text, and as it is read; one follows the other. */
export const ChartColumn = memo(function ChartColumn(props: ChartColumnProps) {
  const {
    text,
    chart,
    arrangement,
    chosen,
    asPowerChords,
    blocked,
    isLocked,
    onType,
    onChoose,
    onSection,
    onCursor,
    onTooLong,
  } = props;
  const { problems, kept } = chart;
  const lyrics = useMemo(
    () =>
      kept
        .filter(({ kind }) => kind !== "directive")
        .slice(0, 200)
        .map((line) => line.text)
        .join(" · "),
    [kept],
  );
  const roles = useMemo(() => lineRoles(text, chart), [text, chart]);
  const offered = useMemo(() => maybeHeadings(text, chart), [text, chart]);
  const follow = useFollowCursor(arrangement, chosen, onCursor);
  return (
    <section aria-label="Chart" className="flex min-w-0 flex-col gap-3">
      <div className="h-52 shrink-0 lg:h-72">
        <TypedEditor
          problems={problems}
          roles={roles}
          isLocked={isLocked}
          onType={onType}
          onTooLong={onTooLong}
          onPlace={follow}
        />
      </div>
      {isLocked && <p className="text-[15px] text-muted">The chart is locked while it plays.</p>}
      {problems.length > 0 && (
        <ul aria-label="Problems in the chart" className="space-y-0.5 text-[15px] text-warning">
          {problems.slice(0, MAX_TOLD).map(({ line, column, message }) => (
            <li key={`${line} ${column}`}>{`Line ${line}: ${message}`}</li>
          ))}
          {problems.length > MAX_TOLD && <li>{`and ${problems.length - MAX_TOLD} more`}</li>}
        </ul>
      )}
      {offered.length > 0 && !isLocked && (
        <ul aria-label="Could be headings" className="space-y-1 text-[15px]">
          {offered.slice(0, MAX_OFFERED).map((each) => (
            <li key={each.line} className="flex flex-wrap items-center gap-x-3">
              <span className="text-muted">{`Line ${each.line}, “${each.name}”, is read as words.`}</span>
              <button
                type="button"
                className="min-h-9 font-semibold underline"
                onClick={() => onType(sayHeading(text, each))}
              >
                It is a heading
              </button>
            </li>
          ))}
        </ul>
      )}
      <ChartDrawing
        chart={chart}
        arrangement={arrangement}
        chosen={chosen}
        asPowerChords={asPowerChords}
        onChoose={onChoose}
        onSection={onSection}
        blocked={blocked}
      />
      {lyrics !== "" && (
        <p className="line-clamp-3 text-[15px] text-muted" title="Words and comments of the chart">
          {lyrics}
        </p>
      )}
    </section>
  );
});

/**
 * Chooses the chord in whose name the cursor stands. What is typed is read a moment later, and only then can be said
 * which chord that is.
 */
function useFollowCursor(
  arrangement: Arrangement,
  chosen: number | null,
  onChoose: (chord: number) => void,
): (offset: number, isTyping: boolean) => void {
  const typedTo = useRef<number | null>(null);
  const choose = useEvent((offset: number): boolean => {
    const found = chordAt(arrangement, offset);
    // The text comes first.
    if (found !== null && found !== chosen) startTransition(() => onChoose(found));
    return found !== null;
  });
  useEffect(() => {
    // An arrangement may be of a text that lacks the last keys; the next has them.
    if (typedTo.current !== null && choose(typedTo.current)) typedTo.current = null;
  }, [arrangement, choose]);
  return useCallback(
    (offset, isTyping) => {
      typedTo.current = isTyping ? offset : null;
      if (!isTyping) choose(offset);
    },
    [choose],
  );
}

type TypedEditorProps = Omit<ComponentProps<typeof ChartEditor>, "text" | "longest">;

/** The editor with the text as it was typed, which is ahead of the rest. */
function TypedEditor(props: TypedEditorProps) {
  return <ChartEditor {...props} text={useContext(TypedChart)} longest={LONGEST_CHART} />;
}

/** The chord whose name the cursor stands in; null where it stands elsewhere. */
function chordAt({ chords }: Arrangement, offset: number): number | null {
  const found = chords.findIndex(
    ({ place }) =>
      place !== null && offset >= place.offset && offset <= place.offset + place.length,
  );
  return found < 0 ? null : found;
}
