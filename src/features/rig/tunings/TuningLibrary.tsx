import { useDraggable } from "@dnd-kit/core";
import { type Midi } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";
import { spokenNotes } from "@/ui/text";
import { rowsLayout, type TuningList } from "@/ui/tuning";
import { DraggableRow } from "./DraggableRow";
import { listedId } from "./dragIds";

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
      <ul className={rowsLayout(tunings[0]?.midi.length ?? 0)}>
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
  const drag = useDraggable({ id: listedId(tuning.midi) });
  const name = spokenNotes(tuning.name);
  return (
    <DraggableRow
      tuning={tuning}
      selected={selected}
      favourite={favourite}
      onChoose={onChoose}
      onToggle={onToggle}
      dragLabel={`Drag ${name}`}
      starLabel={`${name} as a favourite`}
      drag={drag}
    />
  );
}
