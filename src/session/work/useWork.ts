import { useEffect, useRef, useState } from "react";
import { useEvent } from "@/ui/controls";
import { type WorkOptions } from "./askInSteps";

/** Work under way, for the progress line. */
export interface ShownWork {
  readonly text: string;
  /** From 0 to 1; null before the first report. */
  readonly share: number | null;
  readonly cancel: () => void;
}

/** Runs one piece of work at a time, with progress and cancel. Unmounting cancels it. */
export function useWork() {
  const [shown, setShown] = useState<ShownWork | null>(null);
  const ending = useRef<AbortController | null>(null);
  useEffect(() => () => ending.current?.abort(), []);

  /** Answers null where the work was cancelled, or other work took its place. Throws what the work throws. */
  const run = useEvent(
    async <T>(text: string, work: (options: WorkOptions) => Promise<T>): Promise<T | null> => {
      ending.current?.abort();
      const own = new AbortController();
      ending.current = own;
      const show = (share: number | null) => {
        if (ending.current === own) setShown({ text, share, cancel: () => own.abort() });
      };
      show(null);
      try {
        const done = await work({ signal: own.signal, onProgress: show });
        return own.signal.aborted ? null : done;
      } catch (error) {
        if (own.signal.aborted) return null;
        throw error;
      } finally {
        if (ending.current === own) {
          ending.current = null;
          setShown(null);
        }
      }
    },
  ) as <T>(text: string, work: (options: WorkOptions) => Promise<T>) => Promise<T | null>;
  return { shown, run };
}
