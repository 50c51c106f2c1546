import { useEffect, useState } from "react";
import { type Result } from "@/core/result";
import { writeLogFilter } from "@/formats/address";
import { type LogView } from "@/wire";
import { type LogFilter } from "@/state";
import { useEvent } from "@/ui/controls";

interface LogState {
  readonly view: LogView | null;
  readonly filter: LogFilter;
  readonly setFilter: (part: Partial<LogFilter>) => void;
  /** Asks for the same part anew, once something in it was changed. */
  readonly refresh: () => void;
  /** Adds the next page of rounds. */
  readonly more: () => void;
  readonly isAway: boolean;
}

/** The part of the log that is looked at. */
export function useLog(first: LogView | null, firstFilter: LogFilter): LogState {
  const [filter, setAll] = useState(firstFilter);
  const [view, setView] = useState(first);
  const [isAway, setIsAway] = useState(first === null);
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    if (turn === 0) return;
    const ending = new AbortController();
    fetchView(filter, 0, ending.signal).then(
      (found) => {
        setView(found);
        setIsAway(false);
      },
      () => {
        if (!ending.signal.aborted) setIsAway(true);
      },
    );
    return () => ending.abort();
  }, [filter, turn]);
  const refresh = useEvent(() => setTurn((old) => old + 1));
  const more = useEvent(async () => {
    if (view?.next === null || view === null) return;
    try {
      const page = await fetchView(filter, view.next, null);
      setView((old) => old && { ...old, rounds: [...old.rounds, ...page.rounds], next: page.next });
    } catch {
      setIsAway(true);
    }
  });
  return {
    view,
    filter,
    setFilter: (part) => {
      setAll((old) => ({ ...old, ...part }));
      refresh();
    },
    refresh,
    more: () => void more(),
    isAway,
  };
}

async function fetchView(
  filter: LogFilter,
  skip: number,
  signal: AbortSignal | null,
): Promise<LogView> {
  const query = writeLogFilter(filter);
  if (skip > 0) query.set("skip", String(skip));
  const response = await fetch(`/rounds/view?${query.toString()}`, { cache: "no-store", signal });
  const result = (await response.json()) as Result<LogView>;
  if (!result.ok) throw new Error(result.problem.message);
  return result.value;
}
