import { memo, useEffect, useRef } from "react";
import { Virtualizer, type VirtualizerHandle } from "virtua";
import { Shapes } from "lucide-react";
import { shapeOf } from "@/core/fretting";
import { type Grip } from "@/core/grip";
import { pitchTextsOver, type Note } from "@/core/pitch";
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
const CELLS = "grid items-center gap-x-2 px-2";
const FEW_STRINGS = `${CELLS} grid-cols-[minmax(7rem,1.4fr)_3.5rem_3.7rem_minmax(4rem,1fr)] lg:grid-cols-[minmax(7.2rem,1.4fr)_3.5rem_3.7rem_minmax(4rem,1fr)_5.6rem]`;
/** More strings leave no room for what sounds. */
const MANY_STRINGS = `${CELLS} grid-cols-[minmax(9rem,1.4fr)_4.5rem_3.7rem_minmax(4rem,1fr)]`;
const MAX_OF_FEW = 6;

/**
 * Every playable grip, in the order asked, one row a place; only the rows in sight are drawn. The arrows
 * of the whole screen step through it.
 */
export const GripList = memo(function GripList(props: GripListProps) {
  const { grips, root, chosen, onChoose, label } = props;
  const rows = useRef<VirtualizerHandle>(null);
  const chosenShape = grips[chosen] && shapeOf(grips[chosen].fretting);
  const isFew = (grips[0]?.fretting.length ?? 0) <= MAX_OF_FEW;
  const columns = isFew ? FEW_STRINGS : MANY_STRINGS;
  const sounds = isFew ? "hidden lg:inline" : "hidden";

  useEffect(() => {
    if (chosen >= 0) rows.current?.scrollToIndex(chosen, { align: "nearest" });
  }, [chosen, grips]);

  return (
    <div>
      <div className={`${columns} pb-1 text-[15px] text-muted`} aria-hidden="true">
        <span>Frets</span>
        <span>Fingers</span>
        <span>Reach</span>
        <span>Effort</span>
        <span className={sounds}>Sounds</span>
      </div>
      <div
        role="listbox"
        aria-label={label}
        tabIndex={0}
        aria-activedescendant={chosen >= 0 ? rowId(chosen) : undefined}
        className="overflow-y-auto border-t border-line"
        style={{ maxHeight: ROW_HEIGHT * (ROWS_IN_SIGHT + 0.4) }}
      >
        <Virtualizer
          ref={rows}
          data={grips}
          itemSize={ROW_HEIGHT}
          bufferSize={ROW_HEIGHT * 2}
          ssrCount={ROWS_IN_SIGHT}
        >
          {(grip, index) => (
            <div
              key={index}
              id={rowId(index)}
              role="option"
              aria-selected={index === chosen}
              aria-setsize={grips.length}
              aria-posinset={index + 1}
              onClick={() => onChoose(grip)}
              className={`${columns} border-b border-l-4 border-b-line ${index === chosen ? "border-l-root bg-picked" : "border-l-transparent hover:bg-surface"}`}
              style={{ height: ROW_HEIGHT }}
            >
              <GripCells
                grip={grip}
                root={root}
                sounds={sounds}
                isSameShape={index !== chosen && shapeOf(grip.fretting) === chosenShape}
              />
            </div>
          )}
        </Virtualizer>
      </div>
    </div>
  );
});

interface GripCellsProps {
  readonly grip: Grip;
  readonly root: Note;
  /** Classes of the cell that says what sounds. */
  readonly sounds: string;
  /** Another place of the shape of the chosen grip. */
  readonly isSameShape: boolean;
}

function GripCells({ grip, root, sounds, isSameShape }: GripCellsProps) {
  return (
    <>
      <span className="flex items-center gap-1.5">
        <FretText fretting={grip.fretting} />
        {isSameShape && (
          <Shapes size={16} role="img" aria-label="same shape" className="shrink-0 text-muted" />
        )}
      </span>
      <span className="figures">{fingersText(grip.best.fingers)}</span>
      <span className="figures whitespace-nowrap">{Math.round(grip.best.reachMm)} mm</span>
      <EffortBar effort={grip.best.effort} />
      <span className={`figures overflow-hidden whitespace-nowrap text-muted ${sounds}`}>
        <NoteText>{pitchTextsOver(root, grip.midi).join(" ")}</NoteText>
      </span>
    </>
  );
}

function rowId(index: number): string {
  return `grip-${index}`;
}
