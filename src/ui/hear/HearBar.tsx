import { MANNERS, type Manner } from "@/audio";
import { type Hearing } from "@/state";
import { ChoiceButton, KeyCap } from "@/ui/controls";
import { HEAR_KEYS, MANNER_NAMES, mannerKey } from "./hearKeys";
import { Loudness } from "./Loudness";

/** What sounds now, and how grips are heard. */
export interface HearBarState {
  readonly sounding: Manner | null;
  readonly hearing: Hearing;
  readonly setHearing: (part: Partial<Hearing>) => void;
  readonly hear: (manner: Manner) => void;
}

/** Hear the grip: struck, picked, muted or choked, clean or with gain, as loud as the player likes. */
export function HearBar({ sounding, hearing, setHearing, hear }: HearBarState) {
  return (
    <div role="group" aria-label="Hear the grip" className="space-y-1.5">
      <div className="grid grid-cols-4 gap-1">
        {MANNERS.map((manner) => (
          <ChoiceButton
            key={manner}
            pressed={sounding === manner}
            onPress={() => hear(manner)}
            className="flex items-center justify-center gap-1.5 px-1"
          >
            {MANNER_NAMES[manner]}
            <KeyCap of={mannerKey(manner)} onButton />
          </ChoiceButton>
        ))}
      </div>
      <div className="flex items-center gap-3">
        <ChoiceButton
          pressed={hearing.gain}
          onPress={() => setHearing({ gain: !hearing.gain })}
          className="flex items-center gap-1.5 px-2.5"
        >
          Gain
          <KeyCap of={HEAR_KEYS.gain[0]} onButton />
        </ChoiceButton>
        <Loudness
          className="flex-1"
          value={hearing.loudness}
          onChange={(loudness) => setHearing({ loudness })}
        />
      </div>
    </div>
  );
}
