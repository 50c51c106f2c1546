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
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { type PlannedBlock } from "@/core/practice";
import { dragWords } from "@/ui/controls";
import { spokenNotes } from "@/ui/text";
import { blockKey, blockName, BlockRow, withBlock, type BlockListProps } from "./BlockList";

/** The parts of a sitting, dragged or moved by keys into another order. */
export function SortableBlocks({ blocks, today, nameOf, onBlocks }: BlockListProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  // An id of 0 would count as none.
  const ids = blocks.map((_, index) => index + 1);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    onBlocks(arrayMove([...blocks], Number(active.id) - 1, Number(over.id) - 1));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={onDragEnd}
      accessibility={dragWords((id) => {
        const block = blocks[Number(id) - 1];
        return block ? spokenNotes(blockName(block, nameOf)) : "";
      })}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol aria-label="Parts of the sitting" className="space-y-1">
          {blocks.map((block, index) => (
            <SortableRow
              key={blockKey(block, index)}
              id={index + 1}
              block={block}
              today={today}
              name={blockName(block, nameOf)}
              onBlock={(next) => onBlocks(withBlock(blocks, index, next))}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

interface SortableRowProps {
  readonly id: number;
  readonly block: PlannedBlock;
  readonly today: number;
  readonly name: string;
  readonly onBlock: (block: PlannedBlock | null) => void;
}

function SortableRow({ id, ...row }: SortableRowProps) {
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id,
  });
  const translate = CSS.Translate.toString(transform);
  const drag = {
    setNodeRef,
    attributes,
    listeners: listeners ?? {},
    translate,
    transition,
    isDragging,
  };
  return <BlockRow {...row} drag={drag} />;
}
