import { noteText, pitchClass, spellDegree } from "@/core/pitch";
import { type DegreePosition } from "@/core/voicing";
import { fingersText } from "@/ui/grip";
import { type GripsState } from "./useGrips";

/** How many grips go on paper: the one in front, and the next in the list. */
const MAX_GRIPS = 12;

/** The neck and its grips as they stand, for paper. */
export function neckPicture(
  { map, grip, fingering, grips }: GripsState,
  positions: readonly DegreePosition[],
) {
  const { neck, shownRoot, chordName, tuningName, names } = map;
  const others = grips.filter((each) => each !== grip).slice(0, MAX_GRIPS - 1);
  const shown = [
    ...(grip && fingering ? [{ grip, fingering }] : []),
    ...others.map((each) => ({ grip: each, fingering: each.best })),
  ];
  return {
    title: `${chordName} in ${tuningName}`,
    subtitle: names.strings(neck.midi).join(" "),
    strings: neck.midi.length,
    frets: neck.frets,
    marks: positions.map(({ string, fret, degree }) => ({
      string,
      fret,
      label: noteText(spellDegree(shownRoot, degree)),
      isRoot: pitchClass(degree) === 0,
    })),
    grips: shown.map(({ grip: each, fingering: way }) => ({
      name: each.name,
      note: `fingers ${fingersText(way.fingers)}, ${Math.round(way.reachMm)} mm, effort ${way.effort.toFixed(1)}`,
      fretting: each.fretting,
      fingers: way.fingers,
      roots: each.tones.flatMap((tone, string) =>
        tone !== null && pitchClass(tone) === 0 ? [string] : [],
      ),
    })),
  };
}
