import { rootOfGrip } from "@/core/arrangement";
import { tonesOverRoot } from "@/core/fretting";
import { type Neck } from "@/core/neck";
import { pitchClassOf } from "@/core/pitch";
import { useRig, useView } from "@/session";
import { NeckGrip, OutlinedGrip, PlainNeck } from "@/ui/neck";
import { type GripLook } from "@/ui/playing";
import { spokenNotes } from "@/ui/text";
import { type ComparedRoute } from "@/features/song/state";

interface PairOnNeckProps {
  readonly neck: Neck;
  readonly look: GripLook;
  readonly pair: readonly [ComparedRoute, ComparedRoute];
  /** Index of the stop shown, in both routes. */
  readonly step: number;
}

/** The same chord in two routes: one grip in full, the other as outlines. */
export function PairOnNeck({ neck, look, pair, step }: PairOnNeckProps) {
  const { accidentals } = useRig().profile;
  const { spacing } = useView().view;
  const [one, other] = pair.map(({ route }) => route.timed.stops[step]?.fingering);
  const chord = pair[0].arrangement.chords[pair[0].route.played[step] ?? -1];
  if (!one || !other || !chord) return null;
  const root = rootOfGrip(chord, neck, one.fretting);
  const isSame = one.fretting.join() === other.fretting.join();
  return (
    <PlainNeck
      neck={neck}
      {...look}
      spacing={spacing}
      accidentals={accidentals}
      inSight={one.fretting}
      label={spokenNotes(
        isSame ? `${chord.name}, the same grip in both` : `${chord.name} in both routes`,
      )}
      marks={(scale) => (
        <>
          <NeckGrip
            scale={scale}
            openMidi={neck.midi}
            grip={{
              fingering: one,
              tones: tonesOverRoot(neck, one.fretting, pitchClassOf(root)),
            }}
            root={root}
            labels="finger"
            sizeAt={scale.gripSize}
          />
          {!isSame && <OutlinedGrip scale={scale} fingering={other} />}
        </>
      )}
    />
  );
}
