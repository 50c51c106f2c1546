import { pitchClass, pitchClassOf, pitchTexts } from "@/core/pitch";
import { type CompareResults } from "@/features/compare/results";

/** A comparison as it stands, for paper: a row for each chord, a column for each tuning. */
export function comparePicture(title: string, { columns }: CompareResults) {
  const chords = columns.find(({ weighed }) => weighed)?.weighed?.chords ?? [];
  return {
    title,
    chords: chords.map(({ chord }) => chord.name),
    columns: columns.map(({ column, weighed, route, cost, score }) => {
      const way = route.kind === "ready" ? route.value : null;
      const { neck } = column;
      return {
        name: column.tuning.name,
        facts: [
          pitchTexts(neck.midi.map((midi) => midi - neck.capo)).join(" "),
          ...(way ? [`${Math.round(way.travelMm)} mm, ${way.shifts} shifts`] : []),
          `${cost.turned} to turn`,
          ...(score === null ? [] : [`score ${score.toFixed(1)}`]),
        ],
        grips: (weighed?.chords ?? []).map(({ chord, grips: [best] }) => {
          if (!best) return null;
          const { fretting, fingers, effort } = best.grip.best;
          const root = pitchClassOf(chord.root);
          return {
            name: chord.name,
            note: `${fretting.map((fret) => fret ?? "x").join(" ")}   effort ${effort.toFixed(1)}`,
            fretting,
            fingers,
            roots: fretting.flatMap((fret, string) =>
              fret !== null && pitchClass((neck.midi[string] ?? 0) + fret) === root ? [string] : [],
            ),
          };
        }),
      };
    }),
  };
}
