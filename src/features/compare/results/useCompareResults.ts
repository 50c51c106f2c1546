import { useCallback, useMemo } from "react";
import { sumCounts, type GripCounts } from "@/core/chordGrips";
import {
  scoreOf,
  stageCost,
  type StageCost,
  type WeighedChord,
  type WeighedTuning,
} from "@/core/compare";
import { type TimedRoute } from "@/core/plan";
import { type Sound } from "@/core/sound";
import { usePlayer, useRig } from "@/session";
import { strungGuitar } from "@/state";
import { lastValue, outcomeOf, useComputed, type Computed, type Current } from "@/ui/computed";
import { ask, compute, computeAside } from "@/worker/client";
import { type Column, type ShownComparison } from "./useComparison";
import { bestPlace, type JudgedTuning } from "./verdict";

/** All that is known of one column. */
export interface ColumnResult {
  readonly column: Column;
  readonly cost: StageCost;
  /** Null while it is worked out; while a weight is moved, as it was before. */
  readonly weighed: WeighedTuning | null;
  readonly score: number | null;
  /** Null where the chords cannot be played here. */
  readonly route: Current<TimedRoute | null>;
  /** Null where there are too many grips to count. */
  readonly counts: Current<GripCounts | null>;
  /** By chord, of its best grip. */
  readonly sounds: Current<readonly (Sound | null)[]>;
}

export interface CompareResults {
  readonly columns: readonly ColumnResult[];
  readonly judged: readonly JudgedTuning[];
  /** The column that serves best; -1 before that is known. */
  readonly best: number;
  /** Whether there is an answer for these chords and tunings, if perhaps for earlier weights. */
  readonly isKnown: boolean;
  /** How far the weighing is, on which all else depends. */
  readonly state: Computed<unknown>;
}

const BEST_ONLY = 1;

/** Works out a comparison: what is quick at once, routes and counts as they come. */
export function useCompareResults(shown: ShownComparison): CompareResults {
  const { profile } = useRig();
  const { player } = usePlayer();
  const { columns, chords, sequence, comparison } = shown;
  const { weights, minutesPerString, limits: requested } = comparison;
  const { a4Hz, limits } = profile;
  const necks = useMemo(() => columns.map(({ neck }) => neck), [columns]);

  const weighed = useComputed(
    useCallback(
      async () => ({
        necks,
        chords,
        tunings: await compute().weigh(necks, chords, weights, player, BEST_ONLY, requested),
      }),
      [necks, chords, weights, player, requested],
    ),
  );
  const routes = useComputed(
    useCallback(
      () =>
        ask("routes", { necks, sequence, weights, player, requested }, (api) =>
          api.routes(necks, sequence, weights, player, requested),
        ),
      [necks, sequence, weights, player, requested],
    ),
  );
  const counts = useComputed(
    useCallback(
      () => ask("counts", { necks, chords, player }, (api) => api.count(necks, chords, player)),
      [necks, chords, player],
    ),
  );
  // While a weight is moved the last answer stays in sight; for other chords or tunings it would be wrong.
  const answer = weighed.kind === "failed" ? null : lastValue(weighed);
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
        stageCost(strungGuitar(guitar), guitar.tunedMidi, tuning.midi, minutesPerString, {
          a4Hz,
          limits,
        }),
      ),
    [columns, minutesPerString, a4Hz, limits],
  );
  const answers = columns.flatMap((column, place): ColumnResult[] => {
    const cost = costs[place];
    if (!cost) return [];
    const own = tunings?.[place] ?? null;
    return [
      {
        column,
        cost,
        weighed: own,
        score: scoreOf(own?.totals ?? null, cost, weights),
        route: outcomeOf(routes, (all) => all[place] ?? null),
        counts: outcomeOf(counts, (all) => sumCounts(all[place] ?? [])),
        sounds: tunings ? outcomeOf(sounds, (all) => all[place] ?? []) : { kind: "waiting" },
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
    state: weighed,
  };
}

function bestPitches({ grips: [first] }: WeighedChord): readonly number[] {
  return first?.grip.midi ?? [];
}
