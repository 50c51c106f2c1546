import { AArrowDown, AArrowUp } from "lucide-react";

/** Text sizes of the playing view; 1 is the size for a page. */
export const PLAY_SCALES = [0.8, 0.9, 1, 1.15, 1.3, 1.5, 1.75, 2] as const;

/** The next larger or smaller size; at the end of the list the same size. */
export function scaleAfter(scale: number, by: 1 | -1): number {
  const at = PLAY_SCALES.findIndex((each) => each >= scale - 1e-6);
  return PLAY_SCALES[Math.min(PLAY_SCALES.length - 1, Math.max(0, at + by))] ?? 1;
}

interface TextSizeProps {
  readonly scale: number;
  readonly onScale: (scale: number) => void;
  readonly isLarge?: boolean;
}

/** Buttons for the text size of the playing view. */
export function TextSize({ scale, onScale, isLarge }: TextSizeProps) {
  const size = isLarge ? "min-h-12 px-3" : "px-3";
  return (
    <div role="group" aria-label="Text size" className="flex gap-1">
      {([-1, 1] as const).map((by) => {
        const next = scaleAfter(scale, by);
        const Icon = by < 0 ? AArrowDown : AArrowUp;
        return (
          <button
            key={by}
            type="button"
            className={`button ${size}`}
            aria-label={by < 0 ? "Smaller text" : "Larger text"}
            disabled={next === scale}
            onClick={() => onScale(next)}
          >
            <Icon size={22} aria-hidden="true" />
          </button>
        );
      })}
    </div>
  );
}
