"use client";

import { useEffect, useMemo, useState } from "react";

/**
 * What a computation has come to. While it runs, and after it failed, `last` is the newest answer
 * there was, to another question: show it only where it says so or where that does no harm.
 */
export type Computed<T> =
  | { readonly kind: "waiting"; readonly last: T | null }
  | { readonly kind: "ready"; readonly value: T }
  | { readonly kind: "failed"; readonly last: T | null; readonly retry: () => void };

interface Settled<T> {
  /** The question that was answered, or could not be; null before the first. */
  readonly answer: Promise<T> | null;
  readonly value: T | null;
  readonly failed: boolean;
}

/**
 * Runs a computation in the worker whenever `work` changes (memoise it), and keeps only the
 * newest answer. `work` must have no effect but its answer: it is started while the page is still
 * being drawn, so that the worker computes meanwhile and both often make the same frame.
 */
export function useComputed<T>(work: () => Promise<T>): Computed<T> {
  const [settled, setSettled] = useState<Settled<T>>({ answer: null, value: null, failed: false });
  const [attempt, setAttempt] = useState(0);
  const answer = useMemo(() => {
    // Another attempt is another question.
    void attempt;
    return typeof window === "undefined" ? null : ask(work);
  }, [work, attempt]);

  useEffect(() => {
    let newest = true;
    answer?.then(
      (value) => newest && setSettled({ answer, value, failed: false }),
      (error: unknown) => {
        console.error(error);
        if (newest) setSettled((old) => ({ answer, value: old.value, failed: true }));
      },
    );
    return () => {
      newest = false;
    };
  }, [answer]);

  return useMemo((): Computed<T> => {
    if (answer === null || settled.answer !== answer) {
      return { kind: "waiting", last: settled.value };
    }
    return settled.failed
      ? { kind: "failed", last: settled.value, retry: () => setAttempt((count) => count + 1) }
      : { kind: "ready", value: settled.value as T };
  }, [answer, settled]);
}

/** A work that throws before it promises has failed as well. */
async function ask<T>(work: () => Promise<T>): Promise<T> {
  return work();
}

/** The answer to the current question; null while it runs and where it failed. */
export function currentValue<T>(computed: Computed<T>): T | null {
  return computed.kind === "ready" ? computed.value : null;
}

/** The answer to the current question, or else to the one before it. */
export function lastValue<T>(computed: Computed<T>): T | null {
  return computed.kind === "ready" ? computed.value : computed.last;
}

/** A part of what was computed, for whoever only shows it. */
export type Current<T> =
  | { readonly kind: "waiting" }
  | { readonly kind: "ready"; readonly value: T }
  | { readonly kind: "failed" };

/** Picks a part of the answer to the current question. */
export function outcomeOf<T, Part>(computed: Computed<T>, pick: (value: T) => Part): Current<Part> {
  return computed.kind === "ready"
    ? { kind: "ready", value: pick(computed.value) }
    : { kind: computed.kind };
}
