import { useCallback, useMemo } from "react";
import { fitShape, holdShape, type HeldShape } from "@/core/compare";
import { checkFretting, type Fretting } from "@/core/fretting";
import { type ShapeReading } from "@/core/reading";
import { useComputed, useWorkspace } from "@/ui/workspace";
import { compute, computeAside, type TranslatedGrips } from "@/worker/client";
import { type ColumnAnswer } from "./useCompareAnswers";
import { type ShownComparison } from "./useComparison";

/** The shape that is held, and what becomes of it in each column. */
export interface ShapeAnswers {
  /** In the first column's tuning; null where there is none yet. */
  readonly shape: Fretting | null;
  /** By column: the same frets read there; null for silence and while it is worked out. */
  readonly readings: readonly (ShapeReading | null)[];
  /** By column: what the same frets sound. */
  readonly held: readonly (HeldShape | null)[];
  /** By column: where the same pitches went. */
  readonly pitches: readonly (TranslatedGrips | null)[];
}

/** All that anyone looks through. */
const MOST_SHOWN = 60;
const NOTHING: readonly null[] = [];

/** Reads the held shape in every column; the first chord's best grip where none was chosen. */
export function useHeldShape(
  shown: ShownComparison,
  answers: readonly ColumnAnswer[],
): ShapeAnswers {
  const { profile, player } = useWorkspace();
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
  const here = readings.isCurrent ? readings.value?.[0] : null;
  const pitches = useComputed(
    useCallback(async () => {
      if (!here || comparison.hold !== "pitches") return NOTHING;
      const necks = columns.map(({ neck }) => neck);
      return computeAside().translate(necks, here.midi, here.root, player, MOST_SHOWN);
    }, [here, columns, player, comparison.hold]),
  );
  return {
    shape,
    held,
    readings: readings.isCurrent ? (readings.value ?? NOTHING) : NOTHING,
    pitches: pitches.isCurrent ? (pitches.value ?? NOTHING) : NOTHING,
  };
}
