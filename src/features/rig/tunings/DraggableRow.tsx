import { type DraggableAttributes, type DraggableSyntheticListeners } from "@dnd-kit/core";
import { CSS, type Transform } from "@dnd-kit/utilities";
import { GripVertical, Star } from "lucide-react";
import { type Midi } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";
import { TuningRow } from "@/ui/tuning";

interface DraggableRowProps {
  readonly tuning: Tuning;
  readonly selected: boolean;
  readonly favourite: boolean;
  readonly onChoose: (midi: readonly Midi[]) => void;
  readonly onToggle: () => void;
  readonly dragLabel: string;
  readonly starLabel: string;
  /** What dnd-kit's hook for this row gives. */
  readonly drag: {
    readonly setNodeRef: (element: HTMLElement | null) => void;
    readonly attributes: DraggableAttributes;
    readonly listeners: DraggableSyntheticListeners;
    readonly transform: Transform | null;
    readonly transition?: string | undefined;
    readonly isDragging: boolean;
  };
}

/** A tuning with a handle to drag it by and a star to make it a favourite. */
export function DraggableRow(props: DraggableRowProps) {
  const { tuning, selected, favourite, onChoose, onToggle, dragLabel, starLabel, drag } = props;
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = drag;
  return (
    <li
      ref={setNodeRef}
      className={`flex items-center ${isDragging ? "relative z-10 rounded-md bg-raised shadow-lg" : ""}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <button
        type="button"
        className="drag-handle"
        {...attributes}
        {...listeners}
        aria-label={dragLabel}
      >
        <GripVertical size={18} aria-hidden="true" />
      </button>
      <div className="min-w-0 flex-1">
        <TuningRow tuning={tuning} selected={selected} onChoose={onChoose} />
      </div>
      <button
        type="button"
        aria-label={starLabel}
        aria-pressed={favourite}
        className="min-h-11 min-w-11 text-muted hover:text-ink"
        onClick={onToggle}
      >
        <Star
          size={18}
          aria-hidden="true"
          fill={favourite ? "currentColor" : "none"}
          className="mx-auto"
        />
      </button>
    </li>
  );
}
