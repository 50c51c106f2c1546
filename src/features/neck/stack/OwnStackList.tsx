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
import { placeAt, type OwnStack } from "@/state";
import { dragWords } from "@/ui/controls";
import { StackColumn } from "./StackColumn";

/** Px to move before a press becomes a drag. */
const DRAG_FROM = 6;

interface OwnStackListProps {
  /** The stack that is being changed, if any. */
  readonly current: OwnStack | null;
  readonly onOpen: (stack: OwnStack) => void;
}

/** The player's own stacks in their order: drag or move them by key, open one, delete one. */
export function OwnStackList({ current, onOpen }: OwnStackListProps) {
  const { ownStacks, change } = useRig();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = ownStacks.map(({ id }) => id);
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const id = Number(active.id);
    const others = ownStacks.filter((each) => each.id !== id);
    const setPosition = (each: number, position: number) =>
      ({ act: "set", kind: "stack", id: each, fields: { position } }) as const;
    void change(
      placeAt(others, ids.indexOf(Number(over.id)), id).map((place) =>
        setPosition(place.id, place.position),
      ),
      {
        text: "Order changed.",
        undo: () => void change(ownStacks.map((each) => setPosition(each.id, each.position))),
      },
    );
  };
  return (
    <DndContext
      id="own-stacks"
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={dragWords((id) => ownStacks.find((each) => each.id === id)?.name ?? "")}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ul className="panel min-h-14 p-1" aria-label="Own stacks">
          {ownStacks.length === 0 && (
            <li className="p-3 text-muted">Nothing yet. Put tones together and save them.</li>
          )}
          {ownStacks.map((stack) => (
            <OwnStackRow
              key={stack.id}
              stack={stack}
              isOpen={stack.id === current?.id}
              onOpen={() => onOpen(stack)}
            />
          ))}
        </ul>
      </SortableContext>
    </DndContext>
  );
}

interface OwnStackRowProps {
  readonly stack: OwnStack;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}

function OwnStackRow({ stack, isOpen, onOpen }: OwnStackRowProps) {
  const { change } = useRig();
  const { id, name } = stack;
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id,
  });
  const remove = () =>
    void change(
      { act: "delete", kind: "stack", id },
      {
        text: `${name} is deleted.`,
        undo: () =>
          void change({ act: "restore", kind: "stack", id }, { text: `${name} is back.` }),
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
        <StackColumn stack={stack.stack} />
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
