import { useCallback, useMemo } from "react";
import { fitShape, holdShape, type HeldShape } from "@/core/compare";
import { checkFretting, type Fretting } from "@/core/fretting";
import { type ShapeReading } from "@/core/reading";
import { usePlayer, useRig } from "@/session";
import { currentValue, useComputed, type Computed } from "@/ui/computed";
import { compute, computeAside, type TranslatedGrips } from "@/worker/client";
import { type ColumnResult } from "./useCompareResults";
import { type ShownComparison } from "./useComparison";

/** The shape that is held, and what becomes of it in each column. */
export interface ShapeResults {
  /** In the first column's tuning; null where there is none yet. */
  readonly shape: Fretting | null;
  /** By column: the same frets read there; null for silence and while it is worked out. */
  readonly readings: readonly (ShapeReading | null)[];
  /** By column: what the same frets sound. */
  readonly held: readonly (HeldShape | null)[];
  /** By column: where the same pitches went. */
  readonly pitches: readonly (TranslatedGrips | null)[];
  /** How far all of it is; failed where a part has. */
  readonly state: Computed<unknown>;
}

/** More than anyone looks through. */
const MAX_SHOWN = 60;
const NOTHING: readonly null[] = [];

/** Reads the held shape in every column; the first chord's best grip where none was chosen. */
export function useHeldShape(
  shown: ShownComparison,
  answers: readonly ColumnResult[],
): ShapeResults {
  const { profile } = useRig();
  const { player } = usePlayer();
  const { accidentals } = profile;
  const { comparison, columns } = shown;
  const isAsked = comparison.hold !== "chord";
  const first = columns[0];
  const suggested = answers[0]?.weighed?.chords[0]?.grips[0]?.grip.fretting ?? null;
  const chosen = comparison.shape;
  const shape = useMemo(() => {
    if (!first || !isAsked) return null;
    return chosen && checkFretting(first.neck, chosen).ok ? chosen : suggested;
  }, [first, isAsked, chosen, suggested]);

  const held = useMemo(
    () =>
      columns.map(({ neck }) =>
        shape && first ? holdShape(shape, first.neck.midi, neck.midi, accidentals) : null,
      ),
    [columns, shape, first, accidentals],
  );
  const readings = useComputed(
    useCallback(
      async () =>
        shape
          ? Promise.all(
              columns.map(({ neck }) =>
                compute().read(neck, fitShape(shape, neck.midi.length).fretting, player, {
                  accidentals,
                }),
              ),
            )
          : NOTHING,
      [columns, shape, player, accidentals],
    ),
  );
  const here = currentValue(readings)?.[0];
  const pitches = useComputed(
    useCallback(async () => {
      if (!here || comparison.hold !== "pitches") return NOTHING;
      const necks = columns.map(({ neck }) => neck);
      return computeAside().translate(necks, here.midi, here.root, player, MAX_SHOWN);
    }, [here, columns, player, comparison.hold]),
  );
  return {
    shape,
    held,
    state: pitches.kind === "failed" ? pitches : readings,
    readings: currentValue(readings) ?? NOTHING,
    pitches: currentValue(pitches) ?? NOTHING,
  };
}
