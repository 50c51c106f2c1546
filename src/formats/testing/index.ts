export { withGripsOf } from "./gripped";
export { madeScore, noteLines } from "./madeScore";
export { chordsByBar, notesAsPlayed, problemsOf, scoreOf, why } from "./readings";
