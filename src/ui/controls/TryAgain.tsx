import { type ReactNode } from "react";

interface TryAgainProps {
  /** What could not be done. */
  readonly children: ReactNode;
  readonly onRetry: () => void;
}

/** Says what failed, and offers to try again. */
export function TryAgain({ children, onRetry }: TryAgainProps) {
  return (
    <p role="alert" className="flex flex-wrap items-center gap-x-4 gap-y-2 text-warning">
      {children}
      <button type="button" className="button" onClick={onRetry}>
        Try again
      </button>
    </p>
  );
}
