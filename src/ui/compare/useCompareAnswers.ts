import { useCallback, useMemo } from "react";
import {
  scoreOf,
  stageCost,
  sumCounts,
  type GripCounts,
  type StageCost,
  type WeighedChord,
  type WeighedTuning,
} from "@/core/compare";
import { type TimedRoute } from "@/core/plan";
import { type Sound } from "@/core/sound";
import { strung } from "@/ui/retune";
import { useComputed, useWorkspace } from "@/ui/workspace";
import { compute, computeAside, computeFreely } from "@/worker/client";
import { type ShownComparison, type Column } from "./useComparison";
import { bestPlace, type Judged } from "./verdict";

/** All that is known of one column; null is still being worked out, undefined cannot be told. */
export interface ColumnAnswer {
  readonly column: Column;
  readonly cost: StageCost;
  readonly weighed: WeighedTuning | null;
  readonly score: number | null;
  readonly route: TimedRoute | null | undefined;
  readonly counts: GripCounts | null | undefined;
  /** By chord, of its best grip. */
  readonly sounds: readonly (Sound | null)[] | null;
}

export interface CompareAnswers {
  readonly columns: readonly ColumnAnswer[];
  readonly judged: readonly Judged[];
  /** The column that serves best; -1 before that is known. */
  readonly best: number;
  /** Whether there is an answer for these chords and tunings, if perhaps for earlier weights. */
  readonly isKnown: boolean;
  readonly isCurrent: boolean;
  readonly failed: boolean;
}

const BEST_ONLY = 1;

/** Works out a comparison: what is quick at once, routes and counts as they come. */
export function useCompareAnswers(shown: ShownComparison): CompareAnswers {
  const { profile, player } = useWorkspace();
  const { columns, chords, sequence, comparison } = shown;
  const { weights, minutesPerString } = comparison;
  const { a4Hz, limits } = profile;
  const necks = useMemo(() => columns.map(({ neck }) => neck), [columns]);

  const weighed = useComputed(
    useCallback(
      async () => ({
        necks,
        chords,
        tunings: await compute().weigh(necks, chords, weights, player, BEST_ONLY),
      }),
      [necks, chords, weights, player],
    ),
  );
  const routes = useComputed(
    useCallback(
      () => computeFreely("routes", (api) => api.routes(necks, sequence, weights, player)),
      [necks, sequence, weights, player],
    ),
  );
  const counts = useComputed(
    useCallback(
      () => computeFreely("counts", (api) => api.count(necks, chords, player)),
      [necks, chords, player],
    ),
  );
  // While a weight is moved the last answer stays in sight; for other chords or tunings it would be wrong.
  const answer = weighed.value;
  const tunings = answer?.necks === necks && answer.chords === chords ? answer.tunings : null;
  const sounds = useComputed(
    useCallback(async () => {
      const grips = (tunings ?? []).map(({ chords: each }) => each.map(bestPitches));
      const heard = await computeAside().sounds(grips.flat(), { a4Hz });
      let next = 0;
      return grips.map((each) => heard.slice(next, (next += each.length)));
    }, [tunings, a4Hz]),
  );

  const costs = useMemo(
    () =>
      columns.map(({ guitar, tuning }) =>
        stageCost(strung(guitar), guitar.tunedMidi, tuning.midi, minutesPerString, {
          a4Hz,
          limits,
        }),
      ),
    [columns, minutesPerString, a4Hz, limits],
  );
  const answers = columns.flatMap((column, place): ColumnAnswer[] => {
    const cost = costs[place];
    if (!cost) return [];
    const own = tunings?.[place] ?? null;
    return [
      {
        column,
        cost,
        weighed: own,
        score: scoreOf(own?.totals ?? null, cost, weights),
        route: routes.isCurrent ? (routes.value?.[place] ?? undefined) : null,
        counts: counts.isCurrent ? (sumCounts(counts.value?.[place] ?? []) ?? undefined) : null,
        sounds: tunings && sounds.isCurrent ? (sounds.value?.[place] ?? null) : null,
      },
    ];
  });
  const judged = answers.map(({ column, cost, weighed: own, score }) => ({
    name: column.tuning.name,
    totals: own?.totals ?? null,
    score,
    turned: cost.turned,
    minutes: cost.minutes,
    chords: own?.chords.length ?? 0,
  }));
  return {
    columns: answers,
    judged,
    best: bestPlace(judged),
    isKnown: tunings !== null,
    isCurrent: weighed.isCurrent,
    failed: weighed.failed,
  };
}

function bestPitches({ grips: [first] }: WeighedChord): readonly number[] {
  return first?.grip.midi ?? [];
}
