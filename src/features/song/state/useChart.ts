import { useCallback, useMemo } from "react";
import { readChart, type Chart } from "@/core/song";
import { lastValue, useComputed } from "@/ui/computed";
import { computeAside } from "@/worker/client";

/** Longer texts take more than a frame to read, and are read in the worker. */
const LONGEST_AT_ONCE = 12_000;
const EMPTY = readChart("");

/** What a chart says, as it is typed. */
export function useChart(text: string): Chart {
  const isLong = text.length > LONGEST_AT_ONCE;
  const read = useComputed(
    useCallback(async () => (isLong ? computeAside().chart(text) : null), [isLong, text]),
  );
  return useMemo(
    () => (isLong ? (lastValue(read) ?? EMPTY) : readChart(text)),
    [isLong, text, read],
  );
}
