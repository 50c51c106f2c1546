import { useEffect, useRef } from "react";
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

const COLUMNS =
  "grid grid-cols-[minmax(7rem,1.5fr)_3.5rem_3.5rem_minmax(4.5rem,1fr)] sm:grid-cols-[minmax(8.5rem,1.6fr)_5.5rem_4.5rem_minmax(5.5rem,1fr)_minmax(7rem,1.2fr)] items-center gap-x-2 px-2 sm:gap-x-3 sm:px-3";

/** Every playable grip, easiest first, one row a place. The arrows of the whole screen step through it. */
export function GripList({ grips, root, chosen, onChoose, label }: GripListProps) {
  const list = useRef<HTMLDivElement>(null);

  useEffect(() => {
    const row = list.current?.children[chosen];
    row?.scrollIntoView({ block: "nearest" });
  }, [chosen, grips]);

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
        ref={list}
        role="listbox"
        aria-label={label}
        tabIndex={0}
        aria-activedescendant={chosen >= 0 ? rowId(chosen) : undefined}
        className="max-h-[17.5rem] overflow-y-auto border-t border-line"
      >
        {grips.map((grip, index) => (
          <div
            key={grip.fretting.join()}
            id={rowId(index)}
            role="option"
            aria-selected={index === chosen}
            onClick={() => onChoose(grip)}
            className={`${COLUMNS} min-h-11 border-b border-l-4 border-b-line text-[16px] [content-visibility:auto] [contain-intrinsic-size:auto_44px] ${index === chosen ? "border-l-root bg-picked" : "border-l-transparent hover:bg-surface"}`}
          >
            <FretText fretting={grip.fretting} />
            <span className="figures">{fingersText(grip.best.fingers)}</span>
            <span className="figures whitespace-nowrap">{Math.round(grip.best.reachMm)} mm</span>
            <EffortBar effort={grip.best.effort} />
            <span className="figures hidden pl-3 text-muted sm:inline">
              <NoteText>{grip.midi.map((midi) => pitchTextOver(root, midi)).join(" ")}</NoteText>
            </span>
          </div>
        ))}
      </div>
    </div>
  );
}

function rowId(index: number): string {
  return `grip-${index}`;
}
