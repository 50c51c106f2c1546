import { Lightbulb, X } from "lucide-react";
import { useWorkspace } from "@/ui/workspace";

const HINTS: readonly (readonly [key: string, what: string])[] = [
  ["A – G", "root"],
  ["1 – 0", "stack"],
  ["↓", "next grip"],
  ["P", "hear it"],
  ["Enter", "pin it"],
  ["V", "stage"],
  ["?", "all keys"],
];

/** What to press first, until the player has had enough of it. */
export function HintStrip() {
  const { choice, choose, tell } = useWorkspace();
  if (!choice.hints) return null;
  const hide = () => {
    choose({ hints: false });
    tell({ text: "No more hints.", undo: () => choose({ hints: true }) });
  };
  return (
    <p className="flex flex-wrap items-center gap-x-4 gap-y-1 text-[16px] text-muted">
      <Lightbulb size={18} aria-hidden="true" className="shrink-0" />
      <span className="flex-1 sm:hidden">
        Tap a note for the usual grip through it. Drag the handles to the frets that count.
      </span>
      {HINTS.map(([key, what]) => (
        <span key={key} className="hidden sm:inline">
          <kbd className="key-cap">{key}</kbd> {what}
        </span>
      ))}
      <button
        type="button"
        className="ml-auto flex min-h-9 items-center gap-1 px-2 hover:text-ink"
        onClick={hide}
      >
        No more hints
        <X size={16} aria-hidden="true" />
      </button>
    </p>
  );
}
