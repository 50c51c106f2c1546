import { Lightbulb, X } from "lucide-react";
import { useSettings, useTell } from "@/session";
import { capOf } from "@/ui/controls";
import { NECK_KEYS } from "./neckKeys";

const HINTS: readonly (readonly [caps: string, what: string])[] = [
  [rowOf(NECK_KEYS.root), "root"],
  [rowOf(NECK_KEYS.voicing), "voicing"],
  [capOf(NECK_KEYS.next[0]), "next grip"],
  [capOf(NECK_KEYS.hear[0]), "hear it"],
  [capOf(NECK_KEYS.pin[0]), "pin it"],
  [capOf(NECK_KEYS.stage[0]), "stage"],
  ["?", "all keys"],
];

function rowOf(keys: readonly string[]): string {
  return `${capOf(keys[0])} – ${capOf(keys.at(-1))}`;
}

/** What to press first, until the player hides it. */
export function HintStrip() {
  const { settings, set } = useSettings();
  const tell = useTell();
  if (!settings.hints) return null;
  const hide = () => {
    set({ hints: false });
    tell({ text: "Hints are off.", undo: () => set({ hints: true }) });
  };
  return (
    <p className="flex flex-wrap items-center gap-x-4 gap-y-1 text-[16px] text-muted">
      <Lightbulb size={18} aria-hidden="true" className="shrink-0" />
      <span className="flex-1 sm:hidden">
        Tap a note for the usual grip through it. Drag the handles to the frets that count.
      </span>
      {HINTS.map(([caps, what]) => (
        <span key={what} className="hidden sm:inline">
          <kbd className="key-cap">{caps}</kbd> {what}
        </span>
      ))}
      <button
        type="button"
        className="ml-auto flex min-h-9 items-center gap-1 px-2 hover:text-ink"
        onClick={hide}
      >
        Hide hints
        <X size={16} aria-hidden="true" />
      </button>
    </p>
  );
}
