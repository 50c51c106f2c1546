import { useDraggable } from "@dnd-kit/core";
import { CSS } from "@dnd-kit/utilities";
import { GripVertical, Star } from "lucide-react";
import { type Midi } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";
import { spokenNotes } from "@/ui/text";
import { listedId } from "./dragIds";
import { type TuningList } from "./tuningLists";
import { TuningRow } from "./TuningRow";

interface TuningLibraryProps {
  readonly lists: readonly TuningList[];
  readonly isSelected: (tuning: Tuning) => boolean;
  readonly isFavourite: (tuning: Tuning) => boolean;
  readonly onChoose: (midi: readonly Midi[]) => void;
  readonly onToggleFavourite: (midi: readonly Midi[]) => void;
}

/** The catalogue by kind; every row can be starred, or dragged to the favourites. */
export function TuningLibrary(props: TuningLibraryProps) {
  const { lists, isSelected, isFavourite, onChoose, onToggleFavourite } = props;
  return lists.map(({ title, tunings }) => (
    <section key={title} aria-label={title} className="mb-3">
      <h3 className="mb-0.5 text-lg font-semibold">{title}</h3>
      <ul className="grid gap-x-4 sm:grid-cols-2">
        {tunings.map((tuning) => (
          <LibraryRow
            key={tuning.midi.join()}
            tuning={tuning}
            selected={isSelected(tuning)}
            favourite={isFavourite(tuning)}
            onChoose={onChoose}
            onToggle={() => onToggleFavourite(tuning.midi)}
          />
        ))}
      </ul>
    </section>
  ));
}

interface LibraryRowProps {
  readonly tuning: Tuning;
  readonly selected: boolean;
  readonly favourite: boolean;
  readonly onChoose: (midi: readonly Midi[]) => void;
  readonly onToggle: () => void;
}

function LibraryRow({ tuning, selected, favourite, onChoose, onToggle }: LibraryRowProps) {
  const { setNodeRef, attributes, listeners, transform, isDragging } = useDraggable({
    id: listedId(tuning.midi),
  });
  const name = spokenNotes(tuning.name);
  return (
    <li
      ref={setNodeRef}
      className={`flex items-center ${isDragging ? "relative z-10 rounded-md bg-raised shadow-lg" : ""}`}
      style={{ transform: CSS.Translate.toString(transform) }}
    >
      <button
        type="button"
        className="drag-handle"
        {...attributes}
        {...listeners}
        aria-label={`Drag ${name}`}
      >
        <GripVertical size={18} aria-hidden="true" />
      </button>
      <div className="min-w-0 flex-1">
        <TuningRow tuning={tuning} selected={selected} onChoose={onChoose} />
      </div>
      <button
        type="button"
        aria-label={`${name} among the favourites`}
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
