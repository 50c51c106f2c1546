import { capOf } from "./caps";

interface KeyCapProps {
  /** As `useShortcuts` names it. */
  readonly of: string | undefined;
  /** On a button, in the button's own colours. */
  readonly onButton?: boolean;
}

/** A key as it looks on the keyboard. */
export function KeyCap({ of: key, onButton = false }: KeyCapProps) {
  if (key === undefined) return null;
  return (
    <kbd
      className={`key-cap pointer-coarse:hidden ${onButton ? "border-current bg-transparent text-[14px]" : ""}`}
    >
      {capOf(key)}
    </kbd>
  );
}
