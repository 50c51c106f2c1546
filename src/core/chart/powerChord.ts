import { noteText, pitchClass, pitchClassOf } from "@/core/pitch";
import { type Voicing } from "@/core/voicing";
import { type Chord } from "./chord";
import { type ChordParts } from "./parts";

const [FLAT_FIFTH, FIFTH, SHARP_FIFTH] = [6, 7, 8];
const OCTAVE = 12;

/** The power chord of a chord: its own fifth, flat in a diminished and sharp in an augmented one. */
export function fifthOf(semitones: readonly number[]): number {
  if (semitones.includes(FIFTH)) return FIFTH;
  return semitones.find((tone) => tone === FLAT_FIFTH || tone === SHARP_FIFTH) ?? FIFTH;
}

/** "5", or "5(b5)" and "5(#5)" where the fifth is flat or sharp. */
export function powerChordSuffix(semitones: readonly number[]): string {
  const fifth = fifthOf(semitones);
  return fifth === FLAT_FIFTH ? "5(b5)" : fifth === SHARP_FIFTH ? "5(#5)" : "5";
}

/**
 * A chord as its power chord: `fiveStack` with the chord's own fifth. A fifth in the bass is played as fifth and root; any
 * other bass is not played.
 */
export function powerChordOf(
  { root, quality, bass }: ChordParts,
  powerChordVoicing: Voicing,
): Chord {
  const fifth = fifthOf(quality.semitones);
  const over = bass && pitchClass(pitchClassOf(bass) - pitchClassOf(root));
  const isFifthBelow = over === fifth;
  const voicing = isFifthBelow
    ? [fifth - OCTAVE, 0]
    : powerChordVoicing.map((tone) => (pitchClass(tone) === FIFTH ? tone + fifth - FIFTH : tone));
  const name = `${noteText(root)}${powerChordSuffix(quality.semitones)}`;
  return {
    name: isFifthBelow && bass ? `${name}/${noteText(bass)}` : name,
    root,
    tones: { kind: "voicing", voicing },
  };
}
