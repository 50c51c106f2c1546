import { fifthOf, powerChordSuffix, type ChordParts } from "@/core/chart";
import { noteText, pitchClass, pitchClassOf } from "@/core/pitch";

/** Degrees over the octave are called as they are there, where a chord adds them. */
const ADDED: Readonly<Record<number, string>> = {
  13: "b9",
  14: "9",
  15: "#9",
  17: "11",
  18: "#11",
  20: "b13",
  21: "13",
};
const WITHIN = ["R", "b2", "2", "b3", "3", "4", "b5", "5", "#5", "6", "b7", "7"];
const FLAT_FIFTH = 6;
const DIMINISHED_SEVENTH = 9;

/** The power chord that a chord becomes, with its bass as typed, and what that power chord lacks of it. */
export function reduceToPowerChord({ root, quality, bass }: ChordParts): {
  readonly reducedTo: string;
  readonly leftOut: readonly string[];
} {
  const { semitones } = quality;
  const fifth = fifthOf(semitones);
  const over = bass && pitchClass(pitchClassOf(bass) - pitchClassOf(root));
  const isDiminished = fifth === FLAT_FIFTH && semitones.includes(3);
  const lacking = semitones
    .filter((tone) => tone !== 0 && tone !== fifth)
    .map((tone) =>
      isDiminished && tone === DIMINISHED_SEVENTH ? "bb7" : (ADDED[tone] ?? WITHIN[tone] ?? ""),
    );
  // The fifth may lie below the root; any other bass is not played.
  const isPlayed = over === null || over === 0 || over === fifth;
  return {
    reducedTo: `${noteText(root)}${powerChordSuffix(semitones)}${bass ? `/${noteText(bass)}` : ""}`,
    leftOut: bass && !isPlayed ? [...lacking, `/${noteText(bass)}`] : lacking,
  };
}
