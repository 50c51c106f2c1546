import { useMemo } from "react";
import { naturalPath } from "@/core/neck";
import { pitchClass, pitchClassOf } from "@/core/pitch";
import { degreesOf, findDegrees, type DegreePosition } from "@/core/voicing";
import { useView } from "@/session";
import { type ChordMap } from "./useGrips";

interface Marks {
  /** What the map shows, on the strings and frets that count. */
  readonly positions: readonly DegreePosition[];
  /** The strings of the natural notes; null where degrees are shown. */
  readonly naturalsOn: readonly number[] | null;
}

/** The marks of the map: the chord's degrees or others, or the natural notes. */
export function useMarks({ neck, root, chordForm }: ChordMap): Marks {
  const { view } = useView();
  const { mapped, naturals, mapStrings } = view;
  return useMemo(() => {
    const strings = neck.midi
      .map((_, string) => string)
      .filter((string) => mapStrings?.includes(string) ?? true);
    if (naturals) {
      const positions = strings
        .flatMap((string) => naturalPath(neck, string))
        .map(({ string, fret, midi }) => ({
          string,
          fret,
          midi,
          degree: pitchClass(midi - pitchClassOf(root)),
        }));
      return { positions, naturalsOn: strings };
    }
    const positions = findDegrees(neck, root, mapped ?? degreesOf(chordForm.voicing));
    return {
      positions: mapStrings
        ? positions.filter(({ string }) => strings.includes(string))
        : positions,
      naturalsOn: null,
    };
  }, [neck, root, chordForm, mapped, naturals, mapStrings]);
}
