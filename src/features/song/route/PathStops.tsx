import { memo, type KeyboardEvent } from "react";
import {
  type Arrangement,
  type HoldsAtTempo,
  type SongChange,
  type SongRoute,
} from "@/core/arrangement";
import { NoteTspans, spokenNotes } from "@/ui/text";
import { spokenFretting } from "@/ui/grip";
import { type PathScale } from "./pathScale";
import { HOLDS_WORDS } from "@/features/song/state";

interface PathStopsProps {
  readonly arrangement: Arrangement;
  readonly route: SongRoute;
  readonly scale: PathScale;
  readonly from: number;
  readonly to: number;
  /** A chord of the arrangement. */
  readonly chosen: number | null;
  readonly hardStrokes: readonly number[];
  /** Null on paper. */
  readonly onChoose: ((chord: number) => void) | null;
}

/** A block of the frets that a grip covers. */
interface Block {
  readonly chord: number;
  readonly name: string;
  readonly x: number;
  readonly width: number;
  readonly y: number;
  readonly height: number;
  readonly label: string;
}

const OPEN_HEIGHT = 20;
const GAP = 4;

/** The stops of the hand and the jumps between them. */
export const PathStops = memo(function PathStops(props: PathStopsProps) {
  const { arrangement, route, scale, from, to, chosen, hardStrokes, onChoose } = props;
  const { stops, changes } = route.timed;
  const blocks = stops.map((stop, at) => {
    const chord = route.played[at] ?? 0;
    return blockOf(arrangement, chord, stop.fingering.fretting, changes[at], scale);
  });
  const isSeen = ({ x, width }: Block) => x + width >= from && x <= to;
  return (
    <>
      {blocks.map((block, at) => {
        const [next, change] = [blocks[at + 1], changes[at]];
        if (!next || !change || !(isSeen(block) || isSeen(next))) return null;
        return <Jump key={at} from={block} to={next} holds={change.holds} />;
      })}
      {blocks.map((block, at) =>
        isSeen(block) ? (
          <Stop
            key={at}
            block={block}
            isChosen={block.chord === chosen}
            isHard={hardStrokes.includes(block.chord)}
            onChoose={onChoose && (() => onChoose(block.chord))}
          />
        ) : null,
      )}
    </>
  );
});

function blockOf(
  { chords }: Arrangement,
  index: number,
  fretting: readonly (number | null)[],
  change: SongChange | undefined,
  scale: PathScale,
): Block {
  const chord = chords[index];
  const pressed = fretting.flatMap((fret) => (fret ? [fret] : []));
  const x = scale.x(chord?.start ?? 0);
  const width = Math.max(10, scale.x((chord?.start ?? 0) + (chord?.beats ?? 0)) - x - GAP);
  const [low, high] = [Math.min(...pressed), Math.max(...pressed)];
  const [y, end] =
    pressed.length === 0
      ? [scale.bottom - OPEN_HEIGHT, scale.bottom]
      : [scale.wireY(high), scale.wireY(low - 1)];
  const holds = change ? `, the next change is ${HOLDS_WORDS[change.holds]}` : "";
  return {
    chord: index,
    name: chord?.notes ? placesText(fretting) : (chord?.name ?? ""),
    x,
    width,
    y,
    height: Math.max(OPEN_HEIGHT, end - y),
    label: spokenNotes(
      `${chord?.name ?? ""}, bar ${(chord?.playedBar ?? 0) + 1}, ${spokenFretting(fretting)}${holds}`,
    ),
  };
}

/** Strings and frets at which the route plays notes: "6:3". */
function placesText(fretting: readonly (number | null)[]): string {
  return fretting
    .flatMap((fret, string) => (fret === null ? [] : [`${fretting.length - string}:${fret}`]))
    .join("+");
}

interface StopProps {
  readonly block: Block;
  readonly isChosen: boolean;
  readonly isHard: boolean;
  readonly onChoose: (() => void) | null;
}

/** A name that would need smaller letters is left out. */
const SMALLEST_PX = 11;
const LETTER_SHARE = 0.62;

function Stop({ block, isChosen, isHard, onChoose }: StopProps) {
  const { x, y, width, height, name, label } = block;
  const fitPx = (width - 4) / (name.length * LETTER_SHARE);
  const size = Math.max(SMALLEST_PX, Math.min(18, fitPx));
  return (
    <g
      {...(onChoose && {
        role: "button",
        tabIndex: isChosen ? 0 : -1,
        "aria-label": isHard ? `${label}, down strokes faster than your limit` : label,
        "aria-pressed": isChosen,
        className: "cursor-pointer",
        "data-chord": block.chord,
        onClick: onChoose,
        onKeyDown: (event: KeyboardEvent) => {
          if (event.key !== "Enter" && event.key !== " ") return;
          event.preventDefault();
          onChoose();
        },
      })}
    >
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        rx={4}
        fill={isChosen ? "var(--root)" : "var(--on-slab)"}
        stroke={isChosen ? "var(--on-slab)" : "none"}
        strokeWidth={2}
      />
      {fitPx >= SMALLEST_PX - 2 && (
        <text
          x={x + Math.min(8, width * 0.12)}
          y={y + height / 2}
          dy="0.36em"
          fontSize={size}
          fontWeight={700}
          color="var(--on-mark)"
          fill="currentColor"
        >
          <NoteTspans>{name}</NoteTspans>
        </text>
      )}
      {isHard && (
        <path
          d={`M ${x + width / 2 - 6} ${y - 12} h 12 l -6 9 Z`}
          fill="none"
          stroke="var(--at-risk)"
          strokeWidth={2}
        />
      )}
    </g>
  );
}

interface JumpProps {
  readonly from: Block;
  readonly to: Block;
  readonly holds: HoldsAtTempo;
}

/** A smooth line for a change that holds, broken for a tight one, jagged where it is too fast. */
function Jump({ from, to, holds }: JumpProps) {
  const [x1, y1] = [from.x + from.width, from.y + from.height / 2];
  const [x2, y2] = [to.x, to.y + to.height / 2];
  if (holds === "too fast") {
    return (
      <path
        d={jagged(x1, y1, x2, y2)}
        fill="none"
        stroke="var(--at-risk)"
        strokeWidth={3}
        strokeLinejoin="miter"
        data-holds={holds}
      />
    );
  }
  const middle = (x1 + x2) / 2;
  return (
    <path
      d={`M ${x1} ${y1} C ${middle} ${y1} ${middle} ${y2} ${x2} ${y2}`}
      fill="none"
      stroke="var(--on-slab)"
      strokeWidth={holds === "tight" ? 4 : 2}
      strokeDasharray={holds === "tight" ? "7 5" : undefined}
      data-holds={holds}
    />
  );
}

/** Reaches a little into both blocks, where there is hardly room between them. */
function jagged(x1: number, y1: number, x2: number, y2: number): string {
  const [from, to] = [Math.min(x1, x2) - 5, Math.max(x1, x2) + 5];
  const points = Array.from({ length: 7 }, (_, step) => {
    const share = step / 6;
    const side = step === 0 || step === 6 ? 0 : step % 2 === 0 ? 6 : -6;
    return `${from + (to - from) * share + side} ${y1 + (y2 - y1) * share}`;
  });
  return `M ${points.join(" L ")}`;
}
