import { memo } from "react";
import { Pin as PinIcon, PinOff } from "lucide-react";
import { type Grip } from "@/core/grip";
import { type Fingering } from "@/core/hand";
import { useView } from "@/session";
import {
  EffortParts,
  FingerChoice,
  formText,
  FretText,
  GripDiagram,
  PreferenceParts,
} from "@/ui/grip";
import { HearBar, type HearBarState } from "@/ui/hear";
import { spokenNotes } from "@/ui/text";
import { type GripsState } from "./useGrips";

/** Whether the grip in front is pinned, and whether it can be. */
interface PinState {
  readonly isPinned: boolean;
  readonly isReady: boolean;
  readonly toggle: () => void;
}

interface GripCloseUpProps {
  readonly answer: GripsState;
  readonly pin: PinState;
  readonly hearing: HearBarState;
  readonly onTake: (grip: Grip, way: Fingering) => void;
}

/** The chosen grip close up, how it sounds, its other fingers, and what makes it easy and usual. */
export const GripCloseUp = memo(function GripCloseUp(props: GripCloseUpProps) {
  const { answer, pin, hearing, onTake } = props;
  const { thickOnTop } = useView().view;
  const { map, grip, fingerings, fingering } = answer;
  if (!grip || !fingering) return null;
  const { neck, root, leftHanded } = map;
  const form = formText(grip);
  return (
    <>
      <section aria-labelledby="grip-title" className="space-y-2">
        <div className="flex flex-wrap items-center justify-between gap-2">
          <div>
            <h2 id="grip-title" className="text-2xl leading-tight font-semibold">
              <FretText fretting={grip.fretting} />
            </h2>
            {form !== null && <p className="leading-tight text-muted">{form}</p>}
          </div>
          <PinButton {...pin} />
        </div>
        <div className="flex justify-center">
          <GripDiagram
            neck={neck}
            root={root}
            grip={{ fingering, tones: grip.tones }}
            labels="finger"
            stringGapPx={neck.midi.length > 7 ? 19 : 24}
            leftHanded={leftHanded}
            thickOnTop={thickOnTop}
            growth={1.15}
            explained={fingering}
            label={`${spokenNotes(grip.name)} close up`}
          />
        </div>
        <HearBar {...hearing} />
      </section>
      <section
        aria-label="Fingers and effort"
        className="grid content-start gap-x-6 gap-y-3 md:max-xl:col-span-2 md:max-xl:grid-cols-3"
      >
        {/* The other fingerings arrive a moment later; their space is reserved. */}
        <div className="min-h-33 md:max-xl:min-h-0">
          <FingerChoice
            fingerings={fingerings}
            chosen={fingering}
            onChoose={(fingering) => onTake(grip, fingering)}
          />
        </div>
        <details>
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            {`Why effort ${fingering.effort.toFixed(1)}?`}
          </summary>
          <EffortParts fingering={fingering} />
          <PreferenceParts preference={grip.preference} />
        </details>
      </section>
    </>
  );
});

function PinButton({ isPinned, isReady, toggle }: PinState) {
  const Icon = isPinned ? PinOff : PinIcon;
  return (
    <button type="button" className="button button-primary" onClick={toggle} disabled={!isReady}>
      <Icon size={20} aria-hidden="true" />
      {isPinned ? "Unpin this grip" : "Pin this grip"}
    </button>
  );
}
