import { type ChordParts } from "@/core/chart";
import { noteText, pitchClass, pitchClassOf } from "@/core/pitch";

/** Degrees over the octave are called as they are there, where a chord adds them. */
const ADDED: Readonly<Record<number, string>> = {
  13: "b9",
  14: "9",
  15: "#9",
  17: "11",
  21: "13",
};
const WITHIN = ["R", "b2", "2", "b3", "3", "4", "b5", "5", "#5", "6", "b7", "7"];
const [FLAT_FIFTH, FIFTH, SHARP_FIFTH] = [6, 7, 8];
const DIMINISHED_SEVENTH = 9;

/** The five that a chord becomes, with its bass as typed, and what that five lacks of it. */
export function reduceToFive({ root, quality, bass }: ChordParts): {
  readonly reducedTo: string;
  readonly leftOut: readonly string[];
} {
  const { semitones } = quality;
  const fifth = fifthOf(semitones);
  const kind = fifth === FLAT_FIFTH ? "5(b5)" : fifth === SHARP_FIFTH ? "5(#5)" : "5";
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
    reducedTo: `${noteText(root)}${kind}${bass ? `/${noteText(bass)}` : ""}`,
    leftOut: bass && !isPlayed ? [...lacking, `/${noteText(bass)}`] : lacking,
  };
}

function fifthOf(semitones: readonly number[]): number {
  if (semitones.includes(FIFTH)) return FIFTH;
  return semitones.find((tone) => tone === FLAT_FIFTH || tone === SHARP_FIFTH) ?? FIFTH;
}
