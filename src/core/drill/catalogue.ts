import { type QuestionDrill, type Drill } from "./drill";
import { type DrillRig } from "./grips";
import { moveDrills } from "./moves";
import { soundDrills } from "./sounds";

/** Drills that are asked question by question, in the order in which they are learnt. */
export const QUESTION_DRILLS: readonly QuestionDrill[] = [
  asked("know:name", "name", "Name the note", "A place lights up: say which note it is."),
  asked("know:half-steps", "half steps", "Half steps", "From a note to the one beside it."),
  asked("know:places", "places", "Every place of a note", "Find all of them; none may be missing."),
  asked("know:grip", "grip", "From name to grip", "A name: put the grip on the neck."),
  asked("know:chord", "chord", "From grip to name", "A grip: say what it is."),
  asked("hear:which", "which voicing", "Which voicing is it?", "Listen; then say what you heard."),
  asked("hear:higher", "higher", "Higher or lower", "Two places, one after the other."),
  asked("hear:touch", "touch", "Ringing, muted or choked", "Listen to the picking hand."),
  asked(
    "sound:press",
    "press",
    "Press straight",
    "The tuner hears how far a pressed note is pulled.",
  ),
];

function asked(key: string, what: QuestionDrill["what"], name: string, say: string): QuestionDrill {
  const kind = key.slice(0, key.indexOf(":")) as QuestionDrill["kind"];
  return { how: "asked", key, kind, what, name, say };
}

/**
 * All drills of a neck, apart from those of songs.
 *
 * @param usedRoots pitch classes that the player's songs play
 */
export function drillsOf(rig: DrillRig, usedRoots: ReadonlySet<number>): readonly Drill[] {
  return [...QUESTION_DRILLS, ...moveDrills(rig, usedRoots), ...soundDrills(rig)];
}
