import { useMemo } from "react";
import { playTone } from "@/audio";
import { frequencyHz, type Midi } from "@/core/pitch";
import { findDegrees } from "@/core/stack";
import { useInstrument, useRig, useView } from "@/session";
import { neckOf } from "@/state";
import { useNames } from "@/ui/names";
import { NeckMarks, PlainNeck } from "@/ui/neck";
import { STEPPER_WIDTH, StringSteppers } from "./StringSteppers";

interface TuningNeckProps {
  readonly midi: readonly Midi[];
  readonly onChange: (midi: readonly Midi[]) => void;
}

const TONE_S = 2;

/** A tuning made by hand on the neck itself, with the current chord mapped in it. */
export function TuningNeck({ midi, onChange }: TuningNeckProps) {
  const { guitar, root } = useInstrument();
  const { view } = useView();
  const { profile } = useRig();
  const { shownRoot } = useNames();
  const neck = useMemo(() => neckOf(guitar, midi), [guitar, midi]);
  const positions = useMemo(() => findDegrees(neck, root, view.stack), [neck, root, view.stack]);
  return (
    <PlainNeck
      neck={neck}
      leftHanded={guitar.leftHanded}
      accidentals={profile.accidentals}
      label="Neck in this tuning; a mark sounds when pressed"
      labelWidth={STEPPER_WIDTH}
      marks={(scale) => (
        <NeckMarks
          scale={scale}
          root={shownRoot}
          positions={positions}
          strings={midi.length}
          labels="note"
          faint={false}
          onChoose={(position) => void playTone(frequencyHz(position.midi, profile.a4Hz), TONE_S)}
        />
      )}
      beside={(scale) => <StringSteppers midi={midi} scale={scale} onChange={onChange} />}
    />
  );
}
