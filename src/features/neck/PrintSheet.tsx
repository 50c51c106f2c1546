import { useMemo } from "react";
import { noteText, spellDegree } from "@/core/pitch";
import { type DegreePosition } from "@/core/voicing";
import { useInstrument, useRig, useView } from "@/session";
import { PaperDialog } from "@/ui/controls";
import { fingersText, FretText, GripDiagram } from "@/ui/grip";
import { makeNeckScale, Mark, markRole, NeckBoard, NeckGrip } from "@/ui/neck";
import { NoteText, spokenNotes } from "@/ui/text";
import { type GripsState } from "./useGrips";

interface PrintSheetProps {
  readonly answer: GripsState;
  readonly positions: readonly DegreePosition[];
  readonly onClose: () => void;
}

/** How many grips fit on a page under the neck. */
const MAX_GRIPS = 9;
const NECK_WIDTH = 1060;

/** A clean sheet for paper: the neck, the grip in front and the next in the list, dark on white. */
export function PrintSheet({ answer, positions, onClose }: PrintSheetProps) {
  const { view } = useView();
  const { guitar } = useInstrument();
  const { profile } = useRig();
  const { map, grip, fingering, grips } = answer;
  const { neck, shownRoot, leftHanded, chordName, tuningName, names } = map;
  const { thickOnTop, spacing } = view;
  const scale = useMemo(
    () => makeNeckScale(neck, NECK_WIDTH, { leftHanded, thickOnTop, spacing }),
    [neck, leftHanded, thickOnTop, spacing],
  );
  const others = grips.filter((each) => each !== grip).slice(0, MAX_GRIPS - 1);
  const shown = [
    ...(grip && fingering ? [{ grip, fingering }] : []),
    ...others.map((each) => ({ grip: each, fingering: each.best })),
  ];
  return (
    <PaperDialog label="Sheet to print" width="max-w-4xl" onClose={onClose}>
      <h2 className="text-3xl font-bold">
        <NoteText>{`${chordName} in ${tuningName}`}</NoteText>
      </h2>
      <p>
        <NoteText>{`${guitar.name}: ${neck.midi.map(names.pitch).join(" ")}`}</NoteText>
      </p>
      <svg
        role="img"
        aria-label={`Neck with ${spokenNotes(chordName)}`}
        viewBox={`0 0 ${NECK_WIDTH} ${scale.height}`}
        className="figures block h-auto w-full"
      >
        <NeckBoard neck={neck} scale={scale} accidentals={profile.accidentals} />
        {positions.map(({ string, fret, degree }) => (
          <Mark
            key={`${string}-${fret}`}
            role={markRole(degree)}
            x={scale.markX(string, fret)}
            y={scale.stringY(string)}
            size={scale.markSize(fret)}
            faint={grip !== null}
            label={noteText(spellDegree(shownRoot, degree))}
          />
        ))}
        {grip && fingering && (
          <NeckGrip
            scale={scale}
            openMidi={neck.midi}
            grip={{ fingering, tones: grip.tones }}
            root={shownRoot}
            labels="finger"
            sizeAt={scale.gripSize}
          />
        )}
      </svg>
      <ul className="grid grid-cols-2 gap-4 sm:grid-cols-3">
        {shown.map(({ grip: each, fingering: way }) => (
          <li key={each.fretting.join()} className="break-inside-avoid">
            <p>
              <FretText fretting={each.fretting} />
            </p>
            <GripDiagram
              neck={neck}
              root={shownRoot}
              grip={{ fingering: way, tones: each.tones }}
              labels="finger"
              stringGapPx={18}
              leftHanded={leftHanded}
              thickOnTop={thickOnTop}
              growth={1.5}
              label={`${spokenNotes(each.name)} close up`}
            />
            <p className="figures text-[15px]">
              {`fingers ${fingersText(way.fingers)}, ${Math.round(way.reachMm)} mm, effort ${way.effort.toFixed(1)}`}
            </p>
          </li>
        ))}
      </ul>
    </PaperDialog>
  );
}
