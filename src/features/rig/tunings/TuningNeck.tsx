import { useMemo } from "react";
import { playTone } from "@/audio";
import { frequencyHz, pitchClass, pitchClassOf, type Midi } from "@/core/pitch";
import { findDegrees, rootOfTuning } from "@/core/voicing";
import { useInstrument, useRig } from "@/session";
import { neckOf } from "@/state";
import { NeckMarks, PlainNeck } from "@/ui/neck";
import { STEPPER_WIDTH, StringSteppers } from "./StringSteppers";

interface TuningNeckProps {
  readonly midi: readonly Midi[];
  readonly onChange: (midi: readonly Midi[]) => void;
}

const TONE_S = 2;

/** In semitones over the root. */
const ROOT_AND_FIFTH = [0, 7];

/** A tuning made by hand on the neck itself: the degrees of its open strings, and its root and fifth over the neck. */
export function TuningNeck({ midi, onChange }: TuningNeckProps) {
  const { guitar } = useInstrument();
  const { profile } = useRig();
  const neck = useMemo(() => neckOf(guitar, midi), [guitar, midi]);
  const root = useMemo(
    () => rootOfTuning(neck.midi, profile.accidentals),
    [neck, profile.accidentals],
  );
  const positions = useMemo(() => {
    const open = neck.midi.map((pitch) => pitchClass(pitch - pitchClassOf(root)));
    return findDegrees(neck, root, [...new Set([...ROOT_AND_FIFTH, ...open])]).filter(
      ({ fret, degree }) => fret === 0 || ROOT_AND_FIFTH.includes(degree),
    );
  }, [neck, root]);
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
          root={root}
          positions={positions}
          strings={midi.length}
          labels="degree"
          faint={false}
          onChoose={(position) => void playTone(frequencyHz(position.midi, profile.a4Hz), TONE_S)}
        />
      )}
      beside={(scale) => <StringSteppers midi={midi} scale={scale} onChange={onChange} />}
    />
  );
}
