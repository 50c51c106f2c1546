import { memo, useCallback, useMemo } from "react";
import { soundingMidi } from "@/core/fretting";
import { DEFAULT_HAND, gradeReach, type Fingering, type Player } from "@/core/hand";
import { type Neck } from "@/core/neck";
import { type Midi } from "@/core/pitch";
import { ReachScale, Silence, SoundLines } from "@/ui/grip";
import { RoughnessByGain } from "./RoughnessByGain";
import { useComputed, useWorkspace } from "@/ui/workspace";
import { computeAside } from "@/worker/client";

interface GripReasonsProps {
  readonly neck: Neck;
  readonly player: Player;
  /** A pitch as this player calls it. */
  readonly pitch: (midi: Midi) => string;
  readonly fingering: Fingering;
}

/** Why a grip is as easy, as quiet and as clear as it is: silence, reach and sound side by side. */
export const GripReasons = memo(function GripReasons(props: GripReasonsProps) {
  const { neck, player, pitch, fingering } = props;
  const { a4Hz } = useWorkspace().profile;
  const { fretting, presses, damping } = fingering;
  const sounding = useMemo(() => soundingMidi(neck, fretting), [neck, fretting]);
  const reach = useMemo(
    () => gradeReach(neck, fretting, presses, player.hand ?? DEFAULT_HAND),
    [neck, fretting, presses, player.hand],
  );
  const { value: sound } = useComputed(
    useCallback(() => computeAside().sound(sounding, { a4Hz }), [sounding, a4Hz]),
  );
  return (
    <div className="grid min-h-52 content-start gap-x-8 gap-y-4 border-t border-line pt-3 sm:grid-cols-3 md:col-span-2 xl:col-span-3">
      <Silence damping={damping} strings={neck.midi.length} />
      <ReachScale reach={reach} />
      {sound && (
        <div>
          <SoundLines sound={sound} pitch={pitch} />
          <RoughnessByGain pitches={sounding} pitch={pitch} />
        </div>
      )}
    </div>
  );
});
