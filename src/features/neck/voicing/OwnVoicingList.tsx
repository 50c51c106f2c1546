import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { GripVertical, Trash2 } from "lucide-react";
import { useRig } from "@/session";
import { placeAt, type OwnVoicing } from "@/state";
import { dragWords } from "@/ui/controls";
import { VoicingColumn } from "./VoicingColumn";

/** Px to move before a press becomes a drag. */
const DRAG_FROM = 6;

interface OwnVoicingListProps {
  /** The voicing that is being changed, if any. */
  readonly current: OwnVoicing | null;
  readonly onOpen: (voicing: OwnVoicing) => void;
}

/** The player's own voicings in their order: drag or move them by key, open one, delete one. */
export function OwnVoicingList({ current, onOpen }: OwnVoicingListProps) {
  const { ownVoicings, change } = useRig();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = ownVoicings.map(({ id }) => id);
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const id = Number(active.id);
    const others = ownVoicings.filter((each) => each.id !== id);
    const setPosition = (each: number, position: number) =>
      ({ act: "set", kind: "voicing", id: each, fields: { position } }) as const;
    void change(
      placeAt(others, ids.indexOf(Number(over.id)), id).map((place) =>
        setPosition(place.id, place.position),
      ),
      {
        text: "Order changed.",
        undo: () => void change(ownVoicings.map((each) => setPosition(each.id, each.position))),
      },
    );
  };
  return (
    <DndContext
      id="own-voicings"
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={dragWords((id) => ownVoicings.find((each) => each.id === id)?.name ?? "")}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ul className="panel min-h-14 p-1" aria-label="Own voicings">
          {ownVoicings.length === 0 && (
            <li className="p-3 text-muted">Nothing yet. Put tones together and save them.</li>
          )}
          {ownVoicings.map((voicing) => (
            <OwnVoicingRow
              key={voicing.id}
              voicing={voicing}
              isOpen={voicing.id === current?.id}
              onOpen={() => onOpen(voicing)}
            />
          ))}
        </ul>
      </SortableContext>
    </DndContext>
  );
}

interface OwnVoicingRowProps {
  readonly voicing: OwnVoicing;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}

function OwnVoicingRow({ voicing, isOpen, onOpen }: OwnVoicingRowProps) {
  const { change } = useRig();
  const { id, name } = voicing;
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id,
  });
  const remove = () =>
    void change(
      { act: "delete", kind: "voicing", id },
      {
        text: `${name} is deleted.`,
        undo: () =>
          void change({ act: "restore", kind: "voicing", id }, { text: `${name} is back.` }),
      },
    );
  return (
    <li
      ref={setNodeRef}
      className={`flex items-center gap-1 rounded-md ${isOpen ? "bg-picked" : ""} ${isDragging ? "relative z-10 bg-raised shadow-lg" : ""}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <button
        type="button"
        className="drag-handle"
        {...attributes}
        {...listeners}
        aria-label={`Move ${name}`}
      >
        <GripVertical size={18} aria-hidden="true" />
      </button>
      <button
        type="button"
        aria-label={`Change ${name}`}
        aria-pressed={isOpen}
        className="flex min-h-12 flex-1 items-center gap-2 text-left"
        onClick={onOpen}
      >
        <VoicingColumn voicing={voicing.voicing} />
        <span className="font-medium">{name}</span>
      </button>
      <button
        type="button"
        aria-label={`Delete ${name}`}
        className="min-h-11 min-w-11 text-muted hover:text-ink"
        onClick={remove}
      >
        <Trash2 size={18} aria-hidden="true" className="mx-auto" />
      </button>
    </li>
  );
}
