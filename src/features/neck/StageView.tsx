import { pitchTextsOver } from "@/core/pitch";
import { type ReactNode } from "react";
import { ChevronLeft, ChevronRight, X } from "lucide-react";
import { useView } from "@/session";
import { fingersText, FretText, GripDiagram } from "@/ui/grip";
import { HearBar, type HearBarState } from "@/ui/hear";
import { NoteText, spokenNotes } from "@/ui/text";
import { type GripsState } from "./useGrips";

interface StageViewProps {
  readonly answer: GripsState;
  readonly neckView: ReactNode;
  readonly hearing: HearBarState;
  readonly onStep: (by: number) => void;
}

/** Neck and grip alone, large enough for a dim room and two metres; the keys stay the same. */
export function StageView({ answer, neckView, hearing, onStep }: StageViewProps) {
  const { view, show } = useView();
  const { map, grips, index, grip, fingering } = answer;
  const { neck, root, leftHanded, chordName, tuningName } = map;
  return (
    <div className="fixed inset-0 z-10 flex flex-col gap-4 overflow-y-auto bg-ground p-4">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h1 className="text-6xl font-bold">
          <NoteText>{chordName}</NoteText>
        </h1>
        {fingering && (
          <p className="text-4xl">
            <FretText fretting={fingering.fretting} />
          </p>
        )}
        <p className="text-2xl text-muted">
          <NoteText>{tuningName}</NoteText>
        </p>
        <div className="ml-auto flex items-center gap-2">
          <button
            type="button"
            className="button min-h-14 px-4"
            aria-label="Previous grip"
            disabled={index <= 0}
            onClick={() => onStep(-1)}
          >
            <ChevronLeft size={28} aria-hidden="true" />
          </button>
          <span className="figures min-w-20 text-center text-2xl" aria-live="polite">
            {grips.length > 0 ? `${index + 1} of ${grips.length}` : "no grip"}
          </span>
          <button
            type="button"
            className="button min-h-14 px-4"
            aria-label="Next grip"
            disabled={index >= grips.length - 1}
            onClick={() => onStep(1)}
          >
            <ChevronRight size={28} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="button min-h-14 px-4"
            aria-label="Leave the stage view"
            onClick={() => show({ stage: false })}
          >
            <X size={28} aria-hidden="true" />
          </button>
        </div>
      </div>
      <div className="shrink-0">{neckView}</div>
      {grip && fingering && (
        <div className="flex flex-1 flex-wrap items-start justify-center gap-x-10 gap-y-4">
          <div className="w-full" style={{ maxWidth: diagramWidth(neck.midi.length) }}>
            <GripDiagram
              neck={neck}
              root={root}
              grip={{ fingering, tones: grip.tones }}
              labels="finger"
              stringGapPx={neck.midi.length > 7 ? 26 : 34}
              leftHanded={leftHanded}
              thickOnTop={view.thickOnTop}
              growth={2}
              explained={fingering}
              label={`${spokenNotes(grip.name)} close up`}
            />
          </div>
          <div className="max-w-md space-y-3">
            <p className="text-3xl font-semibold">
              fingers <span className="figures">{fingersText(fingering.fingers)}</span>
            </p>
            <p className="text-2xl text-muted">
              <NoteText>{pitchTextsOver(map.root, grip.midi).join(" ")}</NoteText>
            </p>
            <HearBar {...hearing} />
          </div>
        </div>
      )}
    </div>
  );
}

/** As wide as what is left under the neck allows; more strings make a grip taller. */
function diagramWidth(strings: number): string {
  return `max(16rem, min(42rem, (100dvh - 31rem) * ${(7.2 / strings).toFixed(2)}))`;
}
