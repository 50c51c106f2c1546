import { type ReactNode } from "react";

interface ChoiceButtonProps {
  readonly pressed: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
  readonly label?: string;
  readonly className?: string;
  /** A fixed width, so that nothing next to it moves when the fonts load. */
  readonly widthPx?: number;
}

/** One of several answers to pick from, side by side. */
export function ChoiceButton(props: ChoiceButtonProps) {
  const { pressed, onPress, children, label, className, widthPx } = props;
  return (
    <button
      type="button"
      aria-pressed={pressed}
      aria-label={label}
      onClick={onPress}
      style={widthPx === undefined ? undefined : { width: widthPx }}
      // A click must not take the focus: Enter and the arrows still belong to the grips.
      onMouseDown={(event) => event.preventDefault()}
      className={`min-h-11 rounded-lg border font-medium ${pressed ? "border-root bg-picked text-ink shadow-[inset_0_-4px_0_var(--root)]" : "border-line bg-surface text-ink hover:border-ink"} ${className ?? ""}`}
    >
      {children}
    </button>
  );
}
