import { type Fingering } from "@/core/hand";
import { wireMm, type Neck } from "@/core/neck";
import { type Note } from "@/core/pitch";
import { type MarkLabel } from "@/state";
import { NeckGrip, type GripScale, type ShownGrip } from "@/ui/neck";
import { DampingMarks } from "./DampingMarks";
import { ReachMarks } from "./ReachMarks";
import { ShiftMarks } from "./ShiftMarks";

interface GripDiagramProps {
  readonly neck: Neck;
  readonly root: Note;
  readonly grip: ShownGrip;
  readonly labels: MarkLabel;
  /** Px between two strings; everything else follows. */
  readonly stringGapPx: number;
  readonly label: string;
  /** Draw it as on a left-handed guitar, the nut on the right. */
  readonly leftHanded: boolean;
  /** The player's own view: the thick string on top. */
  readonly thickOnTop?: boolean;
  /** Grow to the available width, up to this factor. */
  readonly growth?: number;
  /** Fills its size container. */
  readonly fills?: boolean;
  /** Draws what silences each string and how far the fingers stand apart. */
  readonly explained?: Fingering;
  /** Per string: marks what sounds so many semitones from before; null or 0 does not. */
  readonly shifts?: readonly (number | null)[] | undefined;
}

const FEWEST_FRETS = 4;
/** Height for the distances between fingers, in string gaps. */
const REACH_ROOM = 0.9;

/** Width for the shifts beside the strings, in string gaps. */
const SHIFT_ROOM = 1.9;

/** A grip close up: the few frets it needs, at their true proportions. */
export function GripDiagram(props: GripDiagramProps) {
  const { neck, root, grip, labels, stringGapPx, label, leftHanded, thickOnTop, growth } = props;
  const { explained, shifts, fills } = props;
  const { first, last } = fretWindow(grip, neck.frets);
  const strings = neck.midi.length;
  const [left, top] = [stringGapPx * 1.5, stringGapPx * (0.75 + (explained ? REACH_ROOM : 0))];
  const boardWidth = stringGapPx * 2 * (last - first + 1);
  const height = top + stringGapPx * (strings - 1) + stringGapPx * 1.5;
  const width = left + boardWidth + stringGapPx * (shifts ? SHIFT_ROOM : 0.5);
  const startMm = wireMm(neck, 0, first - 1);
  const pxPerMm = boardWidth / (wireMm(neck, 0, last) - startMm);
  const turn = (x: number) => (leftHanded ? width - x : x);
  const rightHandedX = (fret: number) => left + (wireMm(neck, 0, fret) - startMm) * pxPerMm;
  const wireX = (fret: number) => turn(rightHandedX(fret));
  const scale: GripScale = {
    silentX: turn(left - stringGapPx * 0.8),
    stringY: (string) => top + (thickOnTop ? string : strings - 1 - string) * stringGapPx,
    markX: (_, fret) =>
      fret === 0
        ? turn(left - stringGapPx * 0.8)
        : wireX(fret) - (wireX(fret) - wireX(fret - 1)) * 0.4,
  };
  const [boardTop, boardBottom] = [top, top + (strings - 1) * stringGapPx];
  const frets = Array.from({ length: last - first + 1 }, (_, index) => first + index);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${width} ${height}`}
      width={growth ? "100%" : width}
      style={
        fills
          ? { width: `min(100cqw, ${((100 * width) / height).toFixed(1)}cqh)` }
          : { maxWidth: growth ? width * growth : "100%" }
      }
      className="figures block h-auto rounded-md bg-slab"
      data-picture="grip"
    >
      <rect
        x={leftHanded ? width - left - boardWidth : left}
        y={boardTop}
        width={boardWidth}
        height={boardBottom - boardTop}
        fill="var(--board)"
      />
      {[first - 1, ...frets].map((fret) => (
        <line
          key={fret}
          x1={wireX(fret)}
          x2={wireX(fret)}
          y1={boardTop}
          y2={boardBottom}
          stroke={fret === 0 ? "var(--nut)" : "var(--wire)"}
          strokeWidth={fret === 0 ? 5 : 1.6}
        />
      ))}
      {neck.midi.map((_, string) => (
        <line
          key={string}
          x1={turn(left)}
          x2={turn(left + boardWidth)}
          y1={scale.stringY(string)}
          y2={scale.stringY(string)}
          stroke="var(--string)"
          strokeWidth={1 + ((strings - 1 - string) / strings) * 2}
        />
      ))}
      {frets.map((fret) => (
        <text
          key={fret}
          x={scale.markX(0, fret)}
          y={height - stringGapPx * 0.32}
          textAnchor="middle"
          fontSize={Math.max(13, stringGapPx * 0.55)}
          fill="var(--on-slab)"
        >
          {fret}
        </text>
      ))}
      <NeckGrip
        scale={scale}
        openMidi={neck.midi}
        grip={grip}
        root={root}
        labels={labels}
        sizeAt={() => stringGapPx * 0.46}
      />
      {shifts && (
        <ShiftMarks
          shifts={shifts}
          x={turn(left + boardWidth + stringGapPx * 0.35)}
          anchor={leftHanded ? "end" : "start"}
          scale={scale}
          fretting={grip.fingering.fretting}
          size={stringGapPx * 0.6}
        />
      )}
      {explained && (
        <>
          <DampingMarks
            damping={explained.damping}
            x={turn(left + stringGapPx * 0.25)}
            anchor={leftHanded ? "end" : "start"}
            stringY={scale.stringY}
            size={stringGapPx * 0.56}
          />
          <ReachMarks
            presses={explained.presses}
            xOf={(fret) => scale.markX(0, fret)}
            y={stringGapPx * 0.5}
            foot={boardTop - stringGapPx * 0.45}
            middle={turn(left + boardWidth / 2)}
            size={stringGapPx * 0.58}
          />
        </>
      )}
    </svg>
  );
}

/** The frets to draw: all that are pressed, one before, and at least four. */
function fretWindow(grip: ShownGrip, frets: number): { first: number; last: number } {
  const pressed = grip.fingering.fretting.flatMap((fret) => (fret ? [fret] : []));
  if (pressed.length === 0) return { first: 1, last: FEWEST_FRETS };
  const [low, high] = [Math.min(...pressed), Math.max(...pressed)];
  const first = Math.max(1, Math.min(low - 1, frets - FEWEST_FRETS + 1));
  return { first, last: Math.min(frets, Math.max(high, first + FEWEST_FRETS - 1)) };
}
