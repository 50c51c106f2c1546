import { memo, useRef, useState, type KeyboardEvent, type SyntheticEvent } from "react";
import { degreeName, noteText, spellDegree, type Note } from "@/core/pitch";
import { type DegreePosition } from "@/core/voicing";
import { type MarkLabel } from "@/state";
import { spokenNotes } from "@/ui/text";
import { Mark, markRole } from "./Mark";
import { mapMarkText } from "./markText";
import { type NeckScale } from "./neckScale";

/** What answers the pointer is a little larger than the mark, but never reaches into the next. */
const TARGET_RATIO = 1.2;

interface NeckMarksProps {
  readonly scale: NeckScale;
  readonly root: Note;
  readonly positions: readonly DegreePosition[];
  readonly strings: number;
  readonly labels: MarkLabel;
  /** Marks step back where a grip stands, or is about to stand, in front of them. */
  readonly faint: boolean;
  readonly onChoose: (position: DegreePosition) => void;
  /** The mark under the pointer or in focus; null where none is. */
  readonly onPoint?: (position: DegreePosition | null) => void;
}

/**
 * Every place of every degree. One tab stop: inside, the arrows move from mark to mark, and Enter
 * or Space takes the usual grip through the mark.
 */
export const NeckMarks = memo(function NeckMarks(props: NeckMarksProps) {
  const { scale, root, positions, strings, labels, faint, onChoose, onPoint } = props;
  const [current, setCurrent] = useState(0);
  const marks = useRef<(SVGGElement | null)[]>([]);
  const focused = Math.min(current, positions.length - 1);

  const onKeyDown = (event: KeyboardEvent) => {
    const here = positions[focused];
    if (!here) return;
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onChoose(here);
      return;
    }
    const next = neighbour(positions, here, event.key, scale.direction);
    if (next < 0) return;
    event.preventDefault();
    setCurrent(next);
    marks.current[next]?.focus();
  };

  const point = ({ target }: SyntheticEvent) => {
    const mark = (target as Element).closest<SVGGElement>("[data-mark]");
    onPoint?.(positions[Number(mark?.dataset.mark ?? -1)] ?? null);
  };
  const unpoint = () => onPoint?.(null);

  return (
    <g
      role="group"
      aria-label="Notes on the neck"
      onKeyDown={onKeyDown}
      onPointerOver={point}
      onPointerLeave={unpoint}
      onFocus={point}
      onBlur={unpoint}
    >
      {positions.map((position, index) => {
        const { string, fret, degree } = position;
        const role = markRole(degree);
        const [x, y] = [scale.markX(string, fret), scale.stringY(string)];
        const size = scale.markSize(fret);
        const note = noteText(spellDegree(root, degree));
        const label = mapMarkText(labels, { root, midi: position.midi, fret, tone: degree });
        return (
          <g
            // By place in the list: a new root then moves marks instead of creating them again.
            key={index}
            data-mark={index}
            ref={(element) => {
              marks.current[index] = element;
            }}
            role="button"
            tabIndex={index === focused ? 0 : -1}
            aria-label={`String ${strings - string}, ${fret === 0 ? "open" : `fret ${fret}`}: ${spokenNotes(note)}, ${degreeName(degree) === "R" ? "root" : degreeName(degree)}`}
            className="neck-mark cursor-pointer"
            onClick={() => onChoose(position)}
            onFocus={() => setCurrent(index)}
          >
            <circle cx={x} cy={y} r={size * TARGET_RATIO} fill="transparent" />
            <Mark role={role} x={x} y={y} size={size} faint={faint} label={label} />
          </g>
        );
      })}
    </g>
  );
});

/** The index of the mark that an arrow key leads to, or -1. Up is towards the thin strings. */
function neighbour(
  positions: readonly DegreePosition[],
  here: DegreePosition,
  key: string,
  direction: 1 | -1,
): number {
  const along = key === "ArrowRight" ? direction : key === "ArrowLeft" ? -direction : 0;
  const across = key === "ArrowUp" ? 1 : key === "ArrowDown" ? -1 : 0;
  if (along === 0 && across === 0) return -1;
  let best = -1;
  let bestDistance = Infinity;
  for (const [index, there] of positions.entries()) {
    const frets = there.fret - here.fret;
    const strings = there.string - here.string;
    if (along !== 0 ? strings !== 0 || frets * along <= 0 : strings * across <= 0) continue;
    const distance = Math.abs(strings) * 100 + Math.abs(frets);
    if (distance < bestDistance) [best, bestDistance] = [index, distance];
  }
  return best;
}
