import { useEffect, useRef, useState } from "react";
import { useEvent } from "@/ui/controls";
import { type WorkOptions } from "./askInSteps";

/** What takes time, as it is shown. */
export interface ShownWork {
  readonly text: string;
  /** From 0 to 1; null where nobody knows yet. */
  readonly share: number | null;
  readonly cancel: () => void;
}

/** Work that takes time, one piece at a time: it is shown with how far it is, may be cancelled, and ends with the part of the page. */
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
