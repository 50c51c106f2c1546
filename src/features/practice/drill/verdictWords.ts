import { type Question } from "@/core/drill";
import { type Midi } from "@/core/pitch";
import { type Verdict } from "./useQuestionRound";

/** "Right, in 1.4 s." */
export function verdictText({ result, tookMs, cents }: Verdict): string {
  if (cents !== null) return centsText(cents);
  const seconds = `${(tookMs / 1000).toFixed(1)} s`;
  if (result === "clean") return `Right, in ${seconds}.`;
  return result === "rough" ? `Right, but it took ${seconds}.` : "Not this time.";
}

/** The right answer in words: shown after every answer. */
export function rightAnswerText(
  { expected }: Question,
  note: (midi: Midi) => string,
  isMissed: boolean,
): string {
  switch (expected.kind) {
    case "note":
      return `It is ${note(expected.pitchClass)}.`;
    case "choice":
      return `It is: ${expected.options[expected.right] ?? ""}.`;
    case "places":
      return `There are ${expected.places.length}${isMissed ? "; the outlines were left" : ""}.`;
    case "grip":
      return `It has ${expected.notes.map(note).join(" and ")}, ${note(expected.lowest)} lowest.`;
    case "press":
      return isMissed ? "Press straight down, close behind the fret." : "";
  }
}

/** Further off than this it is another note, in cents. */
const OTHER_NOTE_CENTS = 70;

/** "12 cents sharp: it is pulled aside, or pressed too hard." */
function centsText(cents: number): string {
  const off = Math.round(Math.abs(cents));
  if (off > OTHER_NOTE_CENTS) return "That is another note.";
  if (off <= 1) return "In tune.";
  return cents > 0
    ? `${off} cents sharp: pulled aside, or pressed too hard.`
    : `${off} cents flat: is the string in tune?`;
}
