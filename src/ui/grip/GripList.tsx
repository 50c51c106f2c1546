import { memo, useEffect, useRef } from "react";
import { useVirtualizer } from "@tanstack/react-virtual";
import { type Grip } from "@/core/hand";
import { pitchTextOver, type Note } from "@/core/pitch";
import { NoteText } from "@/ui/text";
import { EffortBar } from "./EffortBar";
import { fingersText, FretText } from "./FretText";

interface GripListProps {
  readonly grips: readonly Grip[];
  readonly root: Note;
  /** Index of the chosen grip, or -1. */
  readonly chosen: number;
  readonly onChoose: (grip: Grip) => void;
  readonly label: string;
}

const ROW_HEIGHT = 44;
const ROWS_IN_SIGHT = 6;
const COLUMNS =
  "grid grid-cols-[minmax(7rem,1.5fr)_3.5rem_3.5rem_minmax(4.5rem,1fr)] sm:grid-cols-[minmax(8.5rem,1.6fr)_5.5rem_4.5rem_minmax(5.5rem,1fr)_minmax(7rem,1.2fr)] items-center gap-x-2 px-2 sm:gap-x-3 sm:px-3";

/**
 * Every playable grip, easiest first, one row a place; only the rows in sight are drawn. The arrows
 * of the whole screen step through it.
 */
export const GripList = memo(function GripList(props: GripListProps) {
  const { grips, root, chosen, onChoose, label } = props;
  const frame = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: grips.length,
    getScrollElement: () => frame.current,
    estimateSize: () => ROW_HEIGHT,
    initialRect: { width: 0, height: ROW_HEIGHT * ROWS_IN_SIGHT },
    overscan: 2,
  });

  useEffect(() => {
    // Asking where the list stands costs a layout, so a row that is in sight is left alone.
    const offset = (rows.scrollOffset ?? 0) / ROW_HEIGHT;
    const isInSight = chosen >= offset && chosen + 1 <= offset + ROWS_IN_SIGHT;
    if (chosen >= 0 && !isInSight) rows.scrollToIndex(chosen);
  }, [rows, chosen, grips]);

  return (
    <div>
      <div className={`${COLUMNS} pb-1 text-[15px] text-muted`} aria-hidden="true">
        <span>Frets</span>
        <span>Fingers</span>
        <span>Reach</span>
        <span>Effort</span>
        <span className="hidden pl-3 sm:inline">Sounds</span>
      </div>
      <div
        ref={frame}
        role="listbox"
        aria-label={label}
        tabIndex={0}
        aria-activedescendant={chosen >= 0 ? rowId(chosen) : undefined}
        className="overflow-y-auto border-t border-line"
        style={{ maxHeight: ROW_HEIGHT * (ROWS_IN_SIGHT + 0.4) }}
      >
        <div role="presentation" className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map(({ index, start }) => {
            const grip = grips[index];
            return (
              grip && (
                <div
                  key={index}
                  id={rowId(index)}
                  role="option"
                  aria-selected={index === chosen}
                  aria-setsize={grips.length}
                  aria-posinset={index + 1}
                  onClick={() => onChoose(grip)}
                  className={`${COLUMNS} absolute inset-x-0 top-0 border-b border-l-4 border-b-line ${index === chosen ? "border-l-root bg-picked" : "border-l-transparent hover:bg-surface"}`}
                  style={{ height: ROW_HEIGHT, transform: `translateY(${start}px)` }}
                >
                  <GripCells grip={grip} root={root} />
                </div>
              )
            );
          })}
        </div>
      </div>
    </div>
  );
});

function GripCells({ grip, root }: { readonly grip: Grip; readonly root: Note }) {
  return (
    <>
      <FretText fretting={grip.fretting} />
      <span className="figures">{fingersText(grip.best.fingers)}</span>
      <span className="figures whitespace-nowrap">{Math.round(grip.best.reachMm)} mm</span>
      <EffortBar effort={grip.best.effort} />
      <span className="figures hidden pl-3 text-muted sm:inline">
        <NoteText>{grip.midi.map((midi) => pitchTextOver(root, midi)).join(" ")}</NoteText>
      </span>
    </>
  );
}

function rowId(index: number): string {
  return `grip-${index}`;
}
