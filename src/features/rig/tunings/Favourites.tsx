import { useDroppable } from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { type Midi } from "@/core/pitch";
import { type Tuning } from "@/core/tuning";
import { spokenNotes } from "@/ui/text";
import { DraggableRow } from "./DraggableRow";
import { favouriteId, FAVOURITES_ID } from "./dragIds";

interface FavouritesProps {
  readonly tunings: readonly Tuning[];
  readonly isSelected: (tuning: Tuning) => boolean;
  readonly onChoose: (midi: readonly Midi[]) => void;
  readonly onRemove: (midi: readonly Midi[]) => void;
}

/** The favourite tunings, in the player's order; drag to sort, or drop one from the lists here. */
export function Favourites({ tunings, isSelected, onChoose, onRemove }: FavouritesProps) {
  const { setNodeRef, isOver } = useDroppable({ id: FAVOURITES_ID });
  return (
    <section aria-labelledby="favourites-title">
      <h2 id="favourites-title" className="mb-2 text-xl font-semibold">
        Favourites
      </h2>
      <SortableContext
        items={tunings.map(({ midi }) => favouriteId(midi))}
        strategy={verticalListSortingStrategy}
      >
        <ul
          ref={setNodeRef}
          className={`panel min-h-16 p-1 ${isOver ? "border-root" : ""}`}
          aria-label="Favourites"
        >
          {tunings.length === 0 && (
            <li className="p-3 text-muted">Drag a tuning here, or press its star.</li>
          )}
          {tunings.map((tuning) => (
            <FavouriteRow
              key={tuning.midi.join()}
              tuning={tuning}
              selected={isSelected(tuning)}
              onChoose={onChoose}
              onRemove={() => onRemove(tuning.midi)}
            />
          ))}
        </ul>
      </SortableContext>
    </section>
  );
}

interface FavouriteRowProps {
  readonly tuning: Tuning;
  readonly selected: boolean;
  readonly onChoose: (midi: readonly Midi[]) => void;
  readonly onRemove: () => void;
}

function FavouriteRow({ tuning, selected, onChoose, onRemove }: FavouriteRowProps) {
  const drag = useSortable({ id: favouriteId(tuning.midi) });
  const name = spokenNotes(tuning.name);
  return (
    <DraggableRow
      tuning={tuning}
      selected={selected}
      favourite
      onChoose={onChoose}
      onToggle={onRemove}
      dragLabel={`Move ${name}`}
      starLabel={`Remove ${name} from favourites`}
      drag={drag}
    />
  );
}
