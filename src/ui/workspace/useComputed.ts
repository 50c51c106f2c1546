"use client";

import { useEffect, useMemo, useState } from "react";

/** What a computation has come to. While a new one runs, the last value stays, marked as old. */
export interface Computed<T> {
  readonly value: T | null;
  readonly isCurrent: boolean;
  readonly failed: boolean;
}

/**
 * Runs a computation in the worker whenever `work` changes (memoise it), and keeps only the
 * newest answer. `work` must have no effect but its answer: it is started while the page is still
 * being drawn, so that the worker computes meanwhile and both often make the same frame.
 */
export function useComputed<T>(work: () => Promise<T>): Computed<T> {
  const [state, setState] = useState<{ work: unknown; value: T | null; failed: boolean }>({
    work: null,
    value: null,
    failed: false,
  });
  const answer = useMemo(() => (typeof window === "undefined" ? null : work()), [work]);

  useEffect(() => {
    let newest = true;
    answer?.then(
      (value) => newest && setState({ work, value, failed: false }),
      (error: unknown) => {
        console.error(error);
        if (newest) setState((old) => ({ work, value: old.value, failed: true }));
      },
    );
    return () => {
      newest = false;
    };
  }, [work, answer]);

  const isCurrent = state.work === work;
  return { value: state.value, isCurrent, failed: isCurrent && state.failed };
}
