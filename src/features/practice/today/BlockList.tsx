import { Coffee, GripVertical, Minus, Plus, X } from "lucide-react";
import { type ButtonHTMLAttributes } from "react";
import { type PlannedBlock } from "@/core/practice";
import { NoteText, spokenNotes } from "@/ui/text";
import { evidenceText, minutesText, WHY_WORDS } from "@/features/practice/state";

export interface BlockListProps {
  readonly blocks: readonly PlannedBlock[];
  /** Days since 1970. */
  readonly today: number;
  readonly nameOf: (drill: string) => string;
  readonly onBlocks: (blocks: readonly PlannedBlock[]) => void;
}

/** The parts of a sitting in their order. */
export function BlockList({ blocks, today, nameOf, onBlocks }: BlockListProps) {
  return (
    <ol aria-label="Parts of the sitting" className="space-y-1">
      {blocks.map((block, index) => (
        <BlockRow
          key={blockKey(block, index)}
          block={block}
          today={today}
          name={blockName(block, nameOf)}
          onBlock={(next) => onBlocks(withBlock(blocks, index, next))}
          drag={null}
        />
      ))}
    </ol>
  );
}

export function blockKey(block: PlannedBlock, index: number): string {
  return `${index} ${block.kind === "drill" ? block.drill : "break"}`;
}

export function blockName(block: PlannedBlock, nameOf: (drill: string) => string): string {
  return block.kind === "drill" ? nameOf(block.drill) : "Break";
}

/** The blocks with another one at a place; without one there for null. */
export function withBlock(
  blocks: readonly PlannedBlock[],
  at: number,
  block: PlannedBlock | null,
): readonly PlannedBlock[] {
  return blocks.flatMap((old, index) => (index === at ? (block ?? []) : old));
}

/** "for your song: missed 2 of 5 on Tuesday". */
function reasonText(
  { why, evidence }: Extract<PlannedBlock, { readonly kind: "drill" }>,
  today: number,
): string {
  if (!evidence || (evidence.kind === "never played" && why === "new")) return WHY_WORDS[why];
  const shown = evidenceText(evidence, today);
  return evidence.kind === "cards" ? shown : `${WHY_WORDS[why]}: ${shown}`;
}

interface Drag {
  readonly setNodeRef: (element: HTMLElement | null) => void;
  readonly attributes: ButtonHTMLAttributes<HTMLButtonElement>;
  readonly listeners: ButtonHTMLAttributes<HTMLButtonElement>;
  readonly translate: string | undefined;
  readonly transition: string | undefined;
  readonly isDragging: boolean;
}

const LONGEST_MIN = 30;

interface BlockRowProps {
  readonly block: PlannedBlock;
  readonly today: number;
  readonly name: string;
  readonly onBlock: (block: PlannedBlock | null) => void;
  /** What dnd-kit's hook for this row gives; null until it is there. */
  readonly drag: Drag | null;
}

export function BlockRow({ block, today, name, onBlock, drag }: BlockRowProps) {
  const { minutes } = block;
  const setMinutes = (next: number) => onBlock({ ...block, minutes: next });
  const spoken = spokenNotes(name);
  return (
    <li
      ref={drag?.setNodeRef}
      className={`flex min-h-14 flex-wrap items-center justify-end gap-x-1 rounded-lg border border-line bg-surface ${drag?.isDragging ? "relative z-10 shadow-lg" : ""}`}
      style={drag ? { transform: drag.translate, transition: drag.transition } : undefined}
    >
      <button
        type="button"
        className="drag-handle"
        {...drag?.attributes}
        {...drag?.listeners}
        aria-label={`Move ${spoken}`}
      >
        <GripVertical size={18} aria-hidden="true" />
      </button>
      <div className="min-w-0 flex-1 basis-[calc(100%-4rem)] py-1 sm:basis-0">
        <p className="leading-tight font-semibold">
          {block.kind === "break" && (
            <Coffee size={16} aria-hidden="true" className="mr-1 inline" />
          )}
          <NoteText>{name}</NoteText>
        </p>
        {block.kind === "drill" && (
          <p className="text-[15px] leading-tight text-muted">{reasonText(block, today)}</p>
        )}
      </div>
      <button
        type="button"
        aria-label={`Less of ${spoken}`}
        className="min-h-11 min-w-9 text-muted hover:text-ink disabled:opacity-40"
        disabled={minutes <= 1}
        onClick={() => setMinutes(minutes - 1)}
      >
        <Minus size={16} aria-hidden="true" className="mx-auto" />
      </button>
      <span className="figures w-14 text-center">{minutesText(block)}</span>
      <button
        type="button"
        aria-label={`More of ${spoken}`}
        className="min-h-11 min-w-9 text-muted hover:text-ink disabled:opacity-40"
        disabled={minutes >= LONGEST_MIN}
        onClick={() => setMinutes(minutes + 1)}
      >
        <Plus size={16} aria-hidden="true" className="mx-auto" />
      </button>
      <button
        type="button"
        aria-label={`Leave out ${spoken}`}
        className="min-h-11 min-w-9 text-muted hover:text-ink"
        onClick={() => onBlock(null)}
      >
        <X size={16} aria-hidden="true" className="mx-auto" />
      </button>
    </li>
  );
}
