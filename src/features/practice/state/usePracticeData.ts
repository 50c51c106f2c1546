import { useCallback, useMemo, useState } from "react";
import { type Result } from "@/core/result";
import { type CardStanding, type DrillStanding, type PracticeStart } from "@/wire";
import { useEvent } from "@/ui/controls";
import { localTime } from "./localTime";

/** What the log says of cards and drills. */
export interface PracticeData {
  readonly cards: ReadonlyMap<string, CardStanding>;
  readonly standings: ReadonlyMap<string, DrillStanding>;
  readonly todayS: number;
  readonly weekS: number;
  /** Asks the server anew; what was known stays where it does not answer. */
  readonly refresh: () => Promise<void>;
}

export function usePracticeData(first: PracticeStart): PracticeData {
  const [start, setStart] = useState(first);
  const refresh = useEvent(async () => {
    const found = await fetchStart();
    if (found) setStart(found);
  });
  const refreshStable = useCallback(async () => refresh(), [refresh]);
  return useMemo(
    () => ({
      cards: new Map(start.cards),
      standings: new Map(start.standings.map((standing) => [standing.drill, standing])),
      todayS: start.todayS,
      weekS: start.weekS,
      refresh: refreshStable,
    }),
    [start, refreshStable],
  );
}

async function fetchStart(): Promise<PracticeStart | null> {
  const { atMs, zoneMin } = localTime();
  try {
    const response = await fetch(`/rounds/start?at=${atMs}&zone=${zoneMin}`, { cache: "no-store" });
    const result = (await response.json()) as Result<PracticeStart>;
    return result.ok ? result.value : null;
  } catch {
    return null;
  }
}
