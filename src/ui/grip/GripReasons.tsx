import { memo, useCallback, useMemo } from "react";
import { soundingMidi } from "@/core/fretting";
import { DEFAULT_HAND, gradeReach, type Fingering, type Player } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { currentValue, useComputed } from "@/ui/computed";
import { TryAgain } from "@/ui/controls";
import { computeAside } from "@/worker/client";
import { ReachScale } from "./ReachScale";
import { RoughnessByGain } from "./RoughnessByGain";
import { SilentStrings } from "./SilentStrings";
import { SoundLines } from "./SoundLines";

interface GripReasonsProps {
  readonly neck: Neck;
  readonly player: Player;
  /** Reference frequency of A4. */
  readonly a4Hz: number;
  readonly fingering: Fingering;
}

/** Why a grip is as easy, as quiet and as clear as it is: silence, reach and sound side by side. */
export const GripReasons = memo(function GripReasons(props: GripReasonsProps) {
  const { neck, player, a4Hz, fingering } = props;
  const { fretting, presses, damping } = fingering;
  const sounding = useMemo(() => soundingMidi(neck, fretting), [neck, fretting]);
  const reach = useMemo(
    () => gradeReach(neck, fretting, presses, player.hand ?? DEFAULT_HAND),
    [neck, fretting, presses, player.hand],
  );
  const computed = useComputed(
    useCallback(() => computeAside().sound(sounding, { a4Hz }), [sounding, a4Hz]),
  );
  const sound = currentValue(computed);
  return (
    <div className="grid min-h-52 content-start gap-x-8 gap-y-4 border-t border-line pt-3 sm:grid-cols-3 md:col-span-2 xl:col-span-3">
      <SilentStrings damping={damping} strings={neck.midi.length} />
      <ReachScale reach={reach} />
      {computed.kind === "failed" && (
        <TryAgain onRetry={computed.retry}>The sound could not be worked out.</TryAgain>
      )}
      {sound && (
        <div>
          <SoundLines sound={sound} />
          <RoughnessByGain pitches={sounding} a4Hz={a4Hz} />
        </div>
      )}
    </div>
  );
});
