import { type Chord } from "@/core/chart";
import { searchTunings, type SearchRequest } from "./searchTunings";

/**
 * The first chord that no tuning of a search can play, for a search that found nothing; null where
 * each can be played somewhere, if not all in one tuning.
 */
export function findUnplayable(request: SearchRequest): Chord | null {
  const isPlayable = (counted: SearchRequest["chords"][number]) => {
    const run = searchTunings({ ...request, chords: [counted], max: 1, onlyGainful: false });
    for (let step = run.next(); ; step = run.next()) if (step.done) return step.value.length > 0;
  };
  return request.chords.find((counted) => !isPlayable(counted))?.chord ?? null;
}
