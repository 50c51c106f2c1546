/** The value below which a share of the samples lies; 0.5 is the median. */
export function quantile(samples: readonly number[], share: number): number {
  const sorted = [...samples].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}

/** Runs the work so many times, after a warm-up, and returns each run's time in ms. */
export function timeMs(runs: number, work: (run: number) => unknown): readonly number[] {
  for (let run = 0; run < Math.ceil(runs / 5); run++) work(run);
  return Array.from({ length: runs }, (_, run) => {
    const startedAt = performance.now();
    work(run);
    return performance.now() - startedAt;
  });
}
