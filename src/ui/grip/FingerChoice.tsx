import { type Fingering } from "@/core/hand";
import { ChoiceButton } from "@/ui/controls";
import { fingersText } from "./FretText";

const MAX_SHOWN = 6;

interface FingerChoiceProps {
  /** Every way to finger the grip, easiest first. */
  readonly ways: readonly Fingering[];
  readonly chosen: Fingering;
  readonly onChoose: (fingering: Fingering) => void;
}

/** The ways to finger one grip, easiest first; none is wrong, the player picks. */
export function FingerChoice({ ways, chosen, onChoose }: FingerChoiceProps) {
  const shown = ways.slice(0, MAX_SHOWN);
  if (!shown.includes(chosen)) shown.push(chosen);
  if (ways.length < 2) return null;
  return (
    <div role="group" aria-labelledby="finger-choice">
      <span id="finger-choice" className="field-label">
        Fingers, easiest first
      </span>
      <div className="flex flex-wrap gap-1.5">
        {shown.map((way) => (
          <ChoiceButton
            key={way.fingers.join()}
            pressed={way === chosen}
            onPress={() => onChoose(way)}
            className="figures min-w-14 px-2 text-[17px]"
          >
            {fingersText(way.fingers)}
          </ChoiceButton>
        ))}
      </div>
    </div>
  );
}
