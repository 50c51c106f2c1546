import { Volume2 } from "lucide-react";
import { MANNERS, type Manner } from "@/audio";
import { ChoiceButton } from "@/ui/controls";
import { useWorkspace } from "@/ui/workspace";

interface HearBarProps {
  readonly sounding: Manner | null;
  readonly onHear: (manner: Manner) => void;
}

export const MANNER_KEYS: Readonly<Record<Manner, string>> = {
  strum: "p",
  pick: "u",
  mute: "y",
  choke: "x",
};

const NAMES: Readonly<Record<Manner, string>> = {
  strum: "Strum",
  pick: "Pick",
  mute: "Mute",
  choke: "Choke",
};

/** Hear the grip: struck, picked, muted or choked, clean or with gain, as loud as the player likes. */
export function HearBar({ sounding, onHear }: HearBarProps) {
  const { choice, choose } = useWorkspace();
  const { hearing } = choice;
  return (
    <div role="group" aria-label="Hear the grip" className="space-y-1.5">
      <div className="grid grid-cols-4 gap-1">
        {MANNERS.map((manner) => (
          <ChoiceButton
            key={manner}
            pressed={sounding === manner}
            onPress={() => onHear(manner)}
            className="flex items-center justify-center gap-1.5 px-1"
          >
            {NAMES[manner]}
            <kbd className="key-cap border-current bg-transparent text-[14px]">
              {MANNER_KEYS[manner].toUpperCase()}
            </kbd>
          </ChoiceButton>
        ))}
      </div>
      <div className="flex items-center gap-3">
        <ChoiceButton
          pressed={hearing.gain}
          onPress={() => choose({ hearing: { ...hearing, gain: !hearing.gain } })}
          className="flex items-center gap-1.5 px-2.5"
        >
          Gain
          <kbd className="key-cap border-current bg-transparent text-[14px]">W</kbd>
        </ChoiceButton>
        <label className="flex min-h-11 flex-1 items-center gap-2">
          <Volume2 size={20} aria-hidden="true" className="shrink-0" />
          <input
            type="range"
            aria-label="Loudness"
            min={0}
            max={1}
            step={0.05}
            value={hearing.loudness}
            className="w-full min-w-20 accent-ink"
            onChange={({ target }) =>
              choose({ hearing: { ...hearing, loudness: Number(target.value) } })
            }
          />
        </label>
      </div>
    </div>
  );
}
