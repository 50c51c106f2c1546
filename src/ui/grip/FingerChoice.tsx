import { type Fingering } from "@/core/hand";
import { ChoiceButton } from "@/ui/controls";
import { fingersText } from "./FretText";

const MAX_SHOWN = 6;

interface FingerChoiceProps {
  /** Every fingering to finger the grip, easiest first. */
  readonly fingerings: readonly Fingering[];
  readonly chosen: Fingering;
  readonly onChoose: (fingering: Fingering) => void;
}

/** The fingerings of one grip, easiest first; none is wrong, the player picks. */
export function FingerChoice({ fingerings, chosen, onChoose }: FingerChoiceProps) {
  const shown = fingerings.slice(0, MAX_SHOWN);
  if (!shown.includes(chosen)) shown.push(chosen);
  if (fingerings.length < 2) return null;
  return (
    <div role="group" aria-labelledby="finger-choice">
      <span id="finger-choice" className="field-label">
        Fingers, easiest first
      </span>
      <div className="flex flex-wrap gap-1.5">
        {shown.map((fingering) => (
          <ChoiceButton
            key={fingering.fingers.join()}
            pressed={fingering === chosen}
            onPress={() => onChoose(fingering)}
            className="figures min-w-14 px-2 text-[17px]"
          >
            {fingersText(fingering.fingers)}
          </ChoiceButton>
        ))}
      </div>
    </div>
  );
}
